<script setup lang="ts">
import { itsTurn } from '~/waking/turns'
import { suitedTo, type ListedDemonstration, type StoredItem } from '~~/core'

const props = defineProps<{ item: StoredItem; demonstrations: readonly ListedDemonstration[] }>()
const emit = defineEmits<{
  stage: [demonstration: string]
  edit: []
  copy: []
  retire: []
  photo: [file: File | null]
}>()
/** Of a hundred things those are read first and acted on after: their buttons come one thing after another. */
const ready = ref(false)
onMounted(async () => {
  await itsTurn()
  ready.value = true
})
const options = computed(() => (props.item.retired ? [] : suitedTo(props.item.document, props.demonstrations)))
const choices = computed(() => options.value.map(d => ({ value: d.id, label: d.name })))
</script>

<template>
  <p v-if="!ready" class="mt-1 min-h-12" aria-hidden="true" />
  <div v-else class="flex flex-wrap gap-x-3 gap-y-1 text-sm mt-1 items-center">
    <UButton variant="link" v-if="options.length === 1" @click="emit('stage', options[0]!.id)">
      {{ item.document.kind === 'vessel' ? 'Stage it' : 'Stage with it'
      }}<span class="sr-only"> {{ item.document.name }}</span>
    </UButton>
    <ChoiceField
      v-else-if="options.length"
      inline
      quiet
      :label="`Stage ${item.document.name} in`"
      :items="choices"
      :model-value="undefined"
      :placeholder="item.document.kind === 'vessel' ? 'Stage it…' : 'Stage with it…'"
      @update:model-value="(id?: string) => id && emit('stage', id)"
    />
    <UButton variant="link" @click="emit('edit')">
      Change<span class="sr-only"> {{ item.document.name }}</span>
    </UButton>
    <UButton variant="link" @click="emit('copy')">
      Duplicate<span class="sr-only"> {{ item.document.name }}</span>
    </UButton>
    <UButton variant="link" @click="emit('retire')">
      {{ item.retired ? 'Bring back' : 'Retire' }}<span class="sr-only"> {{ item.document.name }}</span>
    </UButton>
    <FileButton
      :label="`${item.photo ? 'New photo' : 'Add a photo'} of ${item.document.name}`"
      accept="image/jpeg,image/png,image/webp"
      @file="emit('photo', $event)"
      >{{ item.photo ? 'New photo' : 'Add a photo'
      }}<span class="sr-only"> of {{ item.document.name }}</span></FileButton
    >
    <UButton variant="link" v-if="item.photo" @click="emit('photo', null)">
      Remove photo<span class="sr-only"> of {{ item.document.name }}</span>
    </UButton>
  </div>
</template>
