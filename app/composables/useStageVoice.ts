import { useLocalStorage } from '@vueuse/core'
import { useI18n } from 'petite-vue-i18n'

/** Words and a tone for whoever has no hand or eye free; on only where it was asked for, on this device. */
export function useStageVoice() {
  const { locale } = useI18n()
  const on = useLocalStorage('hush-sounds', false)
  function say(text: string) {
    if (!on.value || !('speechSynthesis' in window) || !text) return
    speechSynthesis.cancel()
    const spoken = new SpeechSynthesisUtterance(text)
    spoken.lang = locale.value
    speechSynthesis.speak(spoken)
  }
  function beep() {
    if (!on.value) return
    const audio = new AudioContext()
    const tone = audio.createOscillator()
    tone.frequency.value = 880
    tone.connect(audio.destination)
    tone.start()
    tone.stop(audio.currentTime + 0.25)
    tone.onended = () => {
      void audio.close()
    }
  }
  onScopeDispose(() => {
    if ('speechSynthesis' in window) speechSynthesis.cancel()
  })
  return { on, say, beep }
}
