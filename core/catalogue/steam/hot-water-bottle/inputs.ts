/** What is stated, and what does not go together. */
import { ROOM_INPUTS, defineInputs, type ValuesOf } from '../../../demonstration'
import { quantity } from '../inputs'
import { SOFT_BATH, SOFT_COEFFICIENTS, SOFT_VESSEL } from '../soft-bottle-face'

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  ...SOFT_VESSEL,
  quantity('waterCharge', {
    name: 'hot water in the bottle',
    default: 80e-6,
    range: [5e-6, 2e-3],
    usual: [20e-6, 300e-6],
    lever: [-40e-6, 60e-6],
  }),
  quantity('chargeTemperature', {
    default: 273.15 + 80,
    usual: [323.15, 368.15],
    spread: { shape: 'normal', absolute: 2 },
    lever: [-10, 5, 10],
  }),
  {
    id: 'swirlTime',
    name: 'swirling before the cap',
    kind: 'quantity',
    quantity: 'time',
    units: ['s', 's'],
    group: 'heat',
    default: 8,
    range: [0.5, 120],
    usual: [1, 30],
    spread: { shape: 'lognormal', relative: 0.25 },
    lever: [-4, 5, 10],
  },
  ...SOFT_BATH,
  {
    id: 'swirling',
    name: 'how much faster swirled water gives off vapour',
    kind: 'quantity',
    quantity: 'fraction',
    units: ['%', '%'],
    group: 'coefficient',
    default: 6,
    range: [1, 40],
    usual: [1, 20],
    spread: { shape: 'lognormal', relative: 0.5 },
    source: '100 %: a still surface; swirled water wets the whole wall, some five to ten times the surface; assumption',
  },
  ...SOFT_COEFFICIENTS,
])
export type HotWaterBottleValues = ValuesOf<typeof inputs>
