import {
  blank,
  coefficient,
  ROOM_INPUTS,
  defineInputs,
  type ValuesOf,
  defineInput,
  type Fault,
} from '../../../demonstration'
import { atMost } from '../../fits'
import { BURNS_IN, WORST_RISE, noOxygen } from '../planned-only'
import { simulate } from './simulate'
import { asLength, asPressure, say } from '../../../sentence'
const GUIDE = defineInput({
  id: 'guide',
  name: 'guided',
  kind: 'choice',
  group: 'vessel',
  default: 'line',
  choices: [
    { id: 'line', name: 'along a line' },
    { id: 'free', name: 'freely' },
  ],
})

/**
 * A rich, quick mixture: as far above what is stated as only one in some tens goes in each, about one in a hundred in
 * both.
 */
const RICHER = 3.4

const QUICKER = 0.6

/** Only a bottle for fizzy drinks, on a line, in air, under its limit in 99 of 100 mixtures. */
export function check(values: BottleLineValues): Fault[] {
  const { choices, numbers: n } = values
  const faults = [
    ...(choices.bottleKind === 'fizzy'
      ? []
      : [
          {
            input: 'bottleKind',
            message:
              `given "${choices.bottleKind}"; accepted: fizzy: only bottles made for fizzy drinks hold ` +
              'pressure; others burst',
          },
        ]),
    ...atMost(values, 'ventDiameter', 'bottleDiameter', "the bottle's width"),
    ...noOxygen(values),
    ...(choices.guide === 'free'
      ? [
          {
            input: 'guide',
            message: 'given "free"; refused: a burning bottle that flies freely hits people; accepted: line',
          },
        ]
      : []),
  ]
  if (faults.length > 0) return faults
  const worst = { ...n, pressureRise: Math.min(WORST_RISE, n.pressureRise + RICHER), burnTime: QUICKER * n.burnTime }
  const share = simulate({ choices, numbers: worst }, 'summary').results.ratingShare
  return share <= 1
    ? []
    : [
        {
          input: 'ventDiameter',
          message: say`given ${asLength(n.ventDiameter)}; refused: one mixture in a hundred would build up
            ${asPressure(share * n.pressureRating, { digits: 4 })} or more, over the stated limit of
            ${asPressure(n.pressureRating, { digits: 4 })}; accepted: a hole wide enough to stay under it, or a
            bottle that bears more`,
        },
      ]
}

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  {
    id: 'bottleKind',
    name: 'bottle',
    kind: 'choice',
    group: 'vessel',
    default: 'fizzy',
    choices: [
      { id: 'fizzy', name: 'bottle made for fizzy drinks' },
      { id: 'still', name: 'bottle for still drinks' },
      { id: 'glass', name: 'glass bottle' },
    ],
  },
  BURNS_IN,
  GUIDE,
  blank('bottleVolume', 'it holds', 'mL', 'vessel', 0.5e-3, [20e-6, 0.5e-3], [100e-6, 0.5e-3], 0.01),
  blank('bottleDiameter', 'across', 'cm', 'vessel', 0.065, [0.02, 0.2], [0.04, 0.1], 0.01),
  blank('bottleMass', 'with hooks', 'g', 'vessel', 0.03, [5e-3, 0.5], [0.015, 0.08], 0.03),
  blank('ventDiameter', 'hole in the cap', 'mm', 'vessel', 0.008, [0.002, 0.03], [0.004, 0.022], 0.03, {
    lever: [-0.002, 0.004],
  }),
  blank('pressureRating', 'stated limit', 'kPa', 'vessel', 400e3, [50e3, 1e6], [200e3, 600e3], 0),
  blank('lineLength', 'line', 'm', 'load', 10, [1, 60], [4, 20], 0.01, { lever: [-4, 5] }),
  blank('firstRow', 'first row from the line', 'm', 'load', 4, [1, 50], [2, 12], 0.02),
  coefficient(
    'pressureRise',
    'overpressure it could reach closed, of the room’s',
    '1',
    3,
    [0.2, WORST_RISE],
    [1, WORST_RISE],
    { shape: 'triangular', below: 2, above: 4 },
    'closed and well mixed 7 (NFPA 68); a poor mixture less',
  ),
  coefficient(
    'burnTime',
    'it burns within',
    's',
    0.06,
    [0.01, 2],
    [0.03, 0.4],
    0.35,
    'a flame of 3 to 5 m/s running the length of a bottle; assumption',
  ),
  coefficient(
    'leavingTemperature',
    'gas that leaves through the hole',
    'degC',
    700,
    [280, 2500],
    [350, 1800],
    { shape: 'lognormal', relative: 0.35 },
    'burnt and unburnt gas together, between a flame and the room; the colder, the more pressure builds up; assumption',
  ),
  coefficient(
    'lineFriction',
    'friction on the line',
    '%',
    0.25,
    [0.02, 2],
    [0.1, 0.6],
    0.25,
    'plastic or wire hooks on nylon; assumption',
  ),
  coefficient(
    'soundShare',
    'share of the energy that becomes sound',
    '%',
    1e-4,
    [1e-7, 0.05],
    [1e-5, 5e-3],
    0.7,
    'a whoosh, less than a bang; assumption',
  ),
])
export type BottleLineValues = ValuesOf<typeof inputs>
