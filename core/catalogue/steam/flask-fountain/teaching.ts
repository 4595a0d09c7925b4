/** Why it ends so, and what to tell a class. */
import { GRAVITY } from '../../../substances/water-transport'
import type { FlaskFountain } from './simulate'
import { asPressure, asShare, asTime, say, type Sentence } from '../../../sentence'
export const teaching: FlaskFountain['teaching'] = {
  wrongIdea: {
    idea: 'Steam lifts the water up the tube.',
    answer:
      'Steam would push it down. The water comes only when the steam turns to water, and then the room pushes it up.',
  },
  before: ['Why does it wait?', 'What will happen when the first cold drop gets in?'],
  after: ['Why did it end so fast?', 'How long could the tube be at most?'],
  elsewhere: [
    'Old mine pumps that worked with steam and cold water.',
    'Coffee makers with two glass bulbs.',
    'A siphon coffee pot.',
  ],
}

export const why: FlaskFountain['why'] = (values, { results: r, outcome }) => {
  const lift = 1000 * GRAVITY * (values.numbers.stemLength - values.numbers.mouthDepth)
  const lines: Sentence[] = [
    say`To come over the top the water must be pushed up against ${asPressure(lift)} of its own weight.`,
  ]
  lines.push(
    r.hush === undefined
      ? 'The pressure inside does not fall that far: hot water left in the flask keeps steaming, or too ' +
          'much air is inside.'
      : say`Only the glass in the room's air cools the steam at first, so it takes ${asTime(r.hush)}. The first
        cold drops over the top condense steam at once: the rest takes
        ${asTime(Math.max(0.01, r.timeToFill - r.hush))}.`,
  )
  if (outcome !== 'nothing')
    lines.push(
      say`It ends ${asShare(r.fillFraction)} full; ${asShare(r.residualAirFraction)} of the gas was air, and air
        takes its room.`,
    )
  return lines
}

export const explanation: FlaskFountain['explanation'] = (_values, { results: r }) => [
  {
    from: 7,
    text:
      'The flask was full of steam. While it cooled the air pushed water up the tube. When the first ' +
      'cold drops got in, all the steam turned to water at once, and the air pushed a fountain in.',
  },
  {
    from: 11,
    text:
      'Steam that condenses leaves almost nothing behind. The air outside presses on the water in the ' +
      'bucket and pushes it up the tube: nothing sucks. Cold water inside condenses more steam, so it ' +
      'goes faster and faster.',
  },
  {
    from: 14,
    text: say`How full it gets tells how little air was left: ${asShare(r.residualAirFraction)} of the gas here,
      and it ends ${asShare(r.fillFraction)} full.`,
  },
  {
    from: 16,
    text:
      'Below the top the column is in balance: p(inside) = p(room) − ρgh. Above it there is no balance ' +
      'any more: inflow causes condensation, condensation causes inflow. Such positive feedback makes ' +
      'slow causes end suddenly.',
  },
]
