/** Why it ends so, and what to tell a class. */
import type { BalloonInGlass } from './simulate'
import { asForce, asLength, asNumber, asPressure, say } from '../../../sentence'

export const why: BalloonInGlass['why'] = (values, s) => [
  say`Blown to ${asLength(values.numbers.blownTo)}, the skin presses the air ${asPressure(s.results.skinPressure)}
    over the room. Stretching the part in the glass takes some; ${asPressure(s.results.contactPressure)} are left
    to press on the wall, and friction turns that into ${asForce(s.results.grip)}.`,
  s.outcome === 'lifts'
    ? say`The glass pulls with ${asForce(s.results.weight)}.`
    : s.outcome === 'bursts'
      ? 'It was stretched too far.'
      : say`The glass pulls with ${asForce(s.results.weight)}: dry the glass, put the balloon deeper, or take a
        lighter one. Blown larger the skin does not press harder at first: it presses less.`,
]

export const explanation: BalloonInGlass['explanation'] = (_values, s) => [
  {
    from: 5,
    text: 'The balloon gets fat and presses against the glass from inside. It holds so tight that you can lift it.',
  },
  {
    from: 11,
    text: say`The air in the balloon presses outwards all round. Rubber on glass grips:
      ${asForce(s.results.grip)}, more than the glass weighs or not.`,
  },
  {
    from: 14,
    text: say`Friction is coefficient × pressing force. The pressing force is
      ${asPressure(s.results.contactPressure)} times the wall that is touched.`,
  },
  {
    from: 16,
    text: say`A balloon’s pressure has a hump at a stretch of about ${asNumber(1.4, 2)} and then falls: blowing
      more does not always press more. What counts is the excess over what the cylinder in the glass needs for its
      own stretch, about half a sphere’s.`,
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
