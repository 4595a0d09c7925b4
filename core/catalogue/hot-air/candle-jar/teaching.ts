/** Why it ends so, and what to tell a class. */
import { celsius, centimetres, millilitres, percent, seconds, sideBySide } from '../../../demonstration'
import type { CandleJarValues } from './inputs'
import { dishWater, simulate, type CandleJar } from './simulate'

export const why: CandleJar['why'] = (_values, s) => {
  const { level, levelCooling, levelCondensation, levelOxygen, share, flameTime, bubbles, oxygenLeft } = s.results
  return [
    `Of ${centimetres(level)} (${percent(share)} of the jar), cooling makes ` +
      `${centimetres(levelCooling)}, vapour turned to dew less what the flame still made ` +
      `${centimetres(levelCondensation)}, oxygen used up less carbon dioxide made ` +
      `${centimetres(Math.max(0, levelOxygen))}.`,
    (bubbles > 1e-7
      ? `Before that, ${millilitres(bubbles)} of hot gas bubbled out. `
      : 'No gas bubbled out: the water inside only went down and came up again. ') +
      'The ' +
      `flame died after ${seconds(flameTime)} with ${percent(oxygenLeft)} of oxygen left of 21 %.`,
    ...(s.outcome === 'drowned'
      ? ['The water was faster than the flame: a taller candle or a wider jar shows the other order.']
      : []),
  ]
}

export const advice: NonNullable<CandleJar['advice']> = (values, s) => [
  {
    text:
      s.outcome === 'gurgles'
        ? 'Pour in more: the jar wants ' +
          millilitres(
            1.4 *
              (dishWater(values) +
                Math.max(
                  0,
                  s.details.letIn < 0 ? (-s.details.letIn / s.details.stationPressure) * values.numbers.jarVolume : 0,
                )),
          ) +
          '.'
        : `A jar of twice the size keeps the flame for about twice as long (${seconds(2 * s.results.flameTime)}); ` +
          'a flask’s neck makes the same volume climb ' +
          (
            (values.numbers.jarDiameter * values.numbers.jarDiameter) /
            (values.numbers.mouthDiameter * values.numbers.mouthDiameter)
          ).toFixed(1) +
          ' ' +
          'times as high.',
  },
]

export const explanation: CandleJar['explanation'] = (_values, s) => {
  const r = s.results
  return [
    {
      from: 7,
      text:
        'The flame warms the air; warm air needs more room, so ' +
        `${r.bubbles > 1e-7 ? 'some bubbles out' : 'it pushes the water down'}. When the flame has gone ` +
        'out the air cools and needs less room. The air outside pushes water in to fill it: ' +
        `${centimetres(r.level)}.`,
    },
    {
      from: 11,
      text:
        'If used-up oxygen made the water rise, it would rise while the candle burns. It rises ' +
        `afterwards, as the gas cools from ${celsius(r.hottest)}. And ${percent(r.oxygenLeft)} of oxygen ` +
        'are still there when the flame dies.',
    },
    {
      from: 14,
      text:
        `Ledger: cooling ${centimetres(r.levelCooling)}, condensation less vapour made ` +
        `${centimetres(r.levelCondensation)}, oxygen less carbon dioxide ` +
        `${centimetres(Math.max(0, r.levelOxygen))}. Wax burns 38 O2 to 25 CO2 and 26 H2O: dry gas ` +
        'shrinks by a third of the oxygen burnt only.',
    },
    {
      from: 16,
      text:
        'n R T = (p0 − ρ g h) V: the column itself holds hardly any pressure, so the level tells the ' +
        'volume. Carbon dioxide dissolves too slowly to matter within a minute. Limewater in the dish ' +
        'would change that over minutes.',
    },
  ]
}

export const teaching: CandleJar['teaching'] = {
  wrongIdea: {
    idea: 'The candle uses up the oxygen, a fifth of the air, so the water rises a fifth.',
    answer:
      'The flame dies with three quarters of the oxygen left, makes carbon dioxide, and the water rises ' +
      'after it has died. It is mostly the gas cooling. With more candles it rises higher, though there ' +
      'is no more oxygen.',
  },
  before: [
    'What will the water inside do first: sink or rise?',
    'Will the water rise while it burns or afterwards?',
    'What changes with three candles?',
  ],
  after: [
    'Why did the water go down first?',
    'How could you show that there is still oxygen left?',
    'Why does a flask look faster?',
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
