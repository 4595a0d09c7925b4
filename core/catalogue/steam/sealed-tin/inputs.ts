/** What is stated, and what does not go together. */
import { ROOM_INPUTS, defineInputs, type ValuesOf, type Check } from '../../../demonstration'
import { enclosedVolume } from '../../../vessels/cylinder'
import { atMost, belowBoiling, capacityFits, thinWall, waterFits } from '../checks'
import { choice, quantities, quantity } from '../inputs'
import { METAL_COEFFICIENTS } from '../metal-vessel'
import type { tinOf } from './simulate'

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  choice('vesselShape'),
  quantity('vesselVolume', { units: ['L', 'qt'], default: 5e-3, range: [0.3e-3, 30e-3], usual: [1e-3, 20e-3] }),
  ...quantities('vesselWidth', 'vesselDepth'),
  quantity('vesselHeight', { default: 0.285, range: [0.05, 0.8], usual: [0.12, 0.4] }),
  choice('wallMaterial', { default: 'steel' }),
  quantity('wallThickness', { default: 0.25e-3, range: [0.1e-3, 1.5e-3], usual: [0.18e-3, 0.5e-3] }),
  quantity('mouthDiameter', { default: 0.032, usual: [0.015, 0.06] }),
  choice('vesselCondition'),
  quantity('waterCharge', {
    name: 'water in the tin',
    default: 100e-6,
    range: [5e-6, 10e-3],
    usual: [30e-6, 500e-6],
    lever: [-50e-6, 50e-6, 100e-6],
  }),
  quantity('chargeTemperature'),
  quantity('heaterPower', { default: 1500 }),
  quantity('heatingEfficiency', { default: 0.4, source: 'a tin covers most of a plate; common practice 0.3 to 0.5' }),
  quantity('purgeTime', { default: 90, usual: [0, 300], lever: [-30, 30, 90] }),
  quantity('sealDelay', { default: 3 }),
  quantity('coolDelay', { default: 3 }),
  choice('coolingMethod'),
  quantity('bathTemperature', { name: 'cooling water', default: 285.15 }),
  quantity('coolantFlow'),
  quantity('poolDepth', { default: 0.05 }),
  quantity('bathVolume', { name: 'water in the pool', default: 6e-3 }),
  quantity('iceMass', { name: 'ice in the pool', default: 1, usual: [0, 5] }),
  ...quantities('edgeHolding', 'panelCrown', 'plumeVapourFraction'),
  ...METAL_COEFFICIENTS,
])
export type SealedTinValues = ValuesOf<typeof inputs>

export const round = (values: Parameters<typeof tinOf>[0]) => values.choices.vesselShape === 'cylinder'

export const check: Check<SealedTinValues> = values => [
  ...capacityFits(
    values,
    round(values)
      ? enclosedVolume({ diameter: values.numbers.vesselWidth, height: values.numbers.vesselHeight })
      : values.numbers.vesselWidth * values.numbers.vesselDepth * values.numbers.vesselHeight,
    'its width, depth and height',
  ),
  ...belowBoiling(values, 'chargeTemperature', 'bathTemperature'),
  ...waterFits(values, 'tin'),
  ...atMost(values, 'mouthDiameter', 'vesselWidth', "the tin's width"),
  ...thinWall(values, Math.min(values.numbers.vesselWidth, values.numbers.vesselDepth)),
]
