import { WORTH_TELLING, findInput, type Investigation, type Lever, type ReadStaging } from '~~/core'
import { inHundred } from '~/components/logbook/in-hundred'

/** Odds that count as a change worth making after a failure. */
const NOTABLE = 0.05
/** Causes that are told with their remedy. */
const TOLD = 0.15
const MOST = { remedies: 3, levers: 4 }

/** What would raise the odds after a run: causes put right, and levers of the plan. */
export function useRemedies(
  read: Readonly<Ref<ReadStaging | undefined>>,
  found: Readonly<Ref<Investigation | undefined>>,
  levers: Readonly<Ref<readonly Lever[]>>,
  failed: Readonly<Ref<boolean>>,
) {
  const units = useUnitsStore()
  const remedies = computed(() =>
    (found.value?.causes ?? []).filter(c => c.remedy && c.share >= TOLD).slice(0, MOST.remedies),
  )
  /**
   * What was found to be off, put right: its odds before and after. Without a cause that stands out nothing is
   * promised of one.
   */
  const mends = computed(() =>
    !failed.value || !found.value?.canTell
      ? []
      : remedies.value
          .filter(c => c.mended >= c.again + NOTABLE)
          .map(c => ({ ...c, odds: `${inHundred(c.again)} → ${inHundred(c.mended)} of 100` })),
  )
  /** Where the cause is known, what belongs to it; a lever that moves a few in a hundred is no answer to a fault. */
  const onCause = computed(
    () =>
      new Set(mends.value.flatMap(c => read.value!.demonstration.suspects?.find(s => s.id === c.id)?.inputs ?? [c.id])),
  )
  /** Levers that raise the odds notably; each can become the next staging. */
  const helpful = computed(() =>
    levers.value
      .filter(
        l =>
          l.after >= l.before + (failed.value ? NOTABLE : WORTH_TELLING) ||
          (l.after >= l.before + WORTH_TELLING && onCause.value.has(l.input)),
      )
      .slice(0, MOST.levers)
      .map(lever => {
        const input = findInput(read.value!.demonstration, lever.input)!
        const words = (x: number | string) =>
          input.kind === 'choice'
            ? (input.choices.find(c => c.id === x)?.name ?? String(x))
            : units.format(x as number, input.units, input.quantity)
        return {
          ...lever,
          words: `${input.name}: ${words(lever.from)} → ${words(lever.to)}`,
          odds: `${inHundred(lever.before)} → ${inHundred(lever.after)} of 100`,
        }
      }),
  )

  return { remedies, mends, helpful }
}

export type Remedies = ReturnType<typeof useRemedies>
