/** What is stated, and what does not go together. */
import { ROOM_INPUTS, defineInputs, type ValuesOf } from '../../../demonstration'
import { quantity } from '../inputs'
import { RINSE_COEFFICIENTS } from '../rinse-inputs'
import { SOFT_BATH, SOFT_COEFFICIENTS, SOFT_VESSEL } from '../soft-bottle-face'

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  ...SOFT_VESSEL,
  quantity('waterCharge', {
    name: 'hot water to warm it',
    default: 500e-6,
    range: [20e-6, 5e-3],
    usual: [100e-6, 1e-3],
    lever: [-250e-6, 300e-6],
  }),
  quantity('chargeTemperature', { default: 273.15 + 65, usual: [308.15, 353.15], lever: [-10, 10] }),
  {
    id: 'standTime',
    name: 'hot water stands in it for',
    kind: 'quantity',
    quantity: 'time',
    units: ['s', 's'],
    group: 'heat',
    default: 20,
    range: [0.5, 600],
    usual: [3, 60],
    spread: { shape: 'lognormal', relative: 0.2 },
    lever: [-10, 20],
  },
  quantity('sealDelay', { name: 'emptied to capped', default: 3, lever: [-2, 5] }),
  ...SOFT_BATH,
  ...RINSE_COEFFICIENTS,
  ...SOFT_COEFFICIENTS,
])
export type WarmedBottleValues = ValuesOf<typeof inputs>
