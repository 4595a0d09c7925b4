/** What is stated, and what does not go together. */
import { ROOM_INPUTS, defineInputs, type ValuesOf, type Check } from '../../../demonstration'
import { enclosedVolume } from '../../../vessels/cylinder'
import { belowBoiling, isWetted, thinWall } from '../checks'
import { atMost, capacityFits } from '../../fits'
import { choice, quantities, quantity } from '../inputs'

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  quantity('vesselVolume', { units: ['L', 'gal'], default: 3, range: [0.1, 100], usual: [0.5, 20] }),
  quantity('vesselDiameter', { units: ['m', 'ft'], default: 1.4, range: [0.3, 8], usual: [0.8, 3] }),
  quantity('vesselHeight', { units: ['m', 'ft'], default: 2, range: [0.3, 20], usual: [1, 6] }),
  quantity('hoopSpacing', {
    name: 'between stiffening rings',
    units: ['m', 'ft'],
    default: 2,
    range: [0.1, 20],
    usual: [0.3, 5],
  }),
  quantity('wallThickness', { default: 2.5e-3, range: [0.5e-3, 20e-3], usual: [1.5e-3, 6e-3] }),
  {
    id: 'ratedVacuum',
    name: 'vacuum it is rated for',
    kind: 'quantity',
    quantity: 'pressure',
    units: ['kPa', 'psi'],
    group: 'vessel',
    default: 3e3,
    range: [50, 90e3],
    usual: [500, 20e3],
    spread: { shape: 'exact' },
  },
  {
    id: 'airLeft',
    name: 'air left after steaming',
    kind: 'quantity',
    quantity: 'fraction',
    units: ['%', '%'],
    group: 'heat',
    default: 0.04,
    range: [0.002, 0.9],
    usual: [0.01, 0.3],
    spread: { shape: 'lognormal', relative: 0.4 },
  },
  choice('coolingMethod', {
    default: 'spray',
    choices: [
      { id: 'spray', name: 'a rinse with water inside' },
      { id: 'sprinkle', name: 'rain or a hose outside' },
      { id: 'still-air', name: 'nothing but still air round it' },
    ],
  }),
  quantity('coolantFlow', {
    units: ['L/min', 'gal/min'],
    default: ({ choices }) => ((choices.coolingMethod === 'spray' ? 60 : 20) * 1e-3) / 60,
    range: [0.5e-3 / 60, 2000e-3 / 60],
    usual: [5e-3 / 60, 300e-3 / 60],
    lever: [-30e-3 / 60],
  }),
  quantity('bathTemperature', { name: 'its temperature', default: 285.15, lever: [20, 40] }),
  quantity('leakArea', {
    name: 'vent left open',
    group: 'cooling',
    units: ['cm2', 'in2'],
    default: 0,
    range: [0, 1],
    usual: [0, 100e-4],
    spread: { shape: 'normal', relative: 0.05 },
    lever: [10e-4, 50e-4],
    source: 'free area with its contraction (about 0.6 of a plain hole)',
  }),
  quantity('sprayContact', {
    default: 0.9,
    usual: [0.3, 0.99],
    spread: { shape: 'triangular', below: 0.3, above: 0.09 },
    source:
      'share of its capacity for heat that spray uses in pure steam: drops of a millimetre that fall ' +
      'for half a second and more take up 1 − exp(−6 t/s), nearly all (Ranz & Marshall 1952 with ' +
      'conduction inside)',
  }),
  ...quantities(
    'wettedFactor',
    'hoopHolding',
    'airLayerFactor',
    'bathTransferFactor',
    'surfaceConductance',
    'knockDown',
    'residualLoad',
    'packingStiffness',
  ),
])
export type ProcessVesselValues = ValuesOf<typeof inputs>

export const check: Check<ProcessVesselValues> = values => [
  ...capacityFits(
    values,
    'vesselVolume',
    enclosedVolume({ diameter: values.numbers.vesselDiameter, height: values.numbers.vesselHeight }),
  ),
  ...(isWetted(values) ? belowBoiling(values, 'bathTemperature') : []),
  ...atMost(values, 'hoopSpacing', 'vesselHeight', "the tank's height"),
  ...thinWall(values, values.numbers.vesselDiameter),
]
