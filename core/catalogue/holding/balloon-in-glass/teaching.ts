/** Why it ends so, and what to tell a class. */
import { centimetres, kilopascals, newtons } from '../../../demonstration'
import type { BalloonInGlass } from './simulate'

export const why: BalloonInGlass['why'] = (values, s) => [
  `Blown to ${centimetres(values.numbers.blownTo)}, the skin presses the air ` +
    `${kilopascals(s.results.skinPressure)} over the room. Stretching the part in the glass takes ` +
    `some; ${kilopascals(s.results.contactPressure)} are left to press on the wall, and friction ` +
    `turns that into ${newtons(s.results.grip)}.`,
  s.outcome === 'lifts'
    ? `The glass pulls with ${newtons(s.results.weight)}.`
    : s.outcome === 'bursts'
      ? 'It was stretched too far.'
      : `The glass pulls with ${newtons(s.results.weight)}: dry the glass, put the balloon deeper, or ` +
        'take a lighter one. Blown larger the skin does not press harder at first: it presses less.',
]

export const explanation: BalloonInGlass['explanation'] = (_values, s) => [
  {
    from: 5,
    text: 'The balloon gets fat and presses against the glass from inside. It holds so tight that you can lift it.',
  },
  {
    from: 11,
    text:
      'The air in the balloon presses outwards all round. Rubber on glass grips: ' +
      `${newtons(s.results.grip)}, more than the glass weighs or not.`,
  },
  {
    from: 14,
    text:
      'Friction is coefficient × pressing force. The pressing force is ' +
      `${kilopascals(s.results.contactPressure)} times the wall that is touched.`,
  },
  {
    from: 16,
    text:
      'A balloon’s pressure has a hump at a stretch of about 1.4 and then falls: blowing more does not ' +
      'always press more. What counts is the excess over what the cylinder in the glass needs for its ' +
      'own stretch, about half a sphere’s.',
  },
]

export const teaching: BalloonInGlass['teaching'] = {
  wrongIdea: {
    idea: 'The balloon is light, like a flying balloon, so it lifts.',
    answer: 'It does not fly: the hand lifts it. The air only presses the rubber to the glass.',
  },
  before: ['Would it work with a soapy glass?', 'Will a bigger balloon hold better?'],
  after: ['What does the air do here?', 'What would a heavier glass need?'],
  elsewhere: ['Drain stoppers that are pumped up.', 'Blood pressure cuffs.', 'Grippers that lift bottles by the neck.'],
}
