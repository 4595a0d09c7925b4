import type { Scene } from '../../../demonstration'
import { steamScene } from '../scene'
import type { CanPlungeValues } from './inputs'
import type { CanPlungeRun } from './simulate'

/** What the cross-section shows at a time on the staging's clock. */
export function drawing(values: CanPlungeValues, simulation: CanPlungeRun, time: number): Scene {
  const n = values.numbers
  return steamScene(values, simulation, time, {
    shape: 'cylinder',
    closure: 'mouth',
    cooling: 'bath',
    heat: 'flame',
    diameter: n.vesselDiameter,
    height: n.vesselHeight,
    mouth: n.mouthDiameter,
    mouthDepth: n.mouthDepth,
    bathVolume: n.bathVolume,
  })
}
