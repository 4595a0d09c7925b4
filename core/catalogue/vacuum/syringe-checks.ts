import type { Has, Fault } from '../../demonstration'
import { asForce, asLength, asVolume, say } from '../../sentence'
/** Most that a hand is asked to hold, N; assumption. */
const MOST_HELD = 150

/** A mark that the barrel does not have. @param mark id of an input, m3 */
export const withinMarks = <N extends string>(
  { numbers: n }: Has<NoInfer<N> | 'barrelVolume'>,
  ...marks: readonly N[]
): Fault[] =>
  marks
    .filter(mark => n[mark] > n.barrelVolume)
    .map(mark => ({
      input: mark,
      message: say`given ${asVolume(n[mark], { digits: 4 })}; accepted: at most
        ${asVolume(n.barrelVolume, { digits: 4, toward: 'below' })}, its last mark`,
    }))

/** More than a hand holds. @param difference greatest between inside and outside that can come, Pa */
export function heldByHand({ numbers: n }: Has<'bore'>, difference: number): Fault[] {
  const force = (difference * Math.PI * n.bore * n.bore) / 4
  if (force <= MOST_HELD) return []
  const widest = Math.sqrt((4 * MOST_HELD) / (Math.PI * difference))
  return [
    {
      input: 'bore',
      message: say`given ${asLength(n.bore, { digits: 4 })}; accepted: at most ${asLength(widest, {
        digits: 4,
        toward: 'below',
      })},
        or the hand would have to hold ${asForce(force, { digits: 4 })} (more than
        ${asForce(MOST_HELD, { digits: 4, toward: 'above' })})`,
    },
  ]
}
