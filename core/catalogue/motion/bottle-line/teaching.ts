/** Why it ends so, and what to tell a class. */
import { atWorst, ofEnd } from '../../../demonstration'
import { OPEN_QUESTION } from '../planned-only'
import type { BottleLine, BottleLineRun } from './simulate'
import { asEnergy, asLength, asPressure, asShare, asSpeed, say } from '../../../sentence'

/** Top speed at which nobody sees it move, m/s. */
const STANDS = 0.05
const stands = ({ results: r }: BottleLineRun): boolean => r.topSpeed < STANDS
/** Share of the line under which a shorter one is no help. */
const WORTH = 0.1

export const why: BottleLine['why'] = (values, s) => [
  say`The hole lets out while it burns: ${asPressure(s.results.peakPressureDifference)} over the room at most,
    ${asShare(s.results.ratingShare)} of the stated limit. ${
      stands(s)
        ? 'Friction on the line is stronger than such a jet: it does not start.'
        : say`The jet gives the bottle ${asSpeed(s.results.topSpeed)}.`
    }`,
  say`A smaller hole than ${asLength(values.numbers.ventDiameter)} is more dangerous: the pressure has nowhere to
    go.`,
  OPEN_QUESTION,
]

export const advice: NonNullable<BottleLine['advice']> = (values, s, risk) => [
  {
    text:
      s.results.arrivalEnergy === undefined
        ? s.results.runLength < WORTH * values.numbers.lineLength
          ? 'It hardly leaves its place: not worth lighting like this. A narrower hole is no remedy: it raises the ' +
            'pressure.'
          : 'Shorter line, or it stops under way.'
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
    text: say`The vapour in the bottle burns in a flash. The gas gets very hot and rushes out of the little hole. That
      pushes the bottle the other way. ${ofEnd(s, {
        arrives: 'It goes all the way along the line.',
        short: stands(s) ? 'But it pushes too little, and the bottle stays where it is.' : 'It stops before the end.',
        over: 'But this time the gas would push too hard. The bottle could burst, so we do not do it like this.',
      })}`,
  },
  {
    from: 11,
    text: say`Hot particles are fast and hit harder: the pressure rises by
    ${asPressure(s.results.peakPressureDifference)}.
      Gas is pushed out backwards, and it pushes the bottle forwards. ${
        s.outcome === 'over'
          ? 'That is more than this bottle is allowed.'
          : stands(s)
            ? 'Here friction is stronger.'
            : say`It gets to ${asSpeed(s.results.topSpeed)}.`
      }`,
  },
  {
    from: 14,
    text: say`Momentum is kept: what the gas carries off backwards, the bottle has forwards.
      ${asPressure(s.results.peakPressureDifference)} over the room behind a small hole
      ${
        s.outcome === 'over'
          ? 'are more than the wall may bear'
          : stands(s)
            ? 'are not enough to move it'
            : 'are enough for that'
      }: a smaller hole would give a
      higher pressure, not a better show.`,
  },
  {
    from: 16,
    text: say`How fast it burns against how fast the hole lets out sets the peak: p̂ ≈ Δp/(1 + tb/tv) (Δp of a closed
    bottle,
      tb the time it burns, tv the time the hole needs): ${asPressure(s.results.peakPressureDifference)} here,
      ${asShare(s.results.ratingShare)} of the stated limit. Thrust is 2 C A p̂ at most (A the hole's area, C its
      discharge coefficient), a little less as the jet chokes. Assumed: one even mixture; the next one burns
      differently. Water vapour is among what it makes: look for the dew.`,
  },
]
