import { until } from '@vueuse/core'
import type { LiveAct } from '~/composables/useLiveActs'
import type { Microphone } from '~/sound/microphone'
import {
  expectedHush,
  hushOf,
  keptOnsets,
  popOf,
  THUMB,
  type ActStory,
  type QuantityDocument,
  type RunDocument,
} from '~~/core'

export interface Heard {
  hush: QuantityDocument
  pop?: QuantityDocument
  document: NonNullable<RunDocument['heard']>
}
interface Sources {
  act: Readonly<Ref<LiveAct | undefined>>
  story: Readonly<Ref<ActStory>>
  /** ms since 1970, the clock of the marks */ now: () => number
}

/** ms before the mark that begins the hush and after the one that ends it in which the sounds may lie. */
const [BEFORE, AFTER] = [3000, 1500]
/** ms that logging waits for the ear. */
const PATIENCE = 6000
/** A mark is off by no more than this many times a thumb's uncertainty. */
const THUMBS = 3

/** Listens while a show runs, on this device only; once a hush is marked, finds its two ends in what was heard. */
export function useEar({ act, story, now }: Sources) {
  const microphone = shallowRef<Microphone>()
  const failure = ref('')
  /** the act of which something was heard */ const of = ref('')
  const expected = () => {
    const { sealed, gone } = story.value.times
    const spec = act.value && hushOf(act.value.read.demonstration)
    if (!spec || !act.value || sealed === undefined || gone === undefined) return undefined
    return expectedHush(act.value.simulation.results[spec.id], { length: (gone - sealed) / 1000, off: THUMBS * THUMB })
  }
  const hearing = useHearing(expected, () => {
    const spec = act.value && popOf(act.value.read.demonstration)
    return spec && expectedHush(act.value!.simulation.results[spec.id])
  })
  /** The wave is asked for by whoever listens: Live opens without it. */
  async function toggle() {
    failure.value = ''
    try {
      if (microphone.value) {
        await microphone.value.stop()
        microphone.value = undefined
      } else microphone.value = await (await import('~/sound/microphone')).openMicrophone(now)
    } catch (error) {
      failure.value = error instanceof Error ? error.message : String(error)
    }
  }
  let timer: ReturnType<typeof setTimeout> | undefined
  onScopeDispose(() => {
    clearTimeout(timer)
    void microphone.value?.stop()
  })
  watch(
    () => [act.value?.id, story.value.times.sealed, story.value.times.gone] as const,
    ([id, sealed, gone]) => {
      clearTimeout(timer)
      if (id === undefined || sealed === undefined || gone === undefined || !microphone.value) return
      // What comes after the bang is still on its way.
      timer = setTimeout(
        () => {
          if (!microphone.value) return
          hearing.look(microphone.value.heard(sealed - BEFORE, gone + AFTER))
          // After it has begun: whoever waits for this act waits for its end.
          of.value = id
        },
        Math.max(0, gone + AFTER + 300 - now()),
      )
    },
  )
  /** What was heard of an act; where the bang was just now, once it has been looked at. */
  async function heard(id: string): Promise<Heard | undefined> {
    if (microphone.value && act.value?.id === id && story.value.times.gone !== undefined)
      await until(() => of.value === id && !hearing.listening.value).toBe(true, { timeout: PATIENCE })
    const { sound, hush, pop, ends, settled, onsets } = hearing
    if (of.value !== id || !settled.value || !hush.value || !ends.value || !sound.value) return undefined
    return {
      hush: hush.value,
      ...(pop.value && { pop: pop.value }),
      document: keptOnsets(sound.value.from, onsets.value, ends.value.seal),
    }
  }
  return {
    on: computed(() => microphone.value !== undefined),
    toggle,
    failure: computed(() => failure.value || hearing.failure.value),
    of,
    hearing,
    heard,
  }
}
