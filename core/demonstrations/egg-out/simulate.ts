/** Getting the egg out: more pressure inside than outside, by breath or by warming. */
import { quickSaturationPressure } from '../../substances/steam-tables'
import { AIR_GAS_CONSTANT, GAS_CONSTANT } from '../../substances/air'
import { WATER_GAS_CONSTANT } from '../../substances/water'
import { GRAVITY } from '../../substances/water-transport'
import { exp, halving } from '../../elementary'
import type { Simulation, TraceColumn, Values } from '../face'
import { needed, torn, wallOf } from '../hot-air/egg'
import { GAS_COLUMNS, TraceRows } from '../trace-rows'

export const COLUMNS: readonly TraceColumn[] = [...GAS_COLUMNS, { id: 'through', name: 'egg through the neck', quantity: 'fraction' }]
const OUT = 0.3

export function simulate(values: Values, detail: 'summary' | 'trace'): Simulation {
  const n = values.numbers as Record<string, number>
  const outside = n.stationPressure!
  const room = n.airTemperature!
  const neckArea = Math.PI * n.neckDiameter! * n.neckDiameter! / 4
  const weight = n.eggMass! * GRAVITY / neckArea
  const strength = Math.max(0, needed(values) - weight)
  const rows = detail === 'trace' ? new TraceRows(COLUMNS) : undefined
  const warming = values.choices.method === 'warming'
  const dampness = n.dampness!
  const vapour0 = dampness * quickSaturationPressure(Math.max(273.2, room))
  const dry = (outside - vapour0) / room
  const at = (temperature: number, extra: number) => dry * temperature + dampness * quickSaturationPressure(temperature) + extra
  let time = 0
  let through = 0
  const add = (temperature: number, extra: number) => {
    const pressure = at(temperature, extra)
    const vapour = dampness * quickSaturationPressure(temperature)
    rows?.add(time, { pressure, gasTemperature: temperature, airMass: (pressure - vapour) * n.vesselVolume! / (AIR_GAS_CONSTANT * temperature),
      steamMass: vapour * n.vesselVolume! / (WATER_GAS_CONSTANT * temperature), through })
  }
  const mass = outside * n.vesselVolume! / (GAS_CONSTANT * room)
  const timeConstant = mass * 21 / (n.wallTransfer! * wallOf(values)) + n.glassDelay!
  const goal = warming ? n.warmTemperature! : room
  let peak = 0
  let goneAt: number | undefined
  let temperature = room
  let extra = 0
  add(room, 0)
  const longest = warming ? Math.min(180, 5 * timeConstant) : n.breathTime! + 0.5
  const STEPS = 90
  for (let i = 1; i <= STEPS; i++) {
    time = longest * i / STEPS
    if (warming) temperature = goal + (room - goal) * exp(-time / timeConstant)
    // Blown in past the egg, which is its own valve: what is in stays in while the mouth is taken away.
    else extra = n.breathPressure! * (1 - n.breathLoss!) * Math.min(1, time / n.breathTime!)
    const difference = at(temperature, extra) - outside
    peak = Math.max(peak, difference)
    add(temperature, extra)
    // With breath it can only come when the mouth has gone.
    if (difference >= strength && (warming || time >= n.breathTime!)) {
      goneAt = time
      break
    }
  }
  if (goneAt !== undefined && rows) {
    const [t, e] = [temperature, extra]
    const over = at(t, e) - outside
    for (let i = 1; i <= 10; i++) {
      through = i / 10
      time = goneAt + OUT * through
      add(t, through < 0.6 ? e : e - over * (through - 0.6) / 0.4)
    }
  }
  const cooled = dry * (temperature - room)
  const steam = dampness * (quickSaturationPressure(temperature) - quickSaturationPressure(Math.max(273.2, room)))
  return {
    results: { neededDifference: strength, peakPressureDifference: peak, neededTemperature: warmthFor(values, strength), ...(goneAt !== undefined && { hush: goneAt }) },
    events: goneAt === undefined ? [] : [{ id: 'out', name: 'out', time: goneAt }],
    outcome: goneAt === undefined ? 'stays' : torn(values) ? 'pieces' : 'whole',
    details: { stationPressure: outside, sealing: 0, timeOfLifting: 0, cooled, steam, breath: extra, difference: cooled + steam + extra, ...(goneAt !== undefined && { goneAt }) },
    trace: rows && (() => {
      rows.stage('hush', warming ? 'warming' : 'blowing', goneAt ?? time)
      rows.stage('after', 'exit', time)
      return rows.finish()
    })(),
  }
}

/** Temperature of the gas that makes a difference, K: dry gas and its damp together, by halving up to 372 K. */
export function warmthFor({ numbers: n }: Values, difference: number): number {
  const room = n.airTemperature!
  const vapour0 = n.dampness! * quickSaturationPressure(Math.max(273.2, room))
  const dry = (n.stationPressure! - vapour0) / room
  return halving(t => dry * t + n.dampness! * quickSaturationPressure(t) - n.stationPressure! < difference, room, 372, 30)
}
