<script setup lang="ts">
/** A record's way out of the list and out of sight; each can be taken back. */
import type { Kept } from '~~/core'
import type { Shown } from '~/composables/usePutAway'
const props = defineProps<{
  kind: Kept
  record: Shown
  /** reads the list anew; not an event, since it is taken back when the row of these buttons is long gone */
  refresh: () => unknown
}>()
const { put } = usePutAway(props.kind, () => props.refresh())
</script>

<template>
  <span class="flex items-center gap-1 no-print">
    <UButton
      variant="ghost"
      class="p-1.5"
      :icon="record.archived ? 'i-lucide-archive-restore' : 'i-lucide-archive'"
      :aria-label="
        record.archived
          ? $t('Take out of the archive: {title}', { title: record.title })
          : $t('Archive: {title}', { title: record.title })
      "
      :title="record.archived ? $t('back into the list') : $t('archive')"
      @click="put(record, record.archived ? null : 'archived')"
    />
    <UButton
      variant="ghost"
      class="p-1.5"
      icon="i-lucide-trash-2"
      :aria-label="$t('Delete: {title}', { title: record.title })"
      :title="$t('delete')"
      @click="put(record, 'deleted')"
    />
  </span>
</template>
