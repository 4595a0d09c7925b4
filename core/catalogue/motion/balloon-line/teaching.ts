/** Why it ends so, and what to tell a class. */
import type { BalloonLine } from './simulate'
import { asForce, asLength, asPressure, asSpeed, asTime, say } from '../../../sentence'

export const why: BalloonLine['why'] = (_values, s) => [
  say`The skin presses the air out at ${asPressure(s.results.peakPressureDifference)} over the room; the jet
    pushes back with ${asForce(s.results.thrust)} for ${asTime(s.results.airTime)}. It runs
    ${asLength(s.results.runLength)}, at most ${asSpeed(s.results.topSpeed)}: drag of the air round the balloon
    holds it there.`,
  ...(s.outcome === 'short'
    ? ['A wider nozzle pushes harder but not as long; a long balloon has less drag; nylon line has less friction.']
    : []),
]

export const explanation: BalloonLine['explanation'] = (values, s) => [
  { from: 5, text: 'The air rushes out backwards and pushes the balloon forwards.' },
  {
    from: 11,
    text: say`Action and reaction: the balloon pushes the air out one way, the air pushes the balloon the other
      way, with ${asForce(s.results.thrust)}. It does not need a wall to push against.`,
  },
  {
    from: 14,
    text: say`Thrust is mass flow times speed of the jet. ${asLength(values.numbers.blownTo)} across at the start,
      it soon runs as fast as drag allows: ${asSpeed(s.results.topSpeed)}.`,
  },
  {
    from: 16,
    text:
      'F = 2 C A Δp for a jet into still air: independent of the density. Δp falls, then rises as the ' +
      'balloon shrinks back through the hump of its pressure: that is why it spurts at the end. A long ' +
      'balloon keeps its pressure, and its front.',
  },
]

export const teaching: BalloonLine['teaching'] = {
  wrongIdea: {
    idea: 'The air pushes against the room’s air behind it.',
    answer: 'It would run even better in a vacuum. What counts is that the balloon throws something away.',
  },
  before: ['Round or long: which goes further?', 'Will a wider nozzle be faster?'],
  after: ['Why did it get faster just before the end?', 'What would it do without air in the room?'],
  elsewhere: [
    'Rockets.',
    'Squids.',
    'A garden hose that kicks.',
    'A fire extinguisher on a skateboard (not to be tried).',
  ],
}
