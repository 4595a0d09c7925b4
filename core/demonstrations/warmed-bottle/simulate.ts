/** A soft bottle warmed with hot water, emptied, capped and cooled. */
import type { Simulation, Values } from '../face'
import { stepTolerance, type Detail } from '../accuracy'
import { heldBelowBoiling, roomOf } from '../steam/filling'
import { fillByRinsing } from '../steam/rinsed'
import { coolSoftBottle, softBottle } from '../steam/soft-bottle'
import { TraceRecorder } from '../steam/trace-recorder'

export function simulate(values: Values, detail: Detail, refinement = 1): Simulation {
  const n = values.numbers as Record<string, number>
  const vessel = softBottle(values)
  const room = roomOf(values, vessel)
  const recorder = detail === 'trace' ? new TraceRecorder({ vessel, room }, 'capping', 'fold') : undefined
  const filled = fillByRinsing(vessel, room, {
    volume: n.waterCharge!, temperature: heldBelowBoiling(n.chargeTemperature!, room), times: 1, contact: n.rinseContact!, saturation: n.filmSaturation!,
    delay: n.sealDelay!, moved: false, uprightShare: 1, airLayerFactor: n.airLayerFactor!, surfaceConductance: n.surfaceConductance!,
  }, stepTolerance(detail, refinement), recorder)
  return coolSoftBottle(values, vessel, room, filled, detail, refinement, recorder)
}
