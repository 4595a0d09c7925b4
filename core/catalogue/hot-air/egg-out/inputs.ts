/** What is stated, and what does not go together. */
import { blank, coefficient, ROOM_INPUTS, defineInputs, type ValuesOf, type Check } from '../../../demonstration'
import { BOTTLE, EGG, EGG_COEFFICIENTS, EGG_END, eggFits, EGG_SKIN, eggWeighs } from '../egg'
import { chilled } from '../glass-chill'
import { WALL_TRANSFER } from '../inputs'
import { asLength, asTemperature, say } from '../../../sentence'

const CELSIUS = 273.15

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  ...BOTTLE,
  ...EGG,
  EGG_END,
  EGG_SKIN,
  {
    id: 'method',
    name: 'how',
    kind: 'choice',
    group: 'heat',
    default: 'breath',
    lever: true,
    source: 'Breath is quick and funny; warming is cleaner and shows the same gas law; cutting it up always works.',
    choices: [
      { id: 'breath', name: 'blow into it' },
      { id: 'warming', name: 'warm the bottle' },
    ],
  },
  blank(
    'breathPressure',
    'a strong breath',
    'kPa',
    'load',
    8e3,
    [500, 20e3],
    [2e3, 14e3],
    { shape: 'lognormal', relative: 0.25 },
    { lever: [-2e3, 2e3] },
  ),
  blank('breathTime', 'blown for', 's', 'load', 1.5, [0.2, 10], [0.5, 4], { shape: 'lognormal', relative: 0.2 }),
  blank(
    'warmTemperature',
    'warm water over it',
    'degC',
    'heat',
    CELSIUS + 60,
    [CELSIUS + 25, CELSIUS + 95],
    [CELSIUS + 35, CELSIUS + 80],
    { shape: 'normal', absolute: 3 },
    { lever: [-10, 10, 20] },
  ),
  WALL_TRANSFER(9),
  ...EGG_COEFFICIENTS,
  coefficient(
    'breathLoss',
    'lost past the egg when the mouth goes',
    '%',
    0.25,
    [0, 0.95],
    [0.05, 0.6],
    { shape: 'uniform', below: 0.15, above: 0.25 },
    'how well the egg closes as a valve; assumption',
  ),
  coefficient(
    'dampness',
    'how damp the gas stays',
    '%',
    0.8,
    [0, 1],
    [0.3, 1],
    { shape: 'uniform', below: 0.3, above: 0.2 },
    'a wet bottle after the egg went in; assumption',
  ),
  coefficient(
    'glassDelay',
    'time for the warmth to get through the glass',
    's',
    6,
    [0.2, 60],
    [2, 20],
    0.3,
    'glass of 3 mm: L²/α about 15 s to come near; Incropera & DeWitt, ch. 5',
  ),
])
export type EggOutValues = ValuesOf<typeof inputs>

export const check: Check<EggOutValues> = ({ numbers: n, choices }) => [
  ...(choices.method === 'warming' ? chilled(n.warmTemperature, n.airTemperature, 'warmTemperature') : []),
  ...eggFits({ numbers: n, choices }),
  ...eggWeighs({ numbers: n, choices }),
  ...(n.eggDiameter <= n.neckDiameter
    ? [
        {
          input: 'eggDiameter',
          message: say`given ${asLength(n.eggDiameter, { digits: 4 })}; accepted: more than the neck,
            ${asLength(n.neckDiameter, { digits: 4, toward: 'above' })}, or it falls out by itself`,
        },
      ]
    : []),
  ...(choices.method === 'warming' && n.warmTemperature <= n.airTemperature
    ? [
        {
          input: 'warmTemperature',
          message: say`given ${asTemperature(n.warmTemperature, { digits: 4 })}; accepted: above the air,
            ${asTemperature(n.airTemperature, { digits: 4, toward: 'above' })}`,
        },
      ]
    : []),
]
