/** What is stated, and what does not go together. */
import { ROOM_INPUTS, defineInputs, type ValuesOf, type Check } from '../../../demonstration'
import { belowBoiling, isWetted, waterFits } from '../checks'
import { choice, iceIfCold, quantities, quantity } from '../inputs'
import { METAL_COEFFICIENTS } from '../metal-vessel'
import { TIN_INPUTS, tinFits } from '../tin-wall'

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  ...TIN_INPUTS,
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
  quantity('iceMass', { name: 'ice in the pool', default: iceIfCold(1), usual: [0, 5] }),
  ...quantities('edgeHolding', 'panelCrown', 'plumeVapourFraction'),
  ...METAL_COEFFICIENTS,
])
export type SealedTinValues = ValuesOf<typeof inputs>

export const check: Check<SealedTinValues> = values => [
  ...tinFits(values),
  ...belowBoiling(values, 'chargeTemperature'),
  ...(isWetted(values) ? belowBoiling(values, 'bathTemperature') : []),
  ...waterFits(values, 'tin'),
]
