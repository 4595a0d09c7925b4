/** What is stated, and what does not go together. */
import { ROOM_INPUTS, defineInputs, type ValuesOf, type Check } from '../../../demonstration'
import { enclosedVolume } from '../../../vessels/cylinder'
import { belowBoiling, isWetted, thinWall, waterFits } from '../checks'
import { atMost, capacityFits } from '../../fits'
import { choice, iceIfCold, quantity } from '../inputs'
import { METAL_COEFFICIENTS } from '../metal-vessel'

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  quantity('vesselVolume', { units: ['L', 'gal'], default: 60e-3, range: [5e-3, 0.3], usual: [20e-3, 0.21] }),
  quantity('vesselDiameter', { units: ['cm', 'in'], default: 0.38, range: [0.15, 0.8], usual: [0.28, 0.6] }),
  quantity('vesselHeight', { units: ['cm', 'in'], default: 0.54, range: [0.2, 1.3], usual: [0.35, 0.9] }),
  quantity('hoopSpacing'),
  choice('wallMaterial', { default: 'steel' }),
  quantity('wallThickness', {
    default: 0.6e-3,
    range: [0.2e-3, 2e-3],
    usual: [0.4e-3, 1.2e-3],
    spread: { shape: 'normal', relative: 0.06 },
  }),
  quantity('mouthDiameter', { name: 'bung hole', default: 0.05, range: [0.01, 0.2], usual: [0.018, 0.06] }),
  choice('vesselCondition'),
  quantity('waterCharge', {
    name: 'water in the drum',
    units: ['L', 'qt'],
    default: 1e-3,
    range: [0.05e-3, 40e-3],
    usual: [0.3e-3, 4e-3],
    lever: [-0.5e-3, 0.5e-3],
  }),
  quantity('chargeTemperature'),
  quantity('heaterPower', { name: 'burner', default: 6000, range: [200, 60e3], usual: [2000, 15e3] }),
  quantity('heatingEfficiency', {
    default: 0.45,
    usual: [0.2, 0.7],
    source: 'gas ring under a wide base, Incropera & DeWitt give no figure; common practice 0.35 to 0.55',
  }),
  quantity('purgeTime', {
    default: 240,
    usual: [0, 1200],
    spread: { shape: 'normal', absolute: 10 },
    lever: [-120, 120, 300],
  }),
  quantity('sealDelay', { default: 10, usual: [3, 60], lever: [-5, 10, 20] }),
  quantity('coolDelay', { default: 10 }),
  choice('coolingMethod', { default: 'ice-pool' }),
  quantity('bathTemperature', { name: 'cooling water', default: 277.15 }),
  quantity('coolantFlow'),
  quantity('poolDepth'),
  quantity('bathVolume', { name: 'water in the pool', default: 25e-3, usual: [5e-3, 100e-3] }),
  quantity('iceMass', {
    name: 'ice in the pool',
    units: ['kg', 'lb'],
    default: iceIfCold(5),
    range: [0, 200],
    usual: [0, 30],
  }),
  quantity('hoopHolding'),
  ...METAL_COEFFICIENTS,
  quantity('plumeVapourFraction', { default: 0.6, spread: { shape: 'triangular', below: 0.25, above: 0.25 } }),
])
export type SealedDrumValues = ValuesOf<typeof inputs>

export const check: Check<SealedDrumValues> = values => [
  ...capacityFits(
    values,
    'vesselVolume',
    enclosedVolume({ diameter: values.numbers.vesselDiameter, height: values.numbers.vesselHeight }),
  ),
  ...belowBoiling(values, 'chargeTemperature'),
  ...(isWetted(values) ? belowBoiling(values, 'bathTemperature') : []),
  ...waterFits(values, 'drum'),
  ...atMost(values, 'mouthDiameter', 'vesselDiameter', "the drum's diameter"),
  ...atMost(values, 'hoopSpacing', 'vesselHeight', "the drum's height"),
  ...thinWall(values, values.numbers.vesselDiameter),
]
