<script setup lang="ts">
/** What stands between a staging and its being saved: failures, another window's changes, what does not go together. */
import type { StagingEditor } from '~/composables/useStagingEditor'

const props = defineProps<{ editor: StagingEditor }>()
defineEmits<{ copy: [] }>()
const units = useUnitsStore()
const { failure, stored, leftBehind, conflict, misfits, faults } = props.editor
</script>

<template>
  <p v-if="failure" class="fault border border-(--danger) rounded-md p-2 mb-2" role="alert">
    {{ failure }}
    <button v-if="!stored" class="plain-link" @click="editor.load()">
      {{ $t('Try again') }}
    </button>
  </p>
  <div
    v-if="leftBehind"
    class="border border-(--gap) rounded-md p-2 mb-2 flex flex-wrap gap-2 items-center"
    role="status"
  >
    {{
      $t('Another window left unsaved changes here ({when}).', {
        when: units.date(leftBehind.draft.at, { dateStyle: 'medium', timeStyle: 'short' }),
      })
    }}
    <button class="quiet-button" @click="editor.takeLeftBehind()">
      {{ $t('Take them') }}</button><button class="quiet-button" @click="editor.leaveLeftBehind()">
      {{ $t('Throw them away') }}
    </button>
  </div>
  <div v-if="conflict" class="border-2 border-(--danger) rounded-md p-3 mb-2" role="alert">
    <p>
      <b>{{ $t('This staging was saved elsewhere since you opened it') }}</b>
      {{ $t('(now version {version}). Yours is kept here until you decide.', { version: conflict.version }) }}
    </p>
    <div class="flex flex-wrap gap-2 mt-2">
      <button class="quiet-button" @click="$emit('copy')">
        {{ $t('Keep mine as a copy') }}
      </button>
      <button class="quiet-button" @click="editor.takeStored()">
        {{ $t('Take the saved one') }}
      </button>
      <button class="quiet-button" @click="editor.save(true)">
        {{ $t('Save mine as the next version') }}
      </button>
    </div>
  </div>
  <div v-if="misfits.length" class="fault border border-(--danger) rounded-md p-2 mb-2" role="alert">
    <p>
      {{ $t('With the room as it is now this staging does not go together; the numbers below are from before:') }}
    </p>
    <ul>
      <li v-for="f in misfits" :key="f.input">{{ f.input }}: {{ units.told(f.message) }}</li>
    </ul>
  </div>
  <ul v-if="faults.length" class="fault mb-2" role="alert">
    <li v-for="f in faults" :key="f.input">{{ f.input }}: {{ units.told(f.message) }}</li>
  </ul>
</template>
