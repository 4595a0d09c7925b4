<script setup lang="ts">
/** A sound file, or the microphone for as long as one wants; found in it, the hush. */
import type { Hearing } from '~/composables/useHearing'
import { decodeSound } from '~/sound/decode'
import { openMicrophone, KEPT_SECONDS, type Microphone } from '~/sound/microphone'

const props = defineProps<{ hearing: Hearing }>()
const failure = ref('')
const microphone = shallowRef<Microphone>()
let began = 0
onScopeDispose(() => void microphone.value?.stop())
async function attempt(what: () => Promise<void>) {
  failure.value = ''
  try {
    await what()
  } catch (error) {
    failure.value = error instanceof Error ? error.message : String(error)
  }
}
const open = (file: File) => attempt(async () => props.hearing.look(await decodeSound(file)))
const record = () =>
  attempt(async () => {
    microphone.value = await openMicrophone(Date.now)
    began = Date.now()
  })
const finish = () =>
  attempt(async () => {
    const sound = microphone.value!.heard(Math.max(began, Date.now() - KEPT_SECONDS * 1000), Date.now())
    await microphone.value!.stop()
    microphone.value = undefined
    props.hearing.look(sound)
  })
</script>

<template>
  <div class="grid gap-2">
    <div class="flex flex-wrap gap-3 items-center">
      <FileButton label="A sound file of the run" accept="audio/*,.wav,.mp3,.ogg,.m4a,.webm" outline @file="open"
        >A sound file…</FileButton
      >
      <UButton v-if="!microphone" icon="i-lucide-mic" @click="record">Listen now</UButton>
      <UButton v-else variant="solid" icon="i-lucide-square" @click="finish">That was it</UButton>
      <span class="soft" role="status">{{
        microphone
          ? 'Listening…'
          : hearing.listening.value
            ? 'Looking for what begins…'
            : 'It stays on this device; only the times go into the run.'
      }}</span>
    </div>
    <p v-if="failure || hearing.failure.value" class="fault" role="alert">{{ failure || hearing.failure.value }}</p>
    <SoundWave v-if="hearing.sound.value" :hearing="hearing" />
  </div>
</template>
