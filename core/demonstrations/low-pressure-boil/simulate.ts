/**
 * Warm water under a pump: it boils once the pressure in the jar is down to its vapour pressure.
 *
 * Air and vapour share the jar; the pump takes both; vapour also condenses on the glass, which is at room temperature. The
 * water cools by what it gives off.
 */
import { quickLatentHeat, quickLiquidDensity, quickSaturationPressure, quickSaturationTemperature } from '../../substances/steam-tables'
import { AIR_GAS_CONSTANT } from '../../substances/air'
import { WATER_GAS_CONSTANT } from '../../substances/water'
import { LIQUID_SPECIFIC_HEAT } from '../../substances/water-transport'
import { leakIn } from '../../mechanisms/pump-down'
import type { Simulation, TraceColumn, Values } from '../face'
import { GAS_COLUMNS, TraceRows } from '../trace-rows'
import { isDriven, pumpOf } from '../vacuum/inputs'
import { jarSurface } from '../vacuum/pumped'

export const COLUMNS: readonly TraceColumn[] = [
  { id: 'waterTemperature', name: 'water', quantity: 'temperature' }, { id: 'boilingPoint', name: 'boiling point in the jar', quantity: 'temperature' },
  { id: 'vapourGiven', name: 'water turned to vapour', quantity: 'mass' }, { id: 'boiling', name: 'boiling (1) or not', quantity: 'count' },
]
/** Vapour from a still surface at a room's pressure, kg/(m2 s Pa): ASHRAE Handbook HVAC Applications (2019), ch. 6, 0.089 W/(m2 Pa) over the latent heat; from memory. */
const STILL = 3.8e-8
/** Boiling that the room takes for boiling, s. */
const SHOWN = 2

/** Lowest temperature that can be brought to the boil with this pump here, K. */
export const neededStart = ({ numbers: n }: Values): number => quickSaturationTemperature(Math.min(n.ultimatePressure!, n.stationPressure!) + n.boilingOver!)

export function simulate(values: Values, detail: 'summary' | 'trace'): Simulation {
  const n = values.numbers as Record<string, number>
  const outside = n.stationPressure!
  const room = n.airTemperature!
  const pump = pumpOf(values)
  const rows = detail === 'trace' ? new TraceRows([...GAS_COLUMNS, ...COLUMNS]) : undefined
  let water = n.waterTemperature!
  const mass = n.waterVolume! * quickLiquidDensity(water)
  const volume = n.jarVolume! - n.waterVolume!
  const surface = Math.PI * n.beakerDiameter! * n.beakerDiameter! / 4
  const wall = jarSurface(values)
  // Amounts as p V at the jar's mean temperature, J.
  let vapour = 0.5 * quickSaturationPressure(Math.max(274, room)) * volume
  let air = outside * volume - vapour
  let given = 0
  let time = 0
  let boilAt: number | undefined
  let boilPressure: number | undefined
  let shown = 0
  let lastBoil = 0
  let lowest = outside
  const wallSaturation = quickSaturationPressure(Math.max(274, room))
  const row = (boiling: boolean) => {
    const pressure = (air + vapour) / volume
    rows?.add(time, {
      pressure, gasTemperature: room, airMass: air / (AIR_GAS_CONSTANT * room), steamMass: vapour / (WATER_GAS_CONSTANT * room),
      waterTemperature: water, boilingPoint: quickSaturationTemperature(Math.max(700, pressure)), vapourGiven: given, boiling: boiling ? 1 : 0,
    })
  }
  row(false)
  const period = pump.kind === 'strokes' ? pump.period : Math.min(0.5, Math.max(0.05, 0.05 * volume / pump.speed))
  const parts = 3
  let boiling = false
  while (time < n.pumpTime!) {
    let boiled = false
    for (let part = 0; part < parts; part++) {
      const step = period / parts
      const pressure = (air + vapour) / volume
      const saturation = quickSaturationPressure(water)
      boiling = saturation > pressure + (boiling ? 0.2 : 1) * n.boilingOver!
      // From a still surface, and many times that while it boils; implicit in the vapour's own pressure.
      const thinner = Math.min(8, outside / Math.max(pressure, 1000))
      const conductance = surface * n.evaporation! * STILL * thinner * (boiling ? 150 : 1) * (WATER_GAS_CONSTANT * room)
      // To the glass: by diffusion through the air that is left, the less of it the faster.
      const condensing = wall * n.evaporation! * STILL * (WATER_GAS_CONSTANT * room) * thinner
      const partial = vapour / volume
      const settled = (partial + step / volume * (conductance * saturation + (partial > wallSaturation ? condensing * wallSaturation : 0)))
        / (1 + step / volume * (conductance + (partial > wallSaturation ? condensing : 0)))
      const off = Math.max(0, conductance * (saturation - settled) * step) / (WATER_GAS_CONSTANT * room)
      vapour = settled * volume
      given += off
      water -= off * quickLatentHeat(water) / ((mass - given) * LIQUID_SPECIFIC_HEAT) + (water - room) * surface * 18 * step / ((mass - given) * LIQUID_SPECIFIC_HEAT)
      air += leakIn(n.leakArea!, outside, room, pressure) * step
      if (pump.kind === 'steady') {
        const keep = 1 / (1 + pump.speed * Math.max(0, 1 - pump.ultimate / pressure) * step / volume)
        air *= keep
        vapour *= keep
      }
      time += step
      if (boiling) {
        boiled = true
        shown += step
        lastBoil = time
        boilAt ??= time
        boilPressure ??= pressure
      }
    }
    if (pump.kind === 'strokes') {
      const pressure = (air + vapour) / volume
      const keep = Math.min(1, (pressure * volume + pump.ultimate * pump.swept) / (volume + pump.swept) / pressure)
      air *= keep
      vapour *= keep
    }
    lowest = Math.min(lowest, (air + vapour) / volume)
    row(boiled)
    // Each stroke brings a burst; over when none has come for long.
    if (boilAt !== undefined && time > lastBoil + 20) break
    if (water < 274.5) break
  }
  const difference = outside - lowest
  const needed = neededStart(values)
  return {
    results: {
      ...(boilAt !== undefined && { hush: boilAt, boilPressure }), boilTime: shown, neededStart: needed, endTemperature: water, evaporated: given, finalPressure: (air + vapour) / volume,
      localBoilingPoint: quickSaturationTemperature(outside), timeToPump: time, ...(!isDriven(values) && { strokes: Math.round(time / n.strokeTime!) }),
      peakPressureDifference: difference, jarForce: outside * wall, storedEnergy: difference * n.jarVolume!,
    },
    events: boilAt === undefined ? [] : [{ id: 'boils', name: 'boils', time: boilAt }],
    outcome: shown >= SHOWN ? 'boils' : boilAt !== undefined ? 'few' : 'still',
    details: {
      stationPressure: outside, sealing: 0, timeOfLifting: 0, difference: outside - (air + vapour) / volume, freeBefore: volume, freeAfter: volume, vapourPressure: vapour / volume,
      capacity: n.jarVolume!, ...(boilAt !== undefined && { goneAt: boilAt }),
    },
    trace: rows && (() => {
      rows.stage('hush', 'pumping', boilAt ?? time)
      rows.stage('after', 'boiling', time)
      return rows.finish()
    })(),
  }
}
