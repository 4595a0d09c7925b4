/** What is stated, and what does not go together. */
import { blank, coefficient, ROOM_INPUTS, defineInputs, type ValuesOf, type Check } from '../../../demonstration'
import { atMost } from '../../fits'
import { MATERIALS, waterIn } from './simulate'
import { asVolume, say } from '../../../sentence'

const CELSIUS = 273.15

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  blank('vesselHeight', 'water in the bottle stands', 'cm', 'vessel', 0.26, [0.05, 2], [0.15, 0.5], 0.02, {
    onShelf: 'height',
  }),
  blank(
    'waterTemperature',
    'water',
    'degC',
    'water',
    CELSIUS + 18,
    [CELSIUS + 1, CELSIUS + 60],
    [CELSIUS + 5, CELSIUS + 35],
    { shape: 'normal', absolute: 0.5 },
  ),
  {
    id: 'material',
    name: 'float',
    kind: 'choice',
    group: 'load',
    default: 'glass',
    choices: Object.entries(MATERIALS).map(([id, { name }]) => ({ id, name })),
  },
  blank('bulbMass', 'empty float', 'g', 'load', 5e-3, [0.2e-3, 0.1], [1e-3, 0.02], 0.004),
  blank('bulbCapacity', 'it holds', 'mL', 'load', 4.2e-6, [0.2e-6, 0.1e-3], [1e-6, 20e-6], 0.01),
  blank('bulbLength', 'it is long', 'cm', 'load', 0.07, [0.01, 0.3], [0.03, 0.12], 0.02),
  {
    id: 'ballastBy',
    name: 'ballast by',
    kind: 'choice',
    group: 'load',
    default: 'weighed',
    choices: [
      { id: 'weighed', name: 'weighed' },
      { id: 'wire', name: 'copper wire of a length' },
    ],
  },
  blank(
    'wireLength',
    'wire',
    'cm',
    'load',
    0.045,
    [0, 2],
    [0.01, 0.3],
    { shape: 'normal', absolute: 0.0007 },
    { lever: [-0.01, 0.01] },
  ),
  blank('wireDiameter', 'gauge of the wire', 'mm', 'load', 0.8e-3, [0.1e-3, 4e-3], [0.3e-3, 2e-3], {
    shape: 'normal',
    absolute: 0.01e-3,
  }),
  {
    id: 'waterBy',
    name: 'water by',
    kind: 'choice',
    group: 'water',
    default: 'measured',
    choices: [
      { id: 'measured', name: 'measured' },
      { id: 'drops', name: 'counted drops' },
    ],
  },
  blank(
    'drops',
    'drops',
    '1',
    'water',
    17,
    [0, 2000],
    [2, 60],
    { shape: 'normal', absolute: 0.5 },
    { lever: [-1, 1, 3], whole: true },
  ),
  coefficient(
    'dropVolume',
    'a drop of this dropper',
    'mL',
    0.05e-6,
    [0.005e-6, 0.2e-6],
    [0.03e-6, 0.07e-6],
    0.08,
    'a pharmacist’s drop is a twentieth of a millilitre; droppers differ: count fifty onto a scale',
  ),
  blank(
    'ballastMass',
    'ballast',
    'g',
    'load',
    0.2e-3,
    [0, 0.1],
    [0, 0.01],
    { shape: 'normal', absolute: 0.02e-3 },
    { lever: [-0.1e-3, 0.1e-3] },
  ),
  blank(
    'waterInBulb',
    'water drawn into it',
    'mL',
    'water',
    0.83e-6,
    [0, 0.1e-3],
    [0.1e-6, 3e-6],
    { shape: 'normal', absolute: 0.04e-6 },
    { lever: [-0.1e-6, 0.1e-6] },
  ),
  blank(
    'squeezePressure',
    'a good squeeze',
    'kPa',
    'load',
    15e3,
    [200, 100e3],
    [3e3, 40e3],
    { shape: 'lognormal', relative: 0.2 },
    { lever: [-5e3, 5e3] },
  ),
  blank('warming', 'warmer since it was trimmed', 'K', 'water', 0, [-25, 25], [-10, 10], {
    shape: 'normal',
    absolute: 0.7,
  }),
  blank('weather', 'weather since then', 'hPa', 'load', 0, [-8e3, 8e3], [-3e3, 3e3], {
    shape: 'normal',
    absolute: 200,
  }),
  coefficient(
    'dragArea',
    'drag coefficient times area of the float',
    'mm2',
    6e-5,
    [2e-6, 1e-3],
    [2e-5, 2e-4],
    0.3,
    'a blunt rod 1 cm across, coefficient about 0.8 (White, table 7.3)',
  ),
  coefficient(
    'handArea',
    'area that the hand presses',
    'mm2',
    4.5e-3,
    [5e-4, 0.03],
    [2e-3, 0.01],
    0.25,
    'thumb and fingers on the wall; assumption',
  ),
])
export type DiverValues = ValuesOf<typeof inputs>

export const check: Check<DiverValues> = values => [
  ...atMost(values, 'bulbLength', 'vesselHeight', 'the water that it stands in'),
  ...(waterIn(values) >= values.numbers.bulbCapacity
    ? [
        {
          input: values.choices.waterBy === 'drops' ? 'drops' : 'waterInBulb',
          message: say`given ${asVolume(waterIn(values), { digits: 4 })}; accepted: less than the float holds,
            ${asVolume(values.numbers.bulbCapacity, { digits: 4, toward: 'below' })}`,
        },
      ]
    : []),
]
