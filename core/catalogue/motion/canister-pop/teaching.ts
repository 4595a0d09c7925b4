/** Why it ends so, and what to tell a class. */
import { atWorst, ofEnd } from '../../../demonstration'
import { OPEN_QUESTION } from '../planned-only'
import type { CanisterPop } from './simulate'
import { asEnergy, asForce, asLength, asNumber, asPressure, asSpeed, say } from '../../../sentence'

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
    text: say`The vapour in the can is lit. The gas gets very hot, all at once. Hot gas wants more room.
      ${ofEnd(s, {
        clear: 'It pushes the lid away with a pop.',
        beyond:
          'It pushes the lid away with a pop, and the lid could fly as far as the people. So they must sit ' +
          'further back.',
        holds: 'But it does not push hard enough this time, and the lid stays on.',
      })}`,
  },
  {
    from: 11,
    text: say`The lid holds until the inside presses ${asPressure(values.numbers.releaseGauge)} harder than the room.
      ${
        s.outcome === 'holds'
          ? say`The hot, fast particles made ${asPressure(s.results.peakPressureDifference)} here.`
          : 'Then everything goes at once, and the air outside is hit by it: that is the bang.'
      }`,
  },
  {
    from: 14,
    text:
      s.outcome === 'holds'
        ? say`Chemical energy becomes heat, and heat becomes pressure. Net force on the lid is pressure difference times
            area: ${asForce(s.details.area * values.numbers.releaseGauge)} would free it.`
        : say`Chemical energy becomes heat, pressure, motion (${asEnergy(s.results.lidEnergy)} in the lid) and sound
        (about
            ${Math.round(s.results.levelFirstRow)} dB at the first row). Net force on the lid is pressure difference
            times
            area: ${asForce(s.details.area * values.numbers.releaseGauge)} when it goes.`,
  },
  {
    from: 16,
    text: say`A lid lets go at a pressure well under what a closed vessel would reach (7 to 8 times the room's).
      ${
        s.outcome === 'holds'
          ? ''
          : say`While it slides off its rim the gas expands, V dp = −γ p dV (V volume, p pressure, γ about
              ${asNumber(1.3, 2)}), and goes on burning; afterwards the jet under it pushes for about a quarter of its
              width: ${asSpeed(s.results.launchSpeed ?? 0)} in all. `
      }With A its area, ${asForce(s.details.area * values.numbers.releaseGauge)} is A times
      ${asPressure(values.numbers.releaseGauge)}. A tighter lid is more dangerous, not just louder. Assumed: one even
      mixture, and a lid that does not tilt.`,
  },
]
