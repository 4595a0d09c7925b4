/** What is done, in order, when it ends otherwise than wanted. */
import type { Sentence } from '../sentence'

/**
 * What an act does. Nobody goes near before the pressure is off; the rule is checked for every demonstration.
 * - `stand-back`, `wait`: nobody comes closer
 * - `heat-off`: burner, plate, pump or flame off
 * - `pressure-off`: inside and outside become even, from where that can be done
 * - `near`: somebody bends down, looks in, touches, empties
 * - `next`: what to change the next time
 */
export type FailureKind = 'stand-back' | 'wait' | 'heat-off' | 'pressure-off' | 'near' | 'next'
export interface FailureAct {
  kind: FailureKind
  text: Sentence
}

export const act = (kind: FailureKind, text: Sentence): FailureAct => ({ kind, text })
const of =
  (kind: FailureKind) =>
  (text: Sentence): FailureAct => ({ kind, text })
export const [standBack, wait, heatOff, pressureOff, near, next] = (
  ['stand-back', 'wait', 'heat-off', 'pressure-off', 'near', 'next'] as const
).map(of) as [
  (text: Sentence) => FailureAct,
  (text: Sentence) => FailureAct,
  (text: Sentence) => FailureAct,
  (text: Sentence) => FailureAct,
  (text: Sentence) => FailureAct,
  (text: Sentence) => FailureAct,
]

/** Glass has broken. */
export const BROKEN_GLASS: readonly FailureAct[] = [
  standBack('Stop. Everybody stays where they are, goggles on; nobody reaches into the bowl or over the bench.'),
  heatOff('Heater or pump off at the plug, from the side.'),
  pressureOff(
    'If a part of it still holds a vacuum, open the valve or lift the rest with tongs: air in, everybody back.',
  ),
  near(
    'One adult in closed shoes and cut-proof gloves picks up the large pieces with tongs, brushes up ' +
      'the rest and lets the water run through a sieve.',
  ),
  near('A cut: press a clean cloth on it, first aid. Glass in an eye: do not rub, cover it, doctor.'),
  next('The same kind of glass was at its limit: warmer water, a slower start, new glass.'),
]

/** A vacuum has broken or a balloon has burst in a jar. */
export const BURST: readonly FailureAct[] = [
  standBack('Stop; goggles stay on; everybody sits still.'),
  heatOff('Pump off.'),
  pressureOff('Let air in slowly through the valve, if anything is still pumped out.'),
  near('Pick up every piece of rubber: children put them into their mouths, and they block hose and valve.'),
  next('Less air in it at the start, or fresh rubber.'),
]
