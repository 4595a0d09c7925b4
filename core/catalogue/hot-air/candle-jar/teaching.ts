/** Why it ends so, and what to tell a class. */
import { sideBySide } from '../../../demonstration'
import type { CandleJarValues } from './inputs'
import { dishWater, simulate, type CandleJar } from './simulate'
import { asLength, asNumber, asShare, asTemperature, asTime, asVolume, say } from '../../../sentence'

export const why: CandleJar['why'] = (_values, s) => {
  const { level, levelCooling, levelCondensation, levelOxygen, share, flameTime, bubbles, oxygenLeft } = s.results
  return [
    say`Of ${asLength(level)} (${asShare(share)} of the jar), cooling makes ${asLength(levelCooling)}, vapour
      turned to dew less what the flame still made ${asLength(levelCondensation)}, oxygen used up less carbon
      dioxide made ${asLength(Math.max(0, levelOxygen))}.`,
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
        : say`A jar of twice the size keeps the flame for about twice as long
          (${asTime(2 * s.results.flameTime)}); a flask’s neck makes the same volume climb
          ${asNumber(
            (values.numbers.jarDiameter * values.numbers.jarDiameter) /
              (values.numbers.mouthDiameter * values.numbers.mouthDiameter),
            2,
          )}
          times as high.`,
  },
]

export const explanation: CandleJar['explanation'] = (_values, s) => {
  const r = s.results
  return [
    {
      from: 7,
      text: say`The flame warms the air; warm air needs more room, so
        ${r.bubbles > 1e-7 ? 'some bubbles out' : 'it pushes the water down'}. When the flame has gone out the air
        cools and needs less room. The air outside pushes water in to fill it: ${asLength(r.level)}.`,
    },
    {
      from: 11,
      text: say`If used-up oxygen made the water rise, it would rise while the candle burns. It rises afterwards,
        as the gas cools from ${asTemperature(r.hottest)}. And ${asShare(r.oxygenLeft)} of oxygen are still there
        when the flame dies.`,
    },
    {
      from: 14,
      text: say`Ledger: cooling ${asLength(r.levelCooling)}, condensation less vapour made
        ${asLength(r.levelCondensation)}, oxygen less carbon dioxide ${asLength(Math.max(0, r.levelOxygen))}. Wax
        burns 38 O2 to 25 CO2 and 26 H2O: dry gas shrinks by a third of the oxygen burnt only.`,
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
