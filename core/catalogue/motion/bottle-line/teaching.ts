/** Why it ends so, and what to tell a class. */
import { atWorst } from '../../../demonstration'
import { OPEN_QUESTION } from '../planned-only'
import type { BottleLine } from './simulate'
import { asEnergy, asLength, asPressure, asShare, asSpeed, say } from '../../../sentence'

export const why: BottleLine['why'] = (values, s) => [
  say`The hole lets out while it burns: ${asPressure(s.results.peakPressureDifference)} over the room at most,
    ${asShare(s.results.ratingShare)} of the stated limit. The jet gives the bottle
    ${asSpeed(s.results.topSpeed)}.`,
  say`A smaller hole than ${asLength(values.numbers.ventDiameter)} is more dangerous: the pressure has nowhere to
    go.`,
  OPEN_QUESTION,
]

export const advice: NonNullable<BottleLine['advice']> = (_values, s, risk) => [
  {
    text:
      s.results.arrivalEnergy === undefined
        ? 'Shorter line, or it stops under way.'
        : say`It arrives with at most ${asEnergy(atWorst(risk, 'arrivalEnergy'))} in 99 of 100: pad the stop, and
          nobody within ${asLength(2)} of it.`,
  },
  {
    text:
      'Places: presenter beside the start, never behind the cap nor in the line; helper with blanket ' +
      'and extinguisher at the far end, to the side; somebody at the door; everybody else beyond the ' +
      'barrier.',
  },
]

export const explanation: BottleLine['explanation'] = (_values, s) => [
  {
    from: 7,
    text:
      'The air in the bottle gets hot all at once and rushes out of the little hole. That pushes the ' +
      'bottle the other way.',
  },
  {
    from: 11,
    text: say`Hot gas leaves backwards, the bottle goes forwards: ${asSpeed(s.results.topSpeed)} at
    most.`,
  },
  {
    from: 14,
    text: say`Momentum: what the gas carries off backwards, the bottle has forwards.
      ${asPressure(s.results.peakPressureDifference)} behind a small hole are enough.`,
  },
  {
    from: 16,
    text:
      'Burning rate against outflow through the hole sets the pressure: p̂ ≈ Δp_closed/(1 + ' +
      't_burn/t_vent). Thrust 2 C A Δp, a little less as the jet chokes. Water vapour is among the ' +
      'products: look for the dew.',
  },
]
