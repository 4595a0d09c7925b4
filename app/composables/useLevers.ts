import { useTimeoutFn } from '@vueuse/core'
import { workersAtMost } from '~/workers/pool'
import { DEFAULT_SEED, byEffect, type Lever, type StagingDocument, type AsStated, type Taught } from '~~/core'

/** ms after which levers that nobody looks at yet are tried all the same: seconds of work, for whoever stays */
const UNSEEN = 10_000

interface Work {
  document: StagingDocument
  taught: Taught | undefined
  /** of the inputs that have a change to try, the first that nobody has taken yet */ next: number
  /** how many those are, once one worker has told */ of: number
  found: Lever[]
  /** as one worker has found it, for all others */ asStated?: AsStated
}

/**
 * The levers of a staging, by all workers: each takes the next input as it has done with one.
 *
 * @param asked of what; undefined while there is nothing yet
 * @param whole whether its odds are whole: until then the worker that they are looked at from is theirs
 */
export function useLevers(asked: () => Pick<Work, 'document' | 'taught'> | undefined, whole: () => boolean) {
  const units = useUnitsStore()
  const levers = shallowRef<Lever[]>()
  /** why some of them, or all, can't be computed */
  const failure = ref('')
  /** true once somebody looks at them: they are worth seconds of work, which a page that is left at once is spared */
  const seen = ref(false)
  let work: Work | undefined

  function handOf(forVerdict: boolean) {
    const worker = useForecastWorker(answer => {
      hand.busy = false
      if (answer.kind === 'failed' && answer.again) {
        // Odds that are there are not in question: what computes could not be fetched, and may be later.
        drop()
        if (whole()) later.start()
        return
      }
      if (answer.kind === 'failed') failure.value = answer.message
      else if (answer.kind === 'levers' && work) {
        work.of = answer.of
        work.asStated ??= answer.asStated
        work.found.push(...answer.levers)
      }
      // Where nobody has told how many there are, it is the plan itself that fails: the next would do so, too.
      if (work && work.of < Infinity) take(hand)
      done()
    }, forVerdict)
    const hand = { ...worker, forVerdict, busy: false }
    return hand
  }
  type Hand = ReturnType<typeof handOf>
  const hands = Array.from({ length: workersAtMost() }, (_, i) => handOf(i === 0))

  function take(hand: Hand) {
    if (!work || hand.busy || work.next >= work.of) return
    const { document, taught, asStated } = work
    hand.busy = true
    hand.ask({ kind: 'levers', document, seed: DEFAULT_SEED, taught, units: units.system, nth: work.next++, asStated })
  }
  function done() {
    if (work && work.next >= work.of && !hands.some(({ busy }) => busy)) levers.value = work.found.sort(byEffect)
  }
  /** Has those workers try that are not needed for the odds. */
  function begin() {
    const of = asked()
    if (!of) return
    work ??= { ...of, next: 0, of: Infinity, found: [] }
    for (const hand of hands) if (whole() || !hand.forVerdict) take(hand)
    done()
  }
  const later = useTimeoutFn(begin, UNSEEN, { immediate: false })
  /** Has them tried, as soon as somebody looks at them. */
  function soon() {
    later.stop()
    if (seen.value) begin()
    else if (whole()) later.start()
  }
  /** What they are of has changed. */
  function drop() {
    later.stop()
    work = undefined
    levers.value = undefined
    failure.value = ''
    for (const hand of hands) {
      if (hand.busy) hand.idle('levers')
      hand.busy = false
    }
  }
  watch(seen, () => {
    if (later.isPending.value) soon()
  })
  // A step is round in the units shown.
  watch(
    () => units.system,
    () => {
      drop()
      if (whole()) soon()
    },
  )
  return { levers, leverFailure: failure, leversSeen: seen, soon, drop }
}
