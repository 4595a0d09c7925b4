<script setup lang="ts">
/** The keys of Live; one key is one mark. */
import { markNames, MARK_KEYS, OTHER_KEYS } from './mark-keys'

const props = defineProps<{ /** what sealing is called here */ sealed: string }>()
const open = defineModel<boolean>('open', { required: true })
const rows = computed(() => [
  ...Object.entries(MARK_KEYS).map(([key, kind]) => [key, markNames(props.sealed)[kind]] as const),
  ...OTHER_KEYS,
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
