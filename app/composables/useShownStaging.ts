import type { Shown } from '~/workers/forecast-messages'
import { adviceOf, cautionsOf, failuresOf, type ReadStaging, type Risk, type Traced } from '~~/core'

/** With each share of the draws it is worked out anew, and mostly is the same: then nothing is drawn anew. */
const steady = <T>(work: () => T) =>
  computed<T>(before => {
    const now = work()
    return before !== undefined && JSON.stringify(before) === JSON.stringify(now) ? before : now
  })

/**
 * The staging that is drawn and explained: one that ends as the likeliest, which is what is stated or the draw nearest
 * to it that does; and what is said of it. Advice and what to do after a failure are of the plan as it is stated.
 */
export function useShownStaging(
  stated: { read: Ref<ReadStaging | undefined>; asStated: Ref<Traced | undefined> },
  representative: Ref<Shown | undefined>,
  risk: Ref<Risk | undefined>,
  complete: Ref<boolean>,
) {
  const { read, asStated } = stated
  const shownValues = computed(
    () =>
      read.value && {
        choices: read.value.values.choices,
        numbers: representative.value?.numbers ?? read.value.values.numbers,
      },
  )
  const simulation = computed(() => representative.value?.run ?? asStated.value)
  const ledger = computed(() => simulation.value && read.value!.demonstration.ledger(simulation.value))
  const why = computed(() =>
    simulation.value ? read.value!.demonstration.why(shownValues.value!, simulation.value) : [],
  )
  const advice = computed(() => {
    if (!simulation.value) return []
    const { demonstration, values } = read.value!
    return adviceOf(demonstration, values, asStated.value!, complete.value ? risk.value : undefined)
  })
  /** Worked out once for a plan, not for every moment that the scrubber shows. */
  const judgement = computed(() => {
    if (!simulation.value) return undefined
    const { demonstration, values } = read.value!
    return {
      ready: demonstration.ready?.(values, asStated.value!),
      sizes: demonstration.sizes(shownValues.value!, simulation.value),
    }
  })
  const failures = steady(() => {
    if (!simulation.value) return []
    const { demonstration, values } = read.value!
    return failuresOf(demonstration, values, asStated.value!, risk.value)
  })
  const cautions = steady(() => {
    if (!read.value || !asStated.value) return []
    const { demonstration, values } = read.value
    return cautionsOf(demonstration, values, asStated.value, risk.value)
  })
  return { shownValues, simulation, ledger, why, advice, judgement, failures, cautions }
}
