import type { DrawingState, Simulation, Values } from '../../../demonstration'
import { steamDrawing } from '../drawing'

/** What the cross-section shows at a time on the staging's clock. */
export function drawing(values: Values, simulation: Simulation, time: number): DrawingState {
  const n = values.numbers
  return steamDrawing(values, simulation, time, {
    shape: 'cylinder', closure: 'mouth', cooling: 'bath', heat: 'flame', diameter: n.vesselDiameter!, height: n.vesselHeight!, mouth: n.mouthDiameter!,
    more: { mouthDepth: n.mouthDepth!, bathVolume: n.bathVolume! },
  })
}
