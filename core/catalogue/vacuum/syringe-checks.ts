/** What does not go together in a syringe that is moved by hand with its nozzle shut. */
import { type Has, millilitres, millimetres, newtons } from '../../demonstration'

/** Most that a hand is asked to hold, N; assumption. */
export const MOST_HELD = 150

type InputFault = { input: string; message: string }

/** A mark that the barrel does not have. @param mark id of an input, m3 */
export const withinMarks = <N extends string>(
  { numbers: n }: Has<NoInfer<N> | 'barrelVolume'>,
  ...marks: readonly N[]
): InputFault[] =>
  marks
    .filter(mark => n[mark] > n.barrelVolume)
    .map(mark => ({
      input: mark,
      message: `given ${millilitres(n[mark])}; accepted: at most ${millilitres(n.barrelVolume)}, its last mark`,
    }))

/** More than a hand holds. @param difference greatest between inside and outside that can come, Pa */
export function heldByHand({ numbers: n }: Has<'bore'>, difference: number): InputFault[] {
  const force = (difference * Math.PI * n.bore * n.bore) / 4
  if (force <= MOST_HELD) return []
  const widest = Math.sqrt((4 * MOST_HELD) / (Math.PI * difference))
  return [
    {
      input: 'bore',
      message:
        `given ${millimetres(n.bore)}; accepted: at most ${millimetres(widest)}, or the hand would have to hold ` +
        `${newtons(force)} (more than ${newtons(MOST_HELD)})`,
    },
  ]
}
