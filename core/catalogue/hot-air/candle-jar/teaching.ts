/** Why it ends so, and what to tell a class. */
import { PARTICLES_SWELL, SUCTION } from '../../wrong-ideas'
import { ofEnd, sideBySide } from '../../../demonstration'
import type { CandleJarValues } from './inputs'
import { dishWater, simulate, type CandleJar } from './simulate'
import { asLength, asPressure, asShare, asTemperature, asTime, asVolume, say, type Sentence } from '../../../sentence'

/** Water in the gas: what the flame makes adds to it, dew takes it off. @param level m */
const dew = (level: number): Sentence =>
  level < 0
    ? say`Water vapour that the flame made, less what turned to dew, takes ${asLength(-level)} off`
    : say`Vapour that turned to dew, less what the flame made, adds ${asLength(level)}`

export const why: CandleJar['why'] = (_values, s) => {
  const { level, levelCooling, levelCondensation, levelOxygen, share, flameTime, bubbles, oxygenLeft } = s.results
  return [
    say`It rises ${asLength(level)} (${asShare(share)} of the jar). Cooling makes
      ${asLength(Math.max(0, levelCooling))}. ${dew(levelCondensation)}; oxygen used up, less carbon dioxide made, adds
      ${asLength(Math.max(0, levelOxygen))}.`,
    say`${
      bubbles > 1e-7
        ? say`Before that, ${asVolume(bubbles)} of hot gas bubbled out. `
        : 'No gas bubbled out: the water inside only went down and came up again. '
    }The
      flame died after ${asTime(flameTime)} with ${asShare(oxygenLeft)} of oxygen left of 21 %.`,
    ...(s.outcome === 'drowned'
      ? ['The water was faster than the flame: a taller candle or a wider jar shows the other order.']
      : []),
  ]
}

export const advice: NonNullable<CandleJar['advice']> = (values, s) => [
  {
    text:
      s.outcome === 'gurgles'
        ? say`Pour in more: the jar wants
          ${asVolume(
            1.4 *
              (dishWater(values) +
                Math.max(
                  0,
                  s.details.letIn < 0 ? (-s.details.letIn / s.details.stationPressure) * values.numbers.jarVolume : 0,
                )),
          )}.`
        : say`A jar of twice the size keeps the flame for about twice as long (${asTime(2 * s.results.flameTime)})${
            values.choices.jarShape === 'necked'
              ? ''
              : '; in a flask with a neck half as wide the same volume climbs four times as high'
          }.`,
  },
]

export const explanation: CandleJar['explanation'] = (_values, s) => {
  const r = s.results
  const bubbled = r.bubbles > 1e-7
  return [
    {
      from: 7,
      text: say`The flame warms the air in the jar. Warm air needs more room,
        ${bubbled ? 'so some of it bubbles out' : 'so it pushes the water down'}. ${ofEnd(s, {
          rises: 'The flame goes out. The air cools and needs less room. The air outside pushes water in to fill it.',
          drowned:
            'Then the air outside pushes water in, and the water gets to the flame before it has gone out by itself.',
          gurgles:
            'The flame goes out. The air cools and needs less room. The air outside pushes water in, until the dish ' +
            'is empty. Then air gurgles in.',
          little: 'The flame goes out. The air cools only a little, so hardly any water comes in.',
        })}`,
    },
    {
      from: 11,
      text: ofEnd(s, {
        rises: say`If used-up oxygen made the water rise, it would rise most while the candle burns. It rises
          ${asLength(r.level)}, ${r.levelCooling > 0.8 * r.level ? 'nearly all' : 'most'} of it as the gas cools from
          ${asTemperature(r.hottest)}: slower particles
          hit the water less hard than those of the room. ${asShare(r.oxygenLeft)} of the gas is still oxygen.`,
        drowned: say`The gas was ${asTemperature(r.hottest)} at its hottest. As it cools, its particles get slower and
        hit
          the water less hard than those of the room, so water comes in: here ${asLength(r.level)}, up to the flame.
          ${asShare(r.oxygenLeft)} of the gas is still oxygen then.`,
        gurgles: say`The gas cools from ${asTemperature(r.hottest)}. Its particles get slower and hit the water less
        hard
          than those of the room, and water comes in as long as there is some in the dish. ${asShare(r.oxygenLeft)} of
          the gas is still oxygen.`,
        little: say`The gas was ${asTemperature(r.hottest)} at its hottest and has not far to cool. Its particles hit
        the
          water nearly as hard as those of the room. ${asShare(r.oxygenLeft)} of the gas is still oxygen.`,
      }),
    },
    {
      from: 14,
      text: say`Cooling makes it rise by ${asLength(Math.max(0, r.levelCooling))}: at one volume the pressure of a gas
        goes with its absolute temperature. ${dew(r.levelCondensation)}; oxygen used up, less carbon dioxide made,
        adds ${asLength(Math.max(0, r.levelOxygen))}.`,
    },
    {
      from: 16,
      text: say`n R T = (p0 − ρ g h) V (n amount of gas, R the gas constant, T temperature, p0 the room's pressure, ρ
      g h
        the weight of the column over its area, V volume). The column of ${asLength(r.level)} holds only
        ${asPressure(9800 * r.level)}, so the level tells the volume. Wax burns 38 O2 to 25 CO2 and 26 H2O: the dry
        gas loses a third of the oxygen burnt. Assumed: no carbon dioxide dissolves; within a minute hardly any does.`,
    },
  ]
}

export const teaching: CandleJar['teaching'] = {
  wrongIdeas: [
    {
      idea: 'The candle uses up the oxygen, a fifth of the air, so the water rises a fifth.',
      ask: 'When does the water rise most: while it burns, or when the flame is out?',
      answer:
        'The flame dies with three quarters of the oxygen left, makes carbon dioxide, and the water rises ' +
        'after it has died. It is mostly the gas cooling. With more candles it rises higher, though there ' +
        'is no more oxygen.',
      source:
        'J. P. Birk and A. E. Lawson, The persistence of the candle-and-cylinder misconception, Journal of ' +
        'Chemical Education 76 (1999) 914; from memory',
    },
    PARTICLES_SWELL,
    SUCTION,
  ],
  before: [
    {
      ask: 'What will the water inside do first: sink or rise? Why?',
      answer: 'It is pushed down first: the flame warms the gas, which needs more room.',
    },
    {
      ask: 'If the water moves, when will it: while it burns or afterwards? Why?',
      answer:
        'If oxygen used up did it, then while it burns. It is the cooling that does most, so most of it comes ' +
        'when the flame is small or out.',
    },
    {
      ask: 'What would three candles change, and why?',
      answer:
        'They warm more of the gas, so more of it is driven out or less of it is caught. More water comes in, ' +
        'though they use hardly more oxygen.',
    },
  ],
  after: [
    {
      ask: 'What did the water inside do first, and why?',
      answer: 'It was pushed down, because the warm gas needs more room.',
    },
    {
      ask: 'What was in the bubbles?',
      answer: 'Warm gas from the jar: air with a little carbon dioxide and vapour.',
      when: s => s.results.bubbles > 1e-7,
    },
    { ask: 'What put the flame out?', answer: 'The water that came in.', when: s => s.outcome === 'drowned' },
    {
      ask: 'Why did it rise so little?',
      answer: 'The gas was not much warmer than the room, so it had not far to cool.',
      when: s => s.outcome === 'little',
    },
    {
      ask: 'How could you show that there is still oxygen left?',
      answer:
        'With a second, longer candle that goes on for a moment, a glowing strand of steel wool, or a sensor: ' +
        'about 16 % of the gas is left of 21 %.',
    },
  ],
  elsewhere: [
    'A hot jar put upside down on a wet board sticks to it.',
    'Cupping glasses.',
    'A lid on a pot that sits fast after cooling.',
  ],
}

export const variants: NonNullable<CandleJar['variants']> = values => {
  const { jarVolume, jarDiameter } = values.numbers
  // The same proportions: half the volume is 0.79 times as wide, twice 1.26 times.
  const sized = (name: string, volume: number, across: number, jarShape: CandleJarValues['choices']['jarShape']) => ({
    name,
    choices: { jarShape },
    numbers: { jarVolume: jarVolume * volume, jarDiameter: jarDiameter * across },
  })
  return sideBySide(
    'Jars side by side',
    values,
    simulate,
    ['flameTime', 'level', 'share'],
    [
      sized('straight, half the size', 0.5, 0.794, 'straight'),
      sized('straight, this size', 1, 1, 'straight'),
      sized('straight, twice the size', 2, 1.26, 'straight'),
      sized('flask with a neck, this size', 1, 1, 'necked'),
    ],
  )
}
