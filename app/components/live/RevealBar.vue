<script setup lang="ts">
/** Votes that nobody has been shown yet, each with its button: a phone has no key for it. */
import { changeRound } from '~/api/vote-round'
import { refusalOf } from '~/api/sending'

defineProps<{ showId: string; waiting: readonly { act: string; title: string }[] }>()
const emit = defineEmits<{ changed: [] }>()
const failure = ref('')
async function reveal(showId: string, act: string) {
  failure.value = ''
  try {
    await changeRound(showId, act, { do: 'reveal' })
    emit('changed')
  } catch (error) {
    failure.value = refusalOf(error).message
  }
}
</script>

<template>
  <div v-if="waiting.length" class="flex flex-wrap gap-2" data-testid="reveal-bar">
    <button v-for="w in waiting" :key="w.act" class="mark-key" @click="reveal(showId, w.act)">
      {{ $t('Reveal the vote: {title}', { title: w.title }) }}
    </button>
    <p v-if="failure" class="fault" role="alert">{{ failure }}</p>
  </div>
</template>
