/** Why it ends so, and what to tell a class. */
import { ofEnd } from '../../../demonstration'
import { PUSHES_ON_AIR } from '../../wrong-ideas'
import { rubberOf } from '../../vacuum/rubber-inputs'
import type { BalloonLineValues } from './inputs'
import type { BalloonLine, BalloonLineRun } from './simulate'
import {
  apart,
  asForce,
  asLength,
  asNumber,
  asPressure,
  asSpeed,
  asTime,
  asTimes,
  say,
  type Sentence,
} from '../../../sentence'

/** Rolling out and slowing: neither is told of one that has burst. */
const run = (r: BalloonLineRun['results'], stands: boolean): Sentence =>
  say`The skin presses the air out at ${asPressure(r.peakPressureDifference)} over the room; the jet pushes back with
    ${asForce(r.thrust)} for ${asTime(r.airTime)}. It runs ${asLength(r.runLength)}, at most ${asSpeed(r.topSpeed)}: ${
      stands ? 'friction on the line' : 'drag of the air round the balloon'
    } keeps it from going faster.`

function torn(values: BalloonLineValues): Sentence {
  const { radius, burst } = rubberOf(values)
  const { blownTo } = values.numbers
  const [stretched, tears] = apart(asTimes(blownTo / (2 * radius)), asTimes(burst))
  return say`Blown to ${asLength(blownTo)} its skin is stretched to ${stretched} its size; it tears near ${tears}: a
    larger balloon, or less air.`
}

export const why: BalloonLine['why'] = (values, s) => [
  s.outcome === 'bursts' ? torn(values) : run(s.results, s.outcome === 'stands'),
  ...(s.outcome === 'short'
    ? ['A wider nozzle pushes harder but not as long; a long balloon has less drag; nylon line has less friction.']
    : []),
]

export const explanation: BalloonLine['explanation'] = (_values, s) => [
  {
    from: 5,
    text: ofEnd(s, {
      arrives: 'The air rushes out backwards and pushes the balloon forwards, all the way.',
      short: 'The air rushes out backwards and pushes the balloon forwards, until the air is used up.',
      stands: 'The air comes out backwards, but it pushes too little. So the balloon hardly moves.',
      bursts: 'We blew in so much air that the skin tore.',
    }),
  },
  {
    from: 11,
    text: say`Action and reaction: a balloon pushes air out one way, and that air pushes the balloon the other way${
      s.outcome === 'bursts' ? '' : say`, here with ${asForce(s.results.thrust)}`
    }. It needs no wall to push against. ${ofEnd(s, {
      arrives: 'That carried it to the end.',
      short: 'That lasted for a part of the line only.',
      stands: 'Friction on the line was about as strong.',
      bursts: 'This one burst before it was let go.',
    })}`,
  },
  {
    from: 14,
    text: say`The push is the mass of air let out each second times the speed of the jet. The stretched skin makes
      ${asPressure(s.results.peakPressureDifference)} over the room. ${
        s.outcome === 'bursts'
          ? 'Stretched further, rubber stiffens and tears.'
          : s.outcome === 'stands'
            ? 'Friction on the line has to be overcome before it moves at all.'
            : say`Drag of the air grows with the square of the speed, so it soon runs as fast as drag allows:
              ${asSpeed(s.results.topSpeed)}.`
      }`,
  },
  {
    from: 16,
    text: say`F = 2 C A Δp for a jet into still air (A the nozzle's area, C its discharge coefficient, Δp the skin's
      pressure): the density drops out. Here Δp is ${asPressure(s.results.peakPressureDifference)}${
        s.outcome === 'bursts' ? '' : say` and F ${asForce(s.results.thrust)}`
      }. As the balloon shrinks Δp falls, then rises again at the hump near a stretch of
      ${asNumber(1.4, 2)}: a round one spurts at the end. Assumed: no turning, a taut line.`,
  },
]

export const teaching: BalloonLine['teaching'] = {
  wrongIdeas: [
    {
      idea: 'The air pushes against the room’s air behind it.',
      ask: 'Would it run in a tube without air?',
      answer: 'It would run even better in a vacuum. What counts is that the balloon throws something away.',
      source: 'common practice',
    },
    PUSHES_ON_AIR,
  ],
  before: [
    {
      ask: 'Round or long: which goes further, and why?',
      answer: 'A long one keeps its push more even, and has less air to push aside.',
    },
    {
      ask: 'Will a wider nozzle be faster? Why?',
      answer: 'It pushes harder for a shorter time. Too wide, and the air is gone before it has got anywhere.',
    },
  ],
  after: [
    {
      ask: 'Why did it get faster just before the end?',
      answer: 'A round skin presses harder when it is small, and by then the balloon is lighter.',
      when: (s, v) => v.choices.balloonShape === 'round' && s.outcome === 'short',
    },
    {
      ask: 'Where did its energy go?',
      answer: 'Into the air that rushed out, the air that was pushed aside, and friction on the line.',
      when: s => s.outcome === 'arrives' || s.outcome === 'short',
    },
    {
      ask: 'What held it back?',
      answer: 'Friction on the line, or too weak a push.',
      when: s => s.outcome === 'stands',
    },
    { ask: 'Why did it burst?', answer: 'The skin was stretched past its limit.', when: s => s.outcome === 'bursts' },
    {
      ask: 'What would it do without air in the room?',
      answer: 'It would still go, even faster: it is pushed by the air that it throws out, not by the air behind it.',
    },
  ],
  elsewhere: [
    'Rockets.',
    'Squids.',
    'A garden hose that kicks.',
    'A fire extinguisher on a skateboard (not to be tried).',
  ],
}
