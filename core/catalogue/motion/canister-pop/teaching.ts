/** Why it ends so, and what to tell a class. */
import { atWorst } from '../../../demonstration'
import { OPEN_QUESTION } from '../planned-only'
import type { CanisterPop } from './simulate'
import { asEnergy, asForce, asLength, asPressure, asSpeed, say } from '../../../sentence'

export const why: CanisterPop['why'] = (values, s) => [
  say`At ${asPressure(values.numbers.releaseGauge)} over the room the gas pushes on the lid with
    ${asForce(s.details.area * values.numbers.releaseGauge)}. It leaves at ${asSpeed(s.results.launchSpeed ?? 0)}
    with ${asEnergy(s.results.lidEnergy)}, and could land ${asLength(s.results.reach ?? 0)} away.`,
  OPEN_QUESTION,
]

export const advice: NonNullable<CanisterPop['advice']> = (_values, _s, risk) => [
  {
    text: say`Keep at least ${asLength(atWorst(risk, 'clearNeeded'), { toward: 'above' })} (99 of 100 land within) clear
      all round, and more where you can: one mixture burns faster than the next.`,
  },
  {
    text:
      'Places: presenter at arm’s length beside it, never over it; helper with blanket and extinguisher ' +
      'two steps behind; somebody at the door; everybody else beyond the line.',
  },
]

export const explanation: CanisterPop['explanation'] = (values, s) => [
  {
    from: 7,
    text:
      'A tiny flame makes the air in the can very hot, all at once. Hot air wants more room and pushes ' +
      'the lid away.',
  },
  {
    from: 11,
    text: say`The lid holds until the inside pushes ${asPressure(values.numbers.releaseGauge)} harder than the
      room. Then everything goes at once: that is the bang.`,
  },
  {
    from: 14,
    text: say`Chemical energy becomes heat, pressure, motion (${asEnergy(s.results.lidEnergy)} in the lid) and
      sound (${Math.round(s.results.levelFirstRow)} dB at the first row).`,
  },
  {
    from: 16,
    text:
      'The lid lets go at a pressure well under what a closed vessel would reach (7 to 8 times). While ' +
      'it slides off its rim the gas expands, V dp = −γ p dV, and goes on burning; afterwards the jet ' +
      'under it pushes for about a quarter of its width. A tighter lid is more dangerous, not just ' +
      'louder.',
  },
]
