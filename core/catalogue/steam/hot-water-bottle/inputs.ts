/** What is stated, and what does not go together. */
import { ROOM_INPUTS, defineInputs, type Values, type ValuesOf } from '../../../demonstration'
import { quickSaturationTemperature } from '../../../substances/steam-tables'
import { quantity } from '../inputs'
import { SOFT_BATH, SOFT_COEFFICIENTS, SOFT_VESSEL } from '../soft-bottle-face'

/** Water that stands ready in a jug is at least this much below boiling, K. */
const BELOW_BOILING = 4

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
    // On a mountain it would boil in the can that it is poured from.
    default: ({ numbers }: Values) =>
      Math.min(273.15 + 80, quickSaturationTemperature(numbers.stationPressure!) - BELOW_BOILING),
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
