/** Why it ends so, and what to tell a class. */
import { targetMissed } from '../../vacuum/target'
import { STRONGER_VACUUM, SUCTION } from '../../wrong-ideas'
import { atWorst, ofEnd, sideBySide } from '../../../demonstration'
import { soundSpeed } from '../../../mechanisms/ball-in-tube'
import type { VacuumCannonValues } from './inputs'
import { simulate, type VacuumCannon, type VacuumCannonRun } from './simulate'
import {
  asEnergy,
  asLength,
  asNumber,
  asPressure,
  asShare,
  asSpeed,
  asTime,
  say,
  type Sentence,
} from '../../../sentence'

/** Share of the speed of sound from which the air that runs after the ball is what holds it back. */
const THINS = 0.2
/** Share of the tube that a ball must fill for little air to run past it. */
const FITS = 0.9
/** Left ahead, Pa, from which it takes a good part of the push. */
const IN_THE_WAY = 2000

const filled = ({ numbers: n }: VacuumCannonValues): number =>
  (n.ballDiameter * n.ballDiameter) / (n.tubeDiameter * n.tubeDiameter)

/** What keeps it from going faster. */
function heldBack(values: VacuumCannonValues, { results: r }: VacuumCannonRun): Sentence[] {
  const lines: Sentence[] = []
  if (filled(values) < FITS)
    lines.push(
      say`The ball fills ${asShare(filled(values))} of the tube: air runs past it instead of pushing. One that just
        fits is much faster.`,
    )
  else if (r.muzzleSpeed > THINS * soundSpeed(values.numbers.airTemperature))
    lines.push(
      say`It can't get much faster, however long the tube: the air behind has to run after it and gets thin. The lumped
        estimate gives ${asSpeed(r.lumpedSpeed)}.`,
    )
  if (r.finalPressure > IN_THE_WAY)
    lines.push(say`What was left ahead (${asPressure(r.finalPressure)}) is squeezed together and pushes back.`)
  return lines
}

export const why: VacuumCannon['why'] = (values, s) => [
  s.outcome === 'stuck'
    ? say`The room pushes with ${asPressure(values.numbers.stationPressure)} on
        ${asLength(values.numbers.ballDiameter)}, and the ball stays in the tube.`
    : say`The room pushes with ${asPressure(values.numbers.stationPressure)} on
        ${asLength(values.numbers.ballDiameter)}: the ball leaves at ${asSpeed(s.results.muzzleSpeed)},
        ${asShare(s.results.muzzleSpeed / soundSpeed(values.numbers.airTemperature))} of the speed of sound, after
        ${asTime(s.results.hush ?? 0)}.`,
  ...heldBack(values, s),
]

export const advice: NonNullable<VacuumCannon['advice']> = (values, s, risk) => [
  ...targetMissed(values, s.results),
  {
    text: say`Keep ${asLength(atWorst(risk, 'exclusion'), { toward: 'above' })} (99 of 100 shots stay within) forward
      of the muzzle clear if the backstop should fail, and pump for ${asTime(s.results.timeToPump)}.`,
  },
]

export const explanation: VacuumCannon['explanation'] = (values, s) => [
  {
    from: 7,
    text: say`We took the air out in front of the ball. When the foil breaks, the air of the room rushes in behind it.
      ${ofEnd(s, {
        fast: 'It pushes the ball out, too fast to see.',
        slow: 'It pushes the ball out, but not as fast as we wanted.',
        stuck: 'But some air was left in front. It is squeezed and stops the ball in the tube.',
      })}`,
  },
  {
    from: 11,
    text: say`Nothing is lit and nothing explodes: ordinary air does it. Behind the ball its particles press with
      ${asPressure(values.numbers.stationPressure)}; in front ${asPressure(s.results.finalPressure)} were left.
      ${
        s.outcome === 'stuck'
          ? 'That was too much to get out of the way.'
          : say`The ball gets to ${asSpeed(s.results.muzzleSpeed)}.`
      }`,
  },
  {
    from: 14,
    text: say`Net force is difference times area, and work is force times way. The push along the tube is worth
      ${asEnergy(
        0.785 *
          values.numbers.ballDiameter *
          values.numbers.ballDiameter *
          s.results.peakPressureDifference *
          values.numbers.tubeLength,
      )}; ${
        s.outcome === 'stuck'
          ? 'the air in front took all of it.'
          : say`the ball ends with ${asEnergy(s.results.energy)}. The rest went into the air that runs along, and into
          friction
              and what it leaves behind.`
      }`,
  },
  {
    from: 16,
    text: say`Behind a running piston p = p0 (1 − (γ−1) u/2c)^(2γ/(γ−1)) (p0 the room's pressure, u the ball's speed, c
      the speed of sound, γ ${asNumber(1.4, 2)}): at half the speed of sound only half is left. Ahead a shock forms; at
      ${asPressure(s.results.finalPressure)}
      ${s.results.finalPressure < IN_THE_WAY ? 'it hardly matters' : 'it takes a good part of the push'}.${
        s.outcome === 'stuck'
          ? ''
          : say` A lump of air that is moved with the ball, p0 A t = (m + ρ A x) v, would give
              ${asSpeed(s.results.lumpedSpeed)} with nothing ahead (A area, t time, m the ball's mass, ρ the air's
              density, x way, v speed; Ayars and Buchholtz, 2004).`
      } Assumed: ${filled(values) < FITS ? 'the air that runs past it piles up ahead' : 'a ball that just fits'}.`,
  },
]

export const teaching: VacuumCannon['teaching'] = {
  wrongIdeas: [
    {
      idea: 'The vacuum sucks the ball out.',
      kin: 'suction',
      ask: 'Which way does it fly from the hole that was pierced?',
      answer: 'The ball flies away from the hole that was pierced: it is pushed from behind.',
      source: 'common practice',
    },
    STRONGER_VACUUM,
    SUCTION,
  ],
  before: [
    {
      ask: 'Which foil must I pierce, and why?',
      answer: 'The one behind the ball. Then the room’s air comes in behind it, with next to nothing in front.',
    },
    {
      ask: 'Is there a limit to how fast it can get? Why?',
      answer:
        'Yes. Air can follow no faster than its own particles move, so even the lightest ball stays below ' +
        'about the speed of sound.',
    },
  ],
  after: [
    {
      ask: 'Where did the rest of the work go?',
      answer: 'Into the air that was moved along, friction, and what leaked past.',
      when: s => s.outcome !== 'stuck',
    },
    {
      ask: 'What stopped it?',
      answer: 'Air in front of it that could not get away, or friction.',
      when: s => s.outcome === 'stuck',
    },
    {
      ask: 'Would a heavier ball be slower?',
      answer: 'Yes. The same push over the same length gives it about the same energy, and so less speed.',
    },
  ],
  elsewhere: ['Pneumatic post.', 'Tube trains pushed by air.', 'A cork from a popgun.', 'Dust in a wind tunnel.'],
}

export const variants: NonNullable<VacuumCannon['variants']> = values =>
  sideBySide(
    'Tubes side by side',
    values,
    simulate,
    ['muzzleSpeed', 'timeToPump', 'exclusion'],
    [0.5, 1, 1.5, 2].map(factor => ({
      name: say`${asLength(values.numbers.tubeLength * factor)}`,
      numbers: { tubeLength: values.numbers.tubeLength * factor },
    })),
  )
