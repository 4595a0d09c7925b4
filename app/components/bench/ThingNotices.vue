<script setup lang="ts">
/** What has become of things on the Shelf that the staging was made with, and what can be done about it. */
import { OPEN_STAGING } from '~/stagings/open-staging'
const { things, settle, useAnother, editor } = inject(OPEN_STAGING)!
const shelf = useShelfStore()
/** What became of the things is not known: silence would read as if all were well. */
const unknown = computed(() => !shelf.loaded && Object.keys(editor.draft.value?.things ?? {}).length > 0)
</script>

<template>
  <p v-if="unknown" class="border border-(--danger) rounded-md p-2 mb-2" role="alert">
    {{ $t('The Shelf can’t be read just now: whether its things may still be used for this is not known.') }}
    <UButton variant="link" @click="shelf.load()">{{ $t('Try again') }}</UButton>
  </p>
  <div
    v-for="thing in things"
    :key="thing.kind"
    class="border rounded-md p-2 mb-2"
    :class="thing.now === 'unfit' ? 'border-2 border-(--danger)' : 'border-(--gap)'"
    :role="thing.now === 'unfit' ? 'alert' : 'status'"
    data-testid="thing-notice"
  >
    <p v-if="thing.now === 'unfit'">
      <b>{{ $t('“{name}” is not to be used for this any more: so the Shelf says.', { name: thing.name }) }}</b>
      {{ $t('Nothing is forecast with it. Take another one from the Shelf, in the sentence.') }}
    </p>
    <p v-else-if="thing.now === 'retired'">
      {{ $t('“{name}” is not on the Shelf any more.', { name: thing.name }) }}
    </p>
    <p v-else>
      {{ $t('“{name}” has other numbers on the Shelf now than when it was taken.', { name: thing.name }) }}
    </p>
    <p class="flex flex-wrap gap-2 mt-2">
      <template v-if="thing.now === 'measured'">
        <UButton @click="settle(thing, 'new')">{{ $t('Take the new numbers') }}</UButton>
        <UButton @click="settle(thing, 'kept')">{{ $t('Keep those of this staging') }}</UButton>
      </template>
      <UButton v-else @click="useAnother(thing)">{{ $t('Another one is used here') }}</UButton>
    </p>
  </div>
</template>
