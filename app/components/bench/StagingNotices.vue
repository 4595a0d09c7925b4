<script setup lang="ts">
/** What stands between a staging and its being saved: failures, another window's changes, what does not go together. */
import type { StagingEditor } from '~/composables/useStagingEditor'

const props = defineProps<{ editor: StagingEditor }>()
defineEmits<{ copy: [] }>()
const units = useUnitsStore()
const { failure, stored, leftBehind, conflict, misfits, faults, unsettled, held, faultLines } = props.editor
</script>

<template>
  <p v-if="failure" class="fault border border-(--danger) rounded-md p-2 mb-2" role="alert">
    {{ failure }}
    <UButton variant="link" v-if="!stored" @click="editor.load()">
      {{ $t('Try again') }}
    </UButton>
  </p>
  <div v-if="held && unsettled.size" class="fault border border-(--danger) rounded-md p-2 mb-2" role="alert">
    <p>{{ $t('Not saved yet. What you typed is refused, and the number before it is still in force:') }}</p>
    <ul>
      <li v-for="[input, why] in unsettled" :key="input">{{ why }}</li>
    </ul>
  </div>
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
    <UButton @click="editor.takeLeftBehind()"> {{ $t('Take them') }}</UButton
    ><UButton @click="editor.leaveLeftBehind()">
      {{ $t('Throw them away') }}
    </UButton>
  </div>
  <div v-if="conflict" class="border-2 border-(--danger) rounded-md p-3 mb-2" role="alert">
    <p>
      <b>{{ $t('This staging was saved elsewhere since you opened it') }}</b>
      {{ $t('(now version {version}). Yours is kept here until you decide.', { version: conflict.version }) }}
    </p>
    <div class="flex flex-wrap gap-2 mt-2">
      <UButton @click="$emit('copy')">
        {{ $t('Keep mine as a copy') }}
      </UButton>
      <UButton @click="editor.takeStored()">
        {{ $t('Take the saved one') }}
      </UButton>
      <UButton @click="editor.save(true)">
        {{ $t('Save mine as the next version') }}
      </UButton>
    </div>
  </div>
  <div v-if="misfits.length" class="fault border border-(--danger) rounded-md p-2 mb-2" role="alert">
    <p>
      {{ $t('With the room as it is now this staging does not go together; the numbers below are from before:') }}
    </p>
    <ul>
      <li v-for="line in faultLines(misfits)" :key="line">{{ line }}</li>
    </ul>
  </div>
  <ul v-if="faults.length" class="fault mb-2" role="alert">
    <li v-for="line in faultLines(faults)" :key="line">{{ line }}</li>
  </ul>
</template>
