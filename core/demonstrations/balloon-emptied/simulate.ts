/** A balloon on the pump's hose: what holds it open leaves, and the room presses it flat. */
import { heldAt, skinPressure, balloonVolume, restingStretch } from '../../mechanisms/rubber-balloon'
import { AIR_GAS_CONSTANT } from '../../substances/air'
import type { Simulation, TraceColumn, Values } from '../face'
import { rubberOf } from '../rubber/inputs'
import { GAS_COLUMNS, TraceRows } from '../trace-rows'
import { isDriven, pumpOf } from '../vacuum/inputs'

export const COLUMNS: readonly TraceColumn[] = [{ id: 'balloonAcross', name: 'balloon across', quantity: 'length' }]
/** Flat when this share of the slack volume is left. */
const FLAT = 0.03
/** Hose and pump chamber keep so much gas, m3. */
const HOSE = 40e-6

export function simulate(values: Values, detail: 'summary' | 'trace'): Simulation {
  const n = values.numbers as Record<string, number>
  const outside = n.stationPressure!
  const rubber = rubberOf(values)
  const pump = pumpOf(values)
  const rows = detail === 'trace' ? new TraceRows([...GAS_COLUMNS, ...COLUMNS]) : undefined
  let stretch = n.balloonStart! / (2 * rubber.radius)
  const slack = balloonVolume(rubber, 1)
  const density = 1 / (AIR_GAS_CONSTANT * n.airTemperature!)
  let amount = heldAt(rubber, stretch, outside)
  const flat = FLAT * slack * outside
  let time = 0
  let flatAt: number | undefined
  let pressure = outside + skinPressure(rubber, stretch)
  const first = pressure
  const period = pump.kind === 'strokes' ? pump.period : Math.max(0.02, amount / (outside * pump.speed) / 60)
  const add = () => rows?.add(time, {
    pressure, gasTemperature: n.airTemperature!, airMass: (amount + pressure * HOSE) * density, steamMass: 0,
    balloonAcross: 2 * rubber.radius * Math.max(0.02, stretch),
  })
  add()
  // Held open: the pump takes a fixed volume at the balloon's pressure. Flat: only the hose is left, and its pressure falls.
  while (time < n.pumpTime! && (flatAt === undefined || (pressure - pump.ultimate > 0.02 * outside && time < flatAt + 0.5 * flatAt + 20))) {
    time += period
    const moved = pump.kind === 'strokes' ? pump.swept : pump.speed * period
    if (flatAt === undefined) {
      // A stroke can't take more than is there.
      const taken = Math.min(amount - flat, Math.max(0, pressure - pump.ultimate) * moved)
      amount -= taken
      if (amount <= flat * 1.0001) {
        flatAt = time
        stretch = 0.02
      } else {
        // Under the slack size the skin crumples and carries nothing: the air stays at the room's pressure.
        stretch = restingStretch(rubber, amount, outside)
        pressure = outside + skinPressure(rubber, stretch)
      }
    } else pressure = pump.ultimate + (pressure - pump.ultimate) * (pump.kind === 'strokes' ? HOSE / (HOSE + pump.swept) : 1 / (1 + moved / HOSE))
    add()
  }
  const difference = outside - pressure
  const squeezed = difference * Math.PI * rubber.radius * rubber.radius
  return {
    results: {
      finalPressure: pressure, timeToPump: time, ...(!isDriven(values) && { strokes: Math.round(time / n.strokeTime!) }),
      peakPressureDifference: Math.max(0, difference), greatestPossible: outside - pump.ultimate, squeeze: Math.max(0, squeezed),
      ...(flatAt !== undefined && { hush: flatAt }),
    },
    events: flatAt === undefined ? [] : [{ id: 'flat', name: 'flat', time: flatAt }],
    outcome: flatAt === undefined ? 'open' : 'flat',
    details: { stationPressure: outside, sealing: 0, timeOfLifting: 0, first, difference, ...(flatAt !== undefined && { goneAt: flatAt }) },
    trace: rows && (() => {
      rows.stage('hush', 'emptying', flatAt ?? time)
      rows.stage('after', 'squeeze', time)
      return rows.finish()
    })(),
  }
}
