/** What is stated, and what does not go together. */
import {
  blank,
  coefficient,
  type Demonstration,
  ROOM_INPUTS,
  defineInputs,
  type ValuesOf,
  type Check,
  type Has,
  under,
} from '../../../demonstration'
import { WALL_TRANSFER } from '../inputs'
import { lengthAtMost } from '../../fits'
import { heightInside, volumeFor } from './simulate'
import { asLength, asVolume, say } from '../../../sentence'

/** A soup plate or a baking dish, m. */
const DISH = 0.2

const rimWidth = ({ numbers: n, choices }: Has<'mouthDiameter' | 'jarDiameter', 'jarShape'>): number =>
  choices.jarShape === 'necked' ? n.mouthDiameter : n.jarDiameter

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  blank('jarVolume', 'jar', 'mL', 'vessel', 900e-6, [50e-6, 12e-3], [200e-6, 3e-3], 0.02, { onShelf: 'capacity' }),
  blank('jarDiameter', 'jar across', 'cm', 'vessel', 0.095, [0.03, 0.4], [0.05, 0.2], 0.01, { onShelf: 'diameter' }),
  {
    id: 'jarShape',
    name: 'shape',
    kind: 'choice',
    group: 'vessel',
    default: 'straight',
    lever: true,
    source: 'A straight jar shows the true share; a flask’s neck makes the same volume look like much, and faster.',
    choices: [
      { id: 'straight', name: 'straight jar' },
      { id: 'necked', name: 'flask with its neck down' },
    ],
  },
  blank('mouthDiameter', 'its neck, if it has one', 'cm', 'vessel', 0.045, [0.015, 0.3], [0.03, 0.1], 0.02, {
    onShelf: 'mouthDiameter',
  }),
  blank('neckLength', 'neck long', 'cm', 'vessel', 0.08, [0.005, 0.4], [0.02, 0.2], 0.03, { onShelf: 'neckLength' }),
  blank('dishDiameter', 'dish across', 'cm', 'vessel', DISH, [0.04, 1], [0.12, 0.4], 0.01),
  blank(
    'waterDepth',
    'water in it deep',
    'cm',
    'water',
    0.013,
    [0.001, 0.15],
    [0.005, 0.04],
    { shape: 'normal', absolute: 0.001 },
    { lever: [-0.006, 0.01] },
  ),
  blank('candles', 'candles', '1', 'heat', 1, [1, 12], [1, 5], 0, { lever: [1, 2], whole: true }),
  blank('wickHeight', 'flame above the water', 'cm', 'heat', 0.055, [0.005, 0.4], [0.02, 0.15], 0.04, {
    lever: [-0.03, 0.03],
  }),
  blank('flamePower', 'heat of one flame', 'W', 'heat', 45, [5, 200], [20, 90], { shape: 'lognormal', relative: 0.2 }),
  WALL_TRANSFER(11),
  coefficient(
    'flameShare',
    'share of the flame’s heat that the gas keeps',
    '%',
    0.6,
    [0.05, 1],
    [0.3, 0.9],
    { shape: 'uniform', below: 0.15, above: 0.15 },
    'a candle radiates a fifth to a third (from memory); some warms its own wax and the water',
  ),
  coefficient(
    'caughtWarmth',
    'air caught under the jar warmer than the room by',
    'K',
    40,
    [0, 150],
    [10, 80],
    { shape: 'uniform', below: 25, above: 30 },
    'the flame fills the jar for a second or two as it comes down: half of 45 W into a litre of air ' +
      'makes some 20 K a second; slowly lowered, more; assumption',
  ),
  coefficient(
    'diesAt',
    'oxygen at which the flame dies',
    '%',
    0.16,
    [0.1, 0.2],
    [0.14, 0.18],
    { shape: 'normal', absolute: 0.006 },
    'common practice: near 16 %; wax flames measured between 15 and 17 %',
  ),
])
export type CandleJarValues = ValuesOf<typeof inputs>

// Once the amount of water was asked for, in a dish whose width nobody stated.
export const retired: NonNullable<Demonstration['retired']> = [
  {
    id: 'dishWater',
    quantity: 'volume',
    becomes: 'waterDepth',
    from: (volume, { dishDiameter = DISH }) =>
      Math.min(0.15, Math.max(0.001, volume / ((Math.PI / 4) * dishDiameter * dishDiameter))),
  },
]

export const check: Check<CandleJarValues> = ({ numbers: n, choices }) => [
  ...lengthAtMost(
    { numbers: n, choices },
    'wickHeight',
    Math.max(0, heightInside({ numbers: n, choices }) - n.waterDepth),
    'what has room between the water and the top of this jar',
  ),
  ...(under(n.dishDiameter, 1.05 * rimWidth({ numbers: n, choices }))
    ? [
        {
          input: 'dishDiameter',
          message: say`given ${asLength(n.dishDiameter, { digits: 4 })}; accepted: at least
            ${asLength(1.05 * rimWidth({ numbers: n, choices }), {
              digits: 4,
              toward: 'above',
            })}, so that water can pass under the
            rim`,
        },
      ]
    : []),
  ...(volumeFor({ numbers: n, choices }, n.waterDepth) > 0.5 * n.jarVolume
    ? [
        {
          input: 'waterDepth',
          message: say`given ${asLength(n.waterDepth, { digits: 4 })}; accepted: less than half of this jar under
            water`,
        },
      ]
    : []),
  ...(choices.jarShape === 'necked' && n.mouthDiameter > n.jarDiameter
    ? [
        {
          input: 'mouthDiameter',
          message: say`given ${asLength(n.mouthDiameter, { digits: 4 })}; accepted: at most the jar,
            ${asLength(n.jarDiameter, { digits: 4, toward: 'below' })}`,
        },
      ]
    : []),
  ...(choices.jarShape === 'necked' && 0.785 * n.mouthDiameter * n.mouthDiameter * n.neckLength > 0.6 * n.jarVolume
    ? [
        {
          input: 'neckLength',
          message: say`given ${asLength(n.neckLength, { digits: 4 })}; accepted: a neck that holds at most six
            tenths of the ${asVolume(n.jarVolume, { digits: 4, toward: 'below' })}`,
        },
      ]
    : []),
]
