import type { DrawingState } from '../../../demonstration'
import { steamDrawing } from '../drawing'
import type { CanPlungeValues } from './inputs'
import type { CanPlungeRun } from './simulate'

/** What the cross-section shows at a time on the staging's clock. */
export function drawing(values: CanPlungeValues, simulation: CanPlungeRun, time: number): DrawingState {
  const n = values.numbers
  return steamDrawing(values, simulation, time, {
    shape: 'cylinder',
    closure: 'mouth',
    cooling: 'bath',
    heat: 'flame',
    diameter: n.vesselDiameter,
    height: n.vesselHeight,
    mouth: n.mouthDiameter,
    more: { mouthDepth: n.mouthDepth, bathVolume: n.bathVolume },
  })
}
