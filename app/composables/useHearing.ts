import { firstPop, hushHeard, type HushHeard, type Onset, type QuantityDocument } from '~~/core'
import { secondsOf, type Sound } from '~/sound/sound'
import type { HearingAnswer, HearingRequest } from '~/workers/hearing-messages'

/** Where the hush lies, s into the sound. */
export interface Ends {
  seal: number
  gone: number
}
/** What was put by hand is as sure as a hand on the wave, s. */
const BY_HAND = 0.004
/** s in which nothing can be told. */
const SHORTEST = 0.05
/** Nearer to an onset than this it is the onset, s. */
const ON_IT = 0.0005

/**
 * The hush in a sound: found by what begins in it, put right by hand.
 * @param expected s that the hush can last
 * @param expectedPop s from its beginning in which the wall's first pop can come; none is looked for, if left out
 */
type Range = readonly [number, number] | undefined
export function useHearing(expected: () => Range, expectedPop: () => Range = () => undefined) {
  const sound = shallowRef<Sound>()
  const onsets = shallowRef<readonly Onset[]>([])
  const found = shallowRef<HushHeard>()
  const ends = ref<Ends>()
  /** put by hand, or sure of itself */
  const settled = ref(false)
  const failure = ref('')
  const listening = ref(false)
  let job = 0
  let worker: Worker | undefined
  onScopeDispose(() => worker?.terminate())

  function look(at: Sound) {
    job++
    sound.value = at
    onsets.value = []
    found.value = ends.value = undefined
    settled.value = false
    failure.value = ''
    if (secondsOf(at) < SHORTEST) {
      sound.value = undefined
      failure.value = 'Nothing was heard: the microphone brought no sound.'
      return
    }
    listening.value = true
    worker ??= new Worker(new URL('../workers/hearing.worker.ts', import.meta.url), { type: 'module' })
    worker.onmessage = ({ data }: MessageEvent<HearingAnswer>) => {
      if (data.job !== job) return
      onsets.value = data.onsets
      const heard = hushHeard(data.onsets, expected())
      if (heard) ends.value = { seal: data.onsets[heard.seal]!.time, gone: data.onsets[heard.gone]!.time }
      settled.value = heard?.sure ?? false
      found.value = heard
      // Last: whoever waits for it finds all of it.
      listening.value = false
    }
    worker.onerror = event => {
      event.preventDefault()
      worker = undefined
      listening.value = false
      failure.value = 'The part that listens could not be fetched; read the page again.'
    }
    const request: HearingRequest = { job, samples: at.samples, rate: at.rate }
    worker.postMessage(request)
  }
  const uncertaintyAt = (time: number) =>
    onsets.value.find(o => Math.abs(o.time - time) < ON_IT)?.uncertainty ?? BY_HAND
  /** between the two, with its standard uncertainty */
  const hush = computed<QuantityDocument | undefined>(() => {
    if (!ends.value || ends.value.gone <= ends.value.seal) return undefined
    const { seal, gone } = ends.value
    const spread = Math.hypot(uncertaintyAt(seal), uncertaintyAt(gone))
    return { value: +(gone - seal).toFixed(3), unit: 's', spread: { value: +spread.toFixed(4), unit: 's' } }
  })
  /** from what begins the hush to the first pop in it */
  const pop = computed<QuantityDocument | undefined>(() => {
    const first = ends.value && firstPop(onsets.value, ends.value, expectedPop())
    if (!first || !ends.value) return undefined
    const spread = Math.hypot(uncertaintyAt(ends.value.seal), first.uncertainty)
    return {
      value: +(first.time - ends.value.seal).toFixed(3),
      unit: 's',
      spread: { value: +spread.toFixed(4), unit: 's' },
    }
  })
  return { sound, onsets, found, ends, hush, pop, settled, failure, listening, look }
}
export type Hearing = ReturnType<typeof useHearing>
