import { defineInputs } from '../../demonstration'

export const RINSE_COEFFICIENTS = defineInputs([
  {
    id: 'rinseContact',
    name: 'how far a rinse warms the wall',
    kind: 'quantity',
    quantity: 'fraction',
    units: ['%', '%'],
    group: 'coefficient',
    default: 0.7,
    range: [0.05, 1],
    usual: [0.3, 0.95],
    spread: { shape: 'triangular', below: 0.25, above: 0.2 },
    source:
      '100 %: water and wall come to one temperature; a few seconds of shaking leave thick glass short ' +
      'of it; assumption',
  },
  {
    id: 'filmSaturation',
    name: 'how far the wet wall fills the gas with vapour',
    kind: 'quantity',
    quantity: 'fraction',
    units: ['%', '%'],
    group: 'coefficient',
    default: 0.85,
    range: [0.1, 1],
    usual: [0.4, 1],
    spread: { shape: 'triangular', below: 0.25, above: 0.15 },
    source:
      '100 %: saturated at the wall; cold room air falls in as the water leaves and has a second or two; assumption',
  },
])
