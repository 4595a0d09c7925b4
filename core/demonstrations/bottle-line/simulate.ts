/** A bottle on a line driven by burning vapour through a hole in its cap: how far, how fast. Planning only. */
import { nozzleFlow } from '../../mechanisms/nozzle-flow'
import { ballArea } from '../../mechanisms/flight'
import { AIR_GAS_CONSTANT } from '../../substances/air'
import { GRAVITY } from '../../substances/water-transport'
import { exp } from '../../elementary'
import type { Simulation, TraceColumn, Values } from '../face'
import type { Detail } from '../accuracy'
import { pulseLevel } from '../motion/planned-only'
import { GAS_COLUMNS, TraceRows } from '../trace-rows'

export const COLUMNS: readonly TraceColumn[] = [...GAS_COLUMNS, { id: 'place', name: 'along the line', quantity: 'length' }, { id: 'speed', name: 'speed', quantity: 'speed' }]
/** Hot gas as it leaves, K: between a flame and the room; the thrust hardly depends on it. */
const HOT = 1200

export function simulate(values: Values, detail: Detail, refinement = 1): Simulation {
  const n = values.numbers as Record<string, number>
  const outside = n.stationPressure!
  const temperature = n.airTemperature!
  const density = outside / (AIR_GAS_CONSTANT * temperature)
  const vent = ballArea(n.ventDiameter!)
  const rows = detail === 'trace' ? new TraceRows(COLUMNS) : undefined
  // With a larger hole less pressure builds up: what burns in a time, against what the hole lets out.
  const closedRise = n.pressureRise! * outside
  const letOut = nozzleFlow(0.7 * vent, outside + 0.5 * closedRise, HOT, outside) * AIR_GAS_CONSTANT * HOT / n.bottleVolume!
  const peakGauge = closedRise / (1 + letOut * n.burnTime! / (0.5 * closedRise + outside))
  const step = 0.002
  let [place, speed, time, impulse, fastest] = [0, 0, 0, 0, 0]
  let gauge = 0
  const mass = n.bottleMass!
  const drag = 0.5 * density * 0.35 * ballArea(n.bottleDiameter!)
  const add = () => rows?.add(time, { pressure: outside + gauge, gasTemperature: temperature + (HOT - temperature) * Math.min(1, gauge / Math.max(peakGauge, 1)),
    airMass: (outside + gauge) * n.bottleVolume! / (AIR_GAS_CONSTANT * HOT), steamMass: 0, place, speed })
  add()
  const fall = Math.max(0.005, n.bottleVolume! / (0.7 * vent * 400))
  while (time < 12 && place < n.lineLength!) {
    gauge = time < n.burnTime! ? peakGauge * time / n.burnTime! : peakGauge * exp(-(time - n.burnTime!) / fall)
    // Momentum of the jet: choked or not, within a tenth of 2 C A Δp at these pressures, less as the jet chokes.
    const thrust = 2 * 0.7 * vent * gauge / (1 + 0.25 * gauge / outside)
    impulse += thrust * step
    const friction = speed > 0.01 ? n.lineFriction! * mass * GRAVITY : 0
    speed = Math.max(0, (speed + (thrust - friction) / mass * step) / (1 + drag * speed / mass * step))
    place += speed * step
    time += step
    fastest = Math.max(fastest, speed)
    add()
    if (time > n.burnTime! + 5 * fall && speed < 0.05) break
  }
  const reached = place >= n.lineLength!
  const share = peakGauge / n.pressureRating!
  return {
    results: {
      runLength: Math.min(place, n.lineLength!), topSpeed: fastest, runTime: time, ...(reached && { hush: time, arrivalSpeed: speed, arrivalEnergy: mass * speed * speed / 2 }),
        impulse, peakPressureDifference: peakGauge, ratingShare: share,
      levelFirstRow: pulseLevel(peakGauge * n.bottleVolume! * 4, n.soundShare!, 0.1, n.firstRow!),
    },
    events: reached ? [{ id: 'end', name: 'at the end', time }] : [],
    outcome: share > 1 ? 'over' : reached ? 'arrives' : 'short',
    details: { stationPressure: outside, sealing: 0, timeOfLifting: 0, difference: peakGauge, ...(reached && { goneAt: time }) },
    trace: rows && (() => {
      rows.stage('hush', 'burning', Math.min(time, n.burnTime! + 3 * fall))
      rows.stage('after', 'run', time)
      return rows.finish()
    })(),
  }
}
