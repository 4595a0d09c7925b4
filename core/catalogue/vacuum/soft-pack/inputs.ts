/** What is stated, and what does not go together. */
import {
  blank,
  coefficient,
  ROOM_INPUTS,
  type Values,
  defineInputs,
  type ValuesOf,
  type Check,
} from '../../../demonstration'
import { jarBears, jarFits, jarInputs, LEAK, PUMP_INPUTS, pumpChoice, pumpingTime, target } from '../inputs'
import { asPressure, asVolume, say } from '../../../sentence'

interface PackKind {
  name: string
  gas: number
  grow: number
  stiffness: number
  seal: number
  leak: number
}

/**
 * Magnitudes, assumed; typed over with what was measured. A marshmallow's gas leaves through its cell walls within a
 * minute or so.
 */
const PACKS: Readonly<Record<string, PackKind>> = {
  'marshmallow': { name: 'marshmallows', gas: 24e-6, grow: 3.6, stiffness: 2.5e3, seal: 80e3, leak: 45 },
  'snack': { name: 'sealed snack packet', gas: 160e-6, grow: 1.6, stiffness: 200, seal: 28e3, leak: 2e4 },
  'bubble-wrap': { name: 'bubble wrap', gas: 50e-6, grow: 1.3, stiffness: 3e3, seal: 130e3, leak: 1e5 },
  'pot': { name: 'pot with a foil lid', gas: 30e-6, grow: 1.35, stiffness: 3e3, seal: 22e3, leak: 1e5 },
}

const inBottle =
  (bottle: number, jar: number) =>
  ({ choices }: Values): number =>
    choices.where === 'bottle' ? bottle : jar

const kind = ({ choices }: Values): PackKind => PACKS[choices.pack ?? ''] ?? PACKS.snack

/** A sealed skin opens with a bang; the bubbles of a marshmallow only let their gas go. */
export const isSealed = ({ choices }: Pick<Values, 'choices'>): boolean => choices.pack !== 'marshmallow'

/** Nothing is pumped: the room itself thins as it climbs. */
export const isUnderway = ({ choices }: Pick<Values, 'choices'>): boolean => choices.where === 'cabin'
/** Pressure that a cabin keeps at least, Pa: that of 2438 m, 14 CFR 25.841; from memory. */
const CABIN = 75e3
/** As high as a road goes, some 5800 m: Pa; from memory. Above it nobody does without oxygen. */
const HIGHEST_ROAD = 48e3

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  {
    id: 'pack',
    name: 'what is in it',
    kind: 'choice',
    group: 'load',
    default: 'marshmallow',
    choices: Object.entries(PACKS).map(([id, { name }]) => ({ id, name })),
  },
  {
    id: 'where',
    name: 'where',
    kind: 'choice',
    group: 'vessel',
    default: 'jar',
    choices: [
      { id: 'jar', name: 'a bell jar with a pump' },
      { id: 'bottle', name: 'a wide bottle with a hand pump' },
      { id: 'cabin', name: 'a flight cabin or a car on a mountain road' },
    ],
  },
  // A bottle with a hand pump is small; so is what goes into it.
  blank(
    'packGas',
    'gas in it',
    'mL',
    'load',
    v => kind(v).gas * (v.choices.where === 'bottle' ? 0.4 : 1),
    [0.2e-6, 3e-3],
    [5e-6, 500e-6],
    0.15,
  ),
  ...jarInputs(inBottle(1e-3, 6.5e-3), inBottle(0.095, 0.19), inBottle(0.17, 0.26)),
  pumpChoice('hand'),
  ...PUMP_INPUTS,
  target(v => (isUnderway(v) ? CABIN : 20e3)),
  pumpingTime(v => (isUnderway(v) ? 600 : 180)),
  blank('holdTime', 'held at the end', 's', 'pump', 20, [0, 1800], [0, 120], 0.1, { lever: [-15, 30] }),
  LEAK,
  coefficient(
    'roomToGrow',
    'times its gas when it is taut',
    '1',
    v => kind(v).grow,
    [1.01, 8],
    [1.1, 5],
    0.12,
    'by the kind; assumption, measured by filling one',
  ),
  coefficient(
    'packStiffness',
    'stiffness before it is taut',
    'kPa',
    v => kind(v).stiffness,
    [10, 100e3],
    [100, 10e3],
    0.3,
    'by the kind; foam some kPa (Gibson & Ashby, Cellular Solids, 2nd ed., ch. 5, order of magnitude)',
  ),
  coefficient(
    'sealStrength',
    'difference at which it opens',
    'kPa',
    v => kind(v).seal,
    [500, 400e3],
    [5e3, 150e3],
    0.2,
    'peel seals of food packs open at some 20 to 35 kPa; from memory',
  ),
  coefficient(
    'leakTime',
    'time in which its gas would leak away',
    's',
    v => kind(v).leak,
    [1, 1e7],
    [10, 1e5],
    0.5,
    'by the kind; assumption, from how fast a swollen one sinks',
  ),
])
export type SoftPackValues = ValuesOf<typeof inputs>

export const check: Check<SoftPackValues> = ({ numbers: n, choices }) => {
  // In a cabin there is no jar.
  if (isUnderway({ choices }))
    return n.targetPressure < HIGHEST_ROAD
      ? [
          {
            input: 'targetPressure',
            message: say`given ${asPressure(n.targetPressure, { digits: 4 })}; accepted: at least
              ${asPressure(HIGHEST_ROAD)}, what the highest roads come to; a cabin keeps more, since
              people breathe there`,
          },
        ]
      : []
  return [
    ...(choices.where === 'jar' ? jarBears({ numbers: n, choices }) : []),
    ...jarFits({ numbers: n, choices }),
    ...(n.packGas * n.roomToGrow > 0.8 * n.jarVolume
      ? [
          {
            input: 'packGas',
            message: say`given so much that, swollen, it needs ${asVolume(n.packGas * n.roomToGrow, { digits: 4 })};
              accepted: at most ${asVolume((0.8 * n.jarVolume) / n.roomToGrow, {
                digits: 4,
                toward: 'below',
              })} for this jar`,
          },
        ]
      : []),
  ]
}
