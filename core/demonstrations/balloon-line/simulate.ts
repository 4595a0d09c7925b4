/** A balloon on a straw on a line, let go. */
import { balloonVolume, hump, skinPressure } from '../../mechanisms/rubber-balloon'
import { ballArea } from '../../mechanisms/flight'
import { pow } from '../../elementary'
import { AIR_GAS_CONSTANT } from '../../substances/air'
import { GRAVITY } from '../../substances/water-transport'
import type { Simulation, TraceColumn, Values } from '../face'
import type { Detail } from '../accuracy'
import { rubberOf } from '../rubber/inputs'
import { GAS_COLUMNS, TraceRows } from '../trace-rows'

export const COLUMNS: readonly TraceColumn[] = [...GAS_COLUMNS, { id: 'place', name: 'along the line', quantity: 'length' }, { id: 'speed', name: 'speed', quantity: 'speed' }, { id: 'balloonAcross', name: 'balloon across', quantity: 'length' }, { id: 'left', name: 'air left of the blown-in', quantity: 'fraction' }]

/** A long balloon fills section by section: its pressure stays near that of the hump, its width near this stretch. */
const LONG_STRETCH = 3
const LONG_PRESSURE = 0.75

export function simulate(values: Values, detail: Detail, refinement = 1): Simulation {
  const n = values.numbers as Record<string, number>
  const outside = n.stationPressure!
  const temperature = n.airTemperature!
  const density = outside / (AIR_GAS_CONSTANT * temperature)
  const rubber = rubberOf(values)
  const long = values.choices.balloonShape === 'long'
  const rows = detail === 'trace' ? new TraceRows(COLUMNS) : undefined
  const full = Math.PI / 6 * n.blownTo! * n.blownTo! * n.blownTo!
  const longWidth = LONG_STRETCH * 2 * rubber.radius * 0.5
  const slack = balloonVolume(rubber, 1)
  const over = (volume: number) => long
    ? (volume > slack * 0.3 ? LONG_PRESSURE * hump(rubber) * 1.3 : 0)
    : skinPressure(rubber, pow(volume / slack, 1 / 3))
  const across = (volume: number) => long ? longWidth : 2 * rubber.radius * pow(volume / slack, 1 / 3)
  const nozzle = ballArea(n.nozzleDiameter!)
  const fixed = n.rubberMass! + n.strawMass!
  let volume = full
  let place = 0
  let speed = 0
  let time = 0
  let fastest = 0
  let thrust0 = 0
  let emptyAt: number | undefined
  const pressure0 = over(full)
  const burst = !long && n.blownTo! / (2 * rubber.radius) >= rubber.burst
  const line = n.lineLength!
  const step = 0.01
  const add = () => rows?.add(time, {
    pressure: outside + over(volume), gasTemperature: temperature, airMass: (outside + over(volume)) * volume / (AIR_GAS_CONSTANT * temperature), steamMass: 0, place, speed,
      balloonAcross: across(volume), left: volume / full,
  })
  add()
  while (!burst && time < 40 && place < line) {
    const gauge = over(volume)
    // Jet into still air: Q = C A √(2 Δp/ρ), thrust = ρ Q²/(C A).
    const flow = gauge > 0 ? n.nozzleFlow! * nozzle * Math.sqrt(2 * gauge / density) : 0
    const jet = flow > 0 ? density * flow * flow / (n.nozzleFlow! * nozzle) : 0
    if (time === 0) thrust0 = jet
    const air = density * volume
    const inertia = fixed + air + (long ? 0.1 : 0.5) * density * volume
    const width = across(volume)
    const drag = 0.5 * density * (long ? n.dragLong! : n.dragRound!) * ballArea(width)
    // Weight on the line, and what its slope adds.
    const friction = n.lineFriction! * (fixed + air * 0.02) * GRAVITY
    const slope = (fixed) * GRAVITY * n.lineSlope!
    const push = jet - slope - (speed > 1e-3 ? friction : Math.min(friction, Math.max(0, jet - slope)))
    speed = Math.max(0, (speed + push / inertia * step) / (1 + drag * speed / inertia * step))
    place += speed * step
    volume = Math.max(0, volume - flow * step)
    time += step
    fastest = Math.max(fastest, speed)
    if (emptyAt === undefined && gauge <= 0) emptyAt = time
    add()
    if (gauge <= 0 && speed < 0.02) break
    if (gauge <= 0 && time > 12) break
    if (time > 2 && speed <= 0 && jet <= friction + slope) break
  }
  const reached = place >= line
  return {
    results: {
      runLength: Math.min(place, line), topSpeed: fastest, runTime: time, thrust: thrust0, airTime: emptyAt ?? time, peakPressureDifference: pressure0, airVolume: full,
        ...(reached && { hush: time, arrivalSpeed: speed }),
    },
    events: burst ? [{ id: 'burst', name: 'bursts', time: 0 }] : [...(emptyAt === undefined ? [] : [{ id: 'empty', name: 'empty', time: emptyAt }]), ...(reached ? [{ id: 'end', name: 'at the end', time }] : [])],
    outcome: burst ? 'bursts' : reached ? 'arrives' : place > 0.5 ? 'short' : 'stands',
    details: { stationPressure: outside, sealing: 0, timeOfLifting: 0, difference: pressure0, longWidth, ...(reached && { goneAt: time }) },
    trace: rows && (() => {
      if (burst) for (let i = 1; i <= 3; i++) rows.add(i * 0.2, { pressure: outside, gasTemperature: temperature, airMass: 0, steamMass: 0, place: 0, speed: 0,
        balloonAcross: 0.02, left: 0 })
      rows.stage('hush', 'run', burst ? 0.6 : time)
      return rows.finish()
    })(),
  }
}
