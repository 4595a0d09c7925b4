/** A trimmed float in a bottle that is squeezed, held and let go. */
import { airToHang, bubble, hangingPressure, lift, type Bulb } from '../../mechanisms/floating-bulb'
import { AIR_GAS_CONSTANT } from '../../substances/air'
import { liquidDensity } from '../../substances/water'
import { GRAVITY } from '../../substances/water-transport'
import type { Simulation, TraceColumn, Values } from '../face'
import type { Detail } from '../accuracy'
import { GAS_COLUMNS, TraceRows } from '../trace-rows'

export const COLUMNS: readonly TraceColumn[] = [...GAS_COLUMNS, { id: 'depth', name: 'depth of the float', quantity: 'length' }, { id: 'bubble', name: 'air in the float', quantity: 'volume' }, { id: 'squeeze', name: 'squeeze', quantity: 'pressure' }]

export const MATERIALS: Readonly<Record<string, { name: string, density: number }>> = { glass: { name: 'glass dropper', density: 2400 }, plastic: { name: 'plastic pen cap or straw', density: 940 } }
export const BALLAST = 2200 // modelling clay with a little wire, kg/m3; assumption

export function bulbOf({ numbers: n, choices }: Values): Bulb {
  const { density } = MATERIALS[choices.material!] ?? MATERIALS.glass!
  return {
    mass: n.bulbMass! + n.ballastMass!, solid: n.bulbMass! / density + n.ballastMass! / BALLAST, air: n.bulbCapacity! - n.waterInBulb!, pressure: n.stationPressure!,
      temperature: n.waterTemperature!,
  }
}

/** Water to draw in so that a squeeze of a given size just sinks it, m3. */
export function waterForSqueeze(values: Values, squeeze: number): number {
  const n = values.numbers
  const bulb = bulbOf(values)
  const density = liquidDensity(n.waterTemperature!)
  return n.bulbCapacity! - airToHang(bulb.mass, bulb.solid, density) * (n.stationPressure! + squeeze) / n.stationPressure!
}

const SQUEEZING = 0.6
const SETTLE = 1
const LONGEST = 14

export function simulate(values: Values, detail: Detail, refinement = 1): Simulation {
  const n = values.numbers as Record<string, number>
  const outside = n.stationPressure!
  const density = liquidDensity(n.waterTemperature!)
  const bulb = bulbOf(values)
  const warmth = n.waterTemperature! + n.warming!
  const surface = outside + n.weather!
  const hang = hangingPressure(bulb, warmth, density)
  const bottom = Math.max(0.02, n.vesselHeight! - n.bulbLength!)
  const weight = density * GRAVITY
  const needed = hang - surface
  const rows = detail === 'trace' ? new TraceRows(COLUMNS) : undefined
  const drag = 0.5 * density * n.dragArea!
  let depth = 0
  let speed = 0
  let time = 0
  const advance = (until: number, squeeze: (t: number) => number, stop: (d: number) => boolean) => {
    let reached: number | undefined
    while (time < until) {
      const step = 0.02
      const pressure = surface + squeeze(time) + weight * depth
      const air = bubble(bulb, pressure, warmth)
      const inertia = bulb.mass + density * Math.max(0, n.bulbCapacity! - air) + 0.5 * density * (bulb.solid + n.bulbCapacity!)
      const force = -lift(bulb, pressure, warmth, density)
      speed = (speed + force / inertia * step) / (1 + drag * Math.abs(speed) / inertia * step + 0.002 / inertia * step)
      depth += speed * step
      if (depth < 0 || depth > bottom) {
        depth = Math.min(bottom, Math.max(0, depth))
        speed = 0
      }
      time += step
      rows?.add(time, { pressure: surface + squeeze(time), gasTemperature: warmth, airMass: bulb.air * bulb.pressure / (AIR_GAS_CONSTANT * bulb.temperature), steamMass: 0,
        depth, bubble: air, squeeze: squeeze(time) })
      if (reached === undefined && stop(depth)) reached = time
      if (reached !== undefined && time > reached + 0.3) break
    }
    return reached
  }
  rows?.add(0, { pressure: surface, gasTemperature: warmth, airMass: bulb.air * bulb.pressure / (AIR_GAS_CONSTANT * bulb.temperature), steamMass: 0, depth: 0,
    bubble: bubble(bulb, surface, warmth), squeeze: 0 })
  // By itself first: a float that sinks now needs no squeeze.
  const sunk = needed <= 0
  advance(SETTLE, () => 0, () => false)
  const pressed = time
  const squeeze = n.squeezePressure!
  const down = sunk ? pressed : advance(pressed + LONGEST, t => squeeze * Math.min(1, (t - pressed) / SQUEEZING), d => d >= 0.97 * bottom)
  const released = time
  const ramp = (t: number) => squeeze * Math.max(0, 1 - (t - released) / SQUEEZING)
  const back = down === undefined || sunk ? undefined : advance(released + LONGEST, ramp, d => d <= 0.02 * bottom)
  if (sunk) advance(pressed + 6, () => 0, d => d >= 0.97 * bottom)
  const air = bubble(bulb, surface, warmth)
  const unit = air * density * GRAVITY
  return {
    results: {
      // What floats by its solids alone sinks at no squeeze.
      ...(Number.isFinite(needed) && { squeezeToSink: Math.max(0, needed), handForce: Math.max(0, needed) * n.handArea!,
        perFiveKelvin: hangingPressure(bulb, warmth + 5, density) - hang }), peakPressureDifference: squeeze, freeboard: lift(bulb, surface, warmth, density) / unit,
        ...(down !== undefined && !sunk && { hush: down - pressed, sinkTime: down - pressed }),
      ...(back !== undefined && { returnTime: back - released }), staysBelow: Math.max(0, bottom * weight),
      waterToTrim: waterForSqueeze(values, 0.6 * squeeze),
    },
    events: [...(down !== undefined && !sunk ? [{ id: 'down', name: 'down', time: down }] : []), ...(back !== undefined ? [{ id: 'back', name: 'back', time: back }] : [])],
    outcome: sunk ? 'sunk' : down === undefined ? 'floats' : back === undefined ? 'stays' : 'dives',
    details: { stationPressure: outside, sealing: pressed, timeOfLifting: 0, bottom, difference: squeeze, released, ...(down !== undefined && !sunk && { goneAt: down }) },
    trace: rows && (() => {
      rows.stage('float', 'float', pressed)
      rows.stage('hush', 'squeeze', released)
      rows.stage('after', 'release', time)
      return rows.finish()
    })(),
  }
}
