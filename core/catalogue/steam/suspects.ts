import type { Suspect } from '../../demonstration'

export const STEAM_SUSPECTS: readonly Suspect[] = [
  {
    id: 'air',
    words: 'air left inside',
    remedy: 'let it boil on longer after the plume before it leaves the heat',
    inputs: [
      'purgeTime',
      'purgeMixing',
      'plumeVapourFraction',
      'heaterPower',
      'heatingEfficiency',
      'heaterLimit',
      'rinseContact',
      'filmSaturation',
      'pouringLoss',
      'swirling',
      'swirlTime',
      'airLeft',
    ],
    slips: [
      'purgeTime',
      'plumeVapourFraction',
      'heatingEfficiency',
      'rinseContact',
      'pouringLoss',
      'swirlTime',
      'airLeft',
    ],
  },
  {
    id: 'carrying',
    words: 'air got in between heat and seal',
    remedy: 'rehearse it cold: fewer steps from the heat to the water, and quicker',
    inputs: ['transferTime', 'sealDelay', 'uprightShare'],
    slips: ['transferTime', 'sealDelay'],
  },
  {
    id: 'bath',
    words: 'cooling water too warm, too little or too late',
    remedy: 'more ice, stirred, and a thermometer in it',
    inputs: ['bathTemperature', 'bathVolume', 'iceMass', 'coolantFlow', 'poolDepth', 'coolDelay', 'stopperTime'],
    slips: ['bathTemperature', 'coolantFlow', 'coolDelay', 'stopperTime'],
  },
  {
    id: 'water',
    words: 'hot water left inside',
    remedy: 'less water to begin with',
    inputs: ['waterCharge', 'chargeTemperature', 'poolRetained'],
    slips: ['waterCharge', 'poolRetained'],
  },
  {
    id: 'leak',
    words: 'the closure leaks',
    remedy: 'a new seal, hand tight, wetted',
    inputs: ['leakArea'],
    reach: { leakArea: 50e-6 },
  },
  {
    id: 'strength',
    words: 'a stronger vessel than expected',
    remedy: 'a thinner or larger vessel',
    inputs: [
      'wallThickness',
      'knockDown',
      'residualLoad',
      'packingStiffness',
      'hoopHolding',
      'hoopSpacing',
      'edgeHolding',
      'panelCrown',
      'vesselDiameter',
      'vesselHeight',
      'vesselWidth',
      'vesselDepth',
      'vesselVolume',
    ],
    slips: ['wallThickness', 'knockDown'],
  },
  {
    id: 'way-in',
    words: 'water did not come in as expected',
    remedy: 'hold the mouth deeper, straight down',
    inputs: [
      'mouthDepth',
      'mouthDiameter',
      'entryLoss',
      'mouthPassage',
      'plungeSpeed',
      'mouthClearance',
      'neckDiameter',
      'neckLength',
      'stemLength',
      'stemDiameter',
      'stemFriction',
    ],
    slips: ['mouthDepth', 'plungeSpeed', 'mouthClearance'],
  },
  {
    id: 'cooling',
    words: 'steam did not condense as expected',
    remedy: '',
    inputs: [
      'airLayerFactor',
      'bathTransferFactor',
      'jetStanton',
      'sprayContact',
      'surfaceConductance',
      'wettedFactor',
    ],
  },
]

/** Glass is not cooled harder to mend a failure. */
export const GLASS_SUSPECTS: readonly Suspect[] = STEAM_SUSPECTS.map(s =>
  s.id === 'bath'
    ? {
        ...s,
        words: 'water too warm, or too little of it',
        remedy: 'a thermometer in it, and more of it: as planned, no colder than the glass bears',
      }
    : s.id === 'way-in'
      ? { ...s, remedy: 'hold the mouth as planned, straight down, off the bottom' }
      : s,
)
