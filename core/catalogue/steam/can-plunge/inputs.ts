import { defineInputs, type ValuesOf, type Check } from '../../../demonstration'
import { enclosedVolume } from '../../../vessels/cylinder'
import { bathHolds, belowBoiling, thinWall, waterFits } from '../checks'
import { atMost, capacityFits } from '../../fits'
import { ROOM_INPUTS } from '../../../demonstration'
import { choice, quantities, quantity } from '../inputs'

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  ...quantities('vesselVolume', 'vesselDiameter', 'vesselHeight'),
  choice('wallMaterial'),
  ...quantities('wallThickness', 'mouthDiameter'),
  choice('vesselCondition'),
  quantity('waterCharge', { name: 'water in the can' }),
  ...quantities('chargeTemperature', 'heaterPower'),
  quantity('heatingEfficiency', { name: 'share of the heat that gets into the can' }),
  ...quantities('purgeTime', 'transferTime', 'bathTemperature', 'bathVolume', 'iceMass', 'mouthDepth', 'restedCount'),
  ...quantities(
    'purgeMixing',
    'plumeVapourFraction',
    'heaterLimit',
    'uprightShare',
    'poolRetained',
    'plungeSpeed',
    'airLayerFactor',
    'bathTransferFactor',
    'jetStanton',
    'sprayContact',
    'splashWeber',
    'surfaceConductance',
    'knockDown',
    'residualLoad',
    'packingStiffness',
    'entryLoss',
    'mouthPassage',
  ),
])
export type CanPlungeValues = ValuesOf<typeof inputs>

export const check: Check<CanPlungeValues> = (values: CanPlungeValues) => [
  ...capacityFits(
    values,
    'vesselVolume',
    enclosedVolume({ diameter: values.numbers.vesselDiameter, height: values.numbers.vesselHeight }),
  ),
  ...belowBoiling(values, 'chargeTemperature', 'bathTemperature'),
  ...waterFits(values, 'can'),
  ...bathHolds(values, 'can'),
  ...atMost(values, 'mouthDiameter', 'vesselDiameter', "the can's diameter"),
  ...atMost(values, 'mouthDepth', 'vesselHeight', "the can's height"),
  ...thinWall(values, values.numbers.vesselDiameter),
]
