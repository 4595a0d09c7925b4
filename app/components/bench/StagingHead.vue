<script setup lang="ts">
/** Title of a staging and what can be done with the whole of it. */
import type { StagingEditor } from '~/composables/useStagingEditor'

const props = defineProps<{ editor: StagingEditor; id: string }>()
defineEmits<{ log: [] }>()
const { draft, dirty, begun, saving, stored, steps } = props.editor
const { canUndo, canRedo } = steps
const who = useWhoStore()
useUndoKeys(steps)
</script>

<template>
  <div class="flex items-baseline gap-3 mb-1">
    <h1 class="flex-1 text-2xl">
      <label class="sr-only" for="title">{{ $t('Title of the staging') }}</label>
      <UInput
        id="title"
        variant="none"
        :ui="{ base: 'heading-field' }"
        maxlength="200"
        :model-value="draft?.title"
        :placeholder="$t('Untitled')"
        @update:model-value="
          title =>
            editor.change(d => {
              d.title = String(title)
            })
        "
      />
    </h1>
  </div>
  <div class="flex flex-wrap items-center gap-2 text-sm mb-2">
    <UButton variant="solid" :disabled="(!dirty && !begun) || saving" @click="editor.save()">
      {{ $t('Save') }} <kbd aria-hidden="true" class="!bg-transparent !text-inherit">{{ $t('Ctrl S') }}</kbd>
    </UButton>
    <InTurn><UndoButtons :can-undo="canUndo" :can-redo="canRedo" @undo="steps.undo()" @redo="steps.redo()" /></InTurn>
    <UButton v-if="dirty" @click="editor.undoAll()">
      {{ $t('Undo all') }}
    </UButton>
    <InTurn>
      <UButton :to="`/live?staging=${id}`">
        {{ $t('Go live') }}
      </UButton>
    </InTurn>
    <InTurn>
      <UButton :to="`/practice?staging=${id}`">{{ $t('Practise it') }}</UButton>
      <UButton @click="$emit('log')">{{ $t('Log a run') }} <kbd aria-hidden="true">l</kbd></UButton>
    </InTurn>
    <span class="soft" role="status" data-testid="save-state">{{
      saving
        ? $t('Saving…')
        : dirty
          ? $t('Unsaved changes, kept on this device')
          : begun
            ? $t('Only begun: in your lists once you change or save it')
            : $t('Saved, version {version}', { version: stored!.version }) +
              (who.nameOf(stored!.by) ? `, ${who.nameOf(stored!.by)}` : '')
    }}</span>
  </div>
</template>
