/** Why it ends so, and what to tell a class. */
import { atWorst, joules, kilopascals, metres, metresPerSecond, percent } from '../../../demonstration'
import { OPEN_QUESTION } from '../planned-only'
import type { BottleLine } from './simulate'

export const why: BottleLine['why'] = (values, s) => [
  `The hole lets out while it burns: ${kilopascals(s.results.peakPressureDifference)} over the room ` +
    `at most, ${percent(s.results.ratingShare)} of the stated limit. The jet gives the bottle ` +
    `${metresPerSecond(s.results.topSpeed)}.`,
  `A smaller hole than ${(values.numbers.ventDiameter * 1e3).toFixed(0)} mm is more dangerous: the ` +
    'pressure has nowhere to go.',
  OPEN_QUESTION,
]

export const advice: NonNullable<BottleLine['advice']> = (_values, s, risk) => [
  {
    text:
      s.results.arrivalEnergy === undefined
        ? 'Shorter line, or it stops under way.'
        : `It arrives with at most ${joules(atWorst(risk, 'arrivalEnergy'))} in 99 of 100: pad the stop, ` +
          `and nobody within ${metres(2)} of it.`,
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
    text: `Hot gas leaves backwards, the bottle goes forwards: ${metresPerSecond(s.results.topSpeed)} at most.`,
  },
  {
    from: 14,
    text:
      'Momentum: what the gas carries off backwards, the bottle has forwards. ' +
      `${kilopascals(s.results.peakPressureDifference)} behind a small hole are enough.`,
  },
  {
    from: 16,
    text:
      'Burning rate against outflow through the hole sets the pressure: p̂ ≈ Δp_closed/(1 + ' +
      't_burn/t_vent). Thrust 2 C A Δp, a little less as the jet chokes. Water vapour is among the ' +
      'products: look for the dew.',
  },
]
