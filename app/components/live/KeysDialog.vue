<script setup lang="ts">
/** The keys of Live; one key is one mark. */
import { markNames, MARK_KEYS } from './mark-keys'

const props = defineProps<{ /** what sealing is called here */ sealed: string }>()
const open = defineModel<boolean>('open', { required: true })
const rows = computed(() => [
  ...Object.entries(MARK_KEYS).map(([key, kind]) => [key, markNames(props.sealed)[kind]] as const),
  ['Enter', 'what the big button says'] as const,
  ['z', 'take the last mark back'] as const,
  ['[ ]', 'the act before, the next'] as const,
  ['1 to 4', 'choose the outcome'] as const,
  ['v', 'vote'] as const,
  ['r', 'readings'] as const,
  ['m', 'sound'] as const,
])
</script>

<template>
  <UModal v-model:open="open" :title="$t('Keys in Live')" :description="$t('One key is one mark.')">
    <template #body>
      <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-2">
        <template v-for="[key, what] in rows" :key="key">
          <dt>
            <kbd>{{ key }}</kbd>
          </dt>
          <dd>{{ $t(what) }}</dd>
        </template>
      </dl>
    </template>
  </UModal>
</template>
