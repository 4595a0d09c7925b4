import type { DrawingState, Simulation, Values } from '../face'
import { valueAt } from '../trace-reading'

/** What the cross-section shows at a time on the staging's clock. */
export function drawing(values: Values, simulation: Simulation, time: number): DrawingState {
  const { trace, details, results } = simulation
  const n = values.numbers
  if (!trace) throw new RangeError('trace: the drawing needs a simulation with a trace')
  const lifting = details.timeOfLifting!
  const sealing = details.sealing!
  const place = time < lifting ? 0 : time < sealing ? 1 : 2
  const carried = place === 1 ? (time - lifting) / Math.max(sealing - lifting, 1e-6) : place === 0 ? 0 : 1
  const boiled = results.timeToBoil !== undefined && time >= results.timeToBoil
  const plume = results.timeToPlume !== undefined && time >= results.timeToPlume && place === 0 && !(details.boiledDry === 1 && time > results.timeToDry!)
  const depth = place === 2 ? Math.min(n.mouthDepth!, (time - sealing) * n.plungeSpeed!) : 0
  return {
    kind: 'can-plunge',
    numbers: {
      place, carried, boiling: boiled && place === 0 ? 1 : 0, plume: plume ? 1 : 0, depth,
      diameter: n.vesselDiameter!, height: n.vesselHeight!, mouth: n.mouthDiameter!, mouthDepth: n.mouthDepth!,
      waterInside: valueAt(trace, 'waterInside', time), volumeLost: valueAt(trace, 'volumeLost', time),
      drawnIn: valueAt(trace, 'waterDrawnIn', time), airFraction: valueAt(trace, 'airFraction', time),
      pressure: valueAt(trace, 'pressure', time), outside: details.stationPressure!, wallTemperature: valueAt(trace, 'wallTemperature', time),
      capacity: n.vesselVolume!, bathVolume: n.bathVolume!, iceMass: n.iceMass!, bathTemperature: details.bathTemperature!,
      jet: place === 2 ? Math.max(0, valueAt(trace, 'inflowSpeed', time)) : 0, lobes: details.lobes!,
    },
  }
}
