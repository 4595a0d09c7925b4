/** Why it ends so, and what to tell a class. */
import { noPlume } from '../no-plume'
import { handPush } from '../../telling'
import { ofEnd } from '../../../demonstration'
import { PLUME_IS_STEAM, SUCTION } from '../../wrong-ideas'
import { GRAVITY } from '../../../substances/water-transport'
import type { FlaskFountain } from './simulate'
import { asLength, asPressure, asShare, asTemperatureDifference, asTime, say, type Sentence } from '../../../sentence'
export const teaching: FlaskFountain['teaching'] = {
  wrongIdeas: [
    {
      idea: 'Steam lifts the water up the tube.',
      ask: 'When does the water come: while it steams, or when it cools?',
      answer:
        'Steam would push it down. The water comes only when the steam turns to water, and then the room pushes it up.',
      source: 'common practice',
    },
    SUCTION,
    PLUME_IS_STEAM,
  ],
  before: [
    {
      ask: 'What will happen in the tube while the flask cools? Why?',
      answer:
        'The steam condenses and the pressure inside falls, so the room’s air pushes water up the tube, if it ' +
        'falls far enough.',
    },
    {
      ask: 'What could the first cold drop change?',
      answer:
        'It cools the steam right where it is, so more of it turns to water and more water comes in. It ' +
        'speeds itself up.',
    },
  ],
  after: [
    {
      ask: 'Why did it end so fast?',
      answer: 'Each drop that came in cooled more steam, and that let in more drops.',
      when: s => s.outcome === 'fill',
    },
    {
      ask: 'What stopped it before it was full?',
      answer: 'Air that was left inside. It is squeezed until it presses as hard as the room less the column of water.',
      when: s => s.outcome === 'part',
    },
    {
      ask: 'What kept the water down?',
      answer: say`Too little difference: the column in the tube needs ${asPressure(9800)} for each ${asLength(1)} of
      height.`,
      when: s => s.outcome === 'nothing',
    },
    {
      ask: 'What broke the glass, and how would you keep it whole?',
      answer:
        'Cold water met glass that was too hot for it. Warmer water in the bucket and a flask that never boils ' +
        'dry lower the risk; nothing takes it away.',
      when: s => s.outcome === 'crack',
    },
    {
      ask: 'How long could the tube be at most?',
      answer: say`As long as the column that the air can push up: ${asLength(10.3)} of water at the sea, and
        then nothing is left to spray with.`,
    },
  ],
  elsewhere: [
    'Old mine pumps that worked with steam and cold water.',
    'Coffee makers with two glass bulbs.',
    'A siphon coffee pot.',
  ],
}

export const why: FlaskFountain['why'] = (values, s) => {
  const { results: r, outcome } = s
  const lift = 1000 * GRAVITY * (values.numbers.stemLength - values.numbers.mouthDepth)
  const lines: Sentence[] = [
    ...noPlume(s, 'flask'),
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
  if (outcome === 'crack')
    lines.push('The glass is too hot for water this cold: it cracks as the first of it comes in.')
  else if (outcome !== 'nothing')
    lines.push(
      say`It ends ${asShare(r.fillFraction)} full; ${asShare(r.residualAirFraction)} of the gas was air, and air
        takes its room.`,
    )
  return lines
}

export const explanation: FlaskFountain['explanation'] = (values, s) => {
  const { results: r } = s
  return [
    {
      from: 7,
      text: ofEnd(s, {
        fill:
          'The flask was full of steam. As it cooled, the air outside pushed water up the tube. The first cold drops ' +
          'turned the rest of the steam to water. Then the air pushed a fountain in.',
        part:
          'There was steam in the flask, and some air. As it cooled, the air outside pushed water up the tube ' +
          'and in. ' +
          'The air inside did not turn to drops. It kept its place.',
        nothing:
          'The gas in the flask still pushed back nearly as hard as the air outside. So the water did not come up to ' +
          'the top of the tube.',
        crack: 'The glass was hot and the water was cold. Glass cannot take that, and it broke.',
      }),
    },
    {
      from: 11,
      text: say`${handPush(values.numbers.stationPressure)} It presses on the water in the bucket too. When steam in the
        flask condenses, less presses back. ${ofEnd(s, {
          fill:
            'So the room’s air pushes water up the tube. Cold water inside condenses more steam, and it goes ' +
            'faster and faster. Nothing sucks.',
          part:
            'So the room’s air pushes water up the tube, until the air left inside presses back as hard. ' +
            'Nothing sucks.',
          nothing: 'Here too much gas was left, and the water only rose part of the way.',
          crack: 'So the room’s air pushes water up the tube, and this time the glass did not stand it.',
        })}`,
    },
    {
      from: 14,
      text: say`How full it gets tells how much air was left. Vapour turns to liquid, air is only pressed together.
        ${asShare(r.residualAirFraction)} of the gas was air here${
          s.outcome === 'crack'
            ? say`. The glass was ${asTemperatureDifference(r.glassChill)} hotter than the water: what is chilled wants
                to shrink, what is still hot holds it, and it tears.`
            : say`, and it ends ${asShare(r.fillFraction)} full.`
        }`,
    },
    {
      from: 16,
      text: say`While the water stands in the tube it is in balance: p = p0 − ρgh (p pressure inside, p0 the room's, ρ
        the water's density, h its height over the bucket). With nothing at all inside h could be
        ${asLength(values.numbers.stationPressure / 9810)}. ${ofEnd(s, {
          fill:
            'Once it is over the top there is no balance any more: inflow causes condensation, condensation ' +
            'causes inflow, so a slow start ends suddenly.',
          part:
            'Once it is over the top, inflow causes condensation and condensation inflow, until the air is ' +
            'pressed together enough.',
          nothing: 'The balance was reached below the top, and it stayed there.',
          crack: 'Once it is over the top there is no balance any more.',
        })} Assumed: the air left inside stays at the flask’s temperature and no more comes in.`,
    },
  ]
}
