import { type Input, ROOM_INPUTS } from '../../../demonstration'
import { choice, quantities, quantity } from '../inputs'

export const INPUTS: readonly Input[] = [
  ...ROOM_INPUTS,
  ...quantities('vesselVolume', 'vesselDiameter', 'vesselHeight'), choice('wallMaterial'), ...quantities('wallThickness', 'mouthDiameter'), choice('vesselCondition'),
  quantity('waterCharge', { name: 'water in the can' }), ...quantities('chargeTemperature', 'heaterPower'),
  quantity('heatingEfficiency', { name: 'share of the heat that gets into the can' }), ...quantities('purgeTime', 'transferTime', 'bathTemperature', 'bathVolume', 'iceMass', 'mouthDepth', 'restedCount'),
  ...quantities(
    'purgeMixing', 'plumeVapourFraction', 'heaterLimit', 'uprightShare', 'poolRetained', 'plungeSpeed', 'airLayerFactor', 'bathTransferFactor', 'jetStanton',
    'sprayContact', 'splashWeber', 'surfaceConductance', 'knockDown', 'residualLoad', 'packingStiffness', 'entryLoss', 'mouthPassage',
  ),
]
