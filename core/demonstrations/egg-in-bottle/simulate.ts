/** Hot gas in a bottle, an egg on its neck, and what the room pushes through. */
import { FlameGas, OUT, OXYGEN_IN_AIR } from '../../mechanisms/flame-gas'
import { widestEgg } from '../../mechanisms/egg-in-neck'
import { buoyantExchange } from '../../mechanisms/mouth-exchange'
import { GAS_CONSTANT } from '../../substances/air'
import { quickSaturationPressure } from '../../substances/steam-tables'
import { GRAVITY } from '../../substances/water-transport'
import type { Simulation, TraceColumn, Values } from '../face'
import { GAS_MASS, HOT_COLUMNS, fuelOf, roomVapour } from '../hot-air/inputs'
import { fitOf, needed, torn, wallOf } from '../hot-air/egg'
import { TraceRows } from '../trace-rows'

export const COLUMNS: readonly TraceColumn[] = [...HOT_COLUMNS, { id: 'through', name: 'egg through the neck', quantity: 'fraction' }]

/** Longest that one waits for the egg, s. */
const PATIENCE = 60
/** The egg takes so long through the neck, s: what the room sees. */
const GULP = 0.35

export function simulate(values: Values, detail: 'summary' | 'trace'): Simulation {
  const n = values.numbers as Record<string, number>
  const outside = n.stationPressure!
  const room = n.airTemperature!
  const vapourOutside = roomVapour(values)
  const hotWater = values.choices.heating === 'hot-water'
  const fuel = fuelOf('paper')
  const rows = detail === 'trace' ? new TraceRows(COLUMNS) : undefined
  const gas = new FlameGas({ volume: n.vesselVolume!, area: wallOf(values), transfer: n.wallTransfer!, wall: hotWater ? n.rinseTemperature! - 12 : room }, outside, room, vapourOutside)
  const neckArea = Math.PI * n.neckDiameter! * n.neckDiameter! / 4
  const strength = needed(values)
  // The egg as a valve: its weight over the neck, and a wet rim's little hold.
  const valve = n.eggMass! * GRAVITY / neckArea
  let time = 0
  let through = 0
  const add = () => rows?.add(time, {
    pressure: gas.pressure(), gasTemperature: gas.temperature, airMass: (gas.moles - gas.vapour) * GAS_MASS.air, steamMass: gas.vapour * GAS_MASS.vapour, oxygen: gas.oxygenFraction, through,
  })
  /** Open: what expands leaves, what contracts draws air in, hot and cold change places through the neck. */
  const open = (step: number, heat: number) => {
    gas.settle(heat, step, outside)
    const fits = outside * n.vesselVolume! / (GAS_CONSTANT * gas.temperature)
    if (gas.moles > fits) gas.release(1 - fits / gas.moles)
    else gas.addAir(fits - gas.moles, vapourOutside / outside)
    const density = outside * 0.029 / (GAS_CONSTANT * gas.temperature)
    const swapped = buoyantExchange(n.neckDiameter!, density, outside * 0.029 / (GAS_CONSTANT * room)) * n.exchange! * step
    const share = Math.min(0.3, swapped / n.vesselVolume!)
    const before = gas.moles
    const warm = gas.temperature
    gas.release(share)
    const fresh = before * share * warm / room
    gas.temperature = (gas.moles * warm + fresh * room) / (gas.moles + fresh)
    gas.addAir(fresh, vapourOutside / outside)
    const over = gas.moles - outside * n.vesselVolume! / (GAS_CONSTANT * gas.temperature)
    if (over > 0) gas.release(over / gas.moles)
  }
  if (hotWater) {
    // Rinsed with hot water and emptied: the gas comes near the water's temperature and is damp.
    gas.temperature = n.rinseTemperature! - 8
    const vapour = 0.85 * Math.min(0.95 * outside, quickSaturationPressure(gas.temperature))
    const moles = outside * n.vesselVolume! / (GAS_CONSTANT * gas.temperature)
    gas.inert = moles * (1 - vapour / outside) * (1 - OXYGEN_IN_AIR)
    gas.oxygen = moles * (1 - vapour / outside) * OXYGEN_IN_AIR
    gas.vapour = moles * vapour / outside
  }
  add()
  // The fuel drops in burning; the egg comes after so many seconds.
  const power = hotWater ? 0 : n.flamePower!
  const burnsUntil = hotWater ? 0 : n.burnTime!
  let flame = !hotWater
  let highest = gas.temperature
  const early = Math.max(0.02, n.eggDelay! / 80)
  while (time < n.eggDelay! - 1e-9) {
    const step = Math.min(early, n.eggDelay! - time)
    // Open, fresh air comes in: short of oxygen the flame glows low, and does not die.
    flame = flame && time < burnsUntil
    open(step, flame ? gas.burn(fuel, power, n.flameShare!, step) : 0)
    time += step
    highest = Math.max(highest, gas.temperature)
    add()
  }
  const sealing = time
  // From here on the wall of a warmed bottle is cooled, if it is stood in cold water.
  if (hotWater) gas.vessel.wall = n.coolingTemperature!
  let flameOut = flame ? undefined : time
  let danced = 0
  let seal = { temperature: gas.temperature, oxygen: gas.oxygen, carbonDioxide: gas.carbonDioxide, vapour: gas.vapour, moles: gas.moles, time }
  let peak = 0
  let peakState = { ...seal, pressure: gas.pressure() }
  let entered: number | undefined
  let possible = 0
  let held = { pressure: outside, temperature: room, moles: 0, vapour: 0, oxygen: OXYGEN_IN_AIR }
  while (time < sealing + PATIENCE) {
    const since = time - (flameOut ?? time)
    const step = flame ? 0.03 : Math.min(0.5, 0.02 + since * 0.04)
    if (flame && (time >= burnsUntil || gas.vigour() < OUT)) {
      flame = false
      flameOut = time
    }
    gas.settle(flame ? gas.burn(fuel, power, n.flameShare!, step) : 0, step, Math.max(outside * 0.5, gas.pressure()))
    time += step
    highest = Math.max(highest, gas.temperature)
    const pressure = gas.pressure()
    if (pressure > outside + valve) {
      gas.release(1 - (outside + valve * 0.5) / pressure)
      danced += step
      seal = { temperature: gas.temperature, oxygen: gas.oxygen, carbonDioxide: gas.carbonDioxide, vapour: gas.vapour, moles: gas.moles, time }
      if (peak === 0) peakState = { ...seal, pressure: gas.pressure() }
    }
    const difference = outside - gas.pressure()
    possible = Math.max(possible, difference)
    // After it has gone in, only what a wider egg would have met is still worked out.
    if (entered !== undefined) {
      if (difference < 0.9 * possible || (!flame && gas.temperature - gas.vessel.wall < 0.5)) break
      continue
    }
    if (difference > peak) {
      peak = difference
      peakState = { temperature: gas.temperature, oxygen: gas.oxygen, carbonDioxide: gas.carbonDioxide, vapour: gas.vapour, moles: gas.moles, time, pressure: gas.pressure() }
    }
    add()
    if (difference + valve >= strength && difference > 0) {
      entered = time
      held = { pressure, temperature: gas.temperature, moles: gas.moles, vapour: gas.vapour, oxygen: gas.oxygenFraction }
      continue
    }
    if (!flame && time > sealing + 3 && gas.temperature - gas.vessel.wall < 0.5) break
    // Even a loose seat leaks: nothing more to come once it falls.
    if (difference < 0.9 * peak && peak > 50) break
  }
  if (entered !== undefined && rows) {
    for (let i = 1; i <= 12; i++) {
      through = i / 12
      time = entered + GULP * through
      rows.add(time, {
        pressure: through < 0.6 ? held.pressure : held.pressure + (outside - held.pressure) * (through - 0.6) / 0.4, gasTemperature: held.temperature,
        airMass: (held.moles - held.vapour) * GAS_MASS.air * (through < 0.6 ? 1 : outside / held.pressure), steamMass: held.vapour * GAS_MASS.vapour, oxygen: held.oxygen, through,
      })
    }
  }
  const squeezed = torn(values)
  const rt = GAS_CONSTANT / n.vesselVolume!
  const cooled = seal.moles * rt * (seal.temperature - peakState.temperature)
  const condensed = (seal.vapour - peakState.vapour) * rt * peakState.temperature
  const oxygen = (seal.oxygen - peakState.oxygen) * rt * peakState.temperature
  const dioxide = (seal.carbonDioxide - peakState.carbonDioxide) * rt * peakState.temperature
  const start = seal.moles * rt * seal.temperature
  return {
    results: {
      peakPressureDifference: peak, neededDifference: strength, hottest: highest, sealTemperature: seal.temperature,
        oxygenLeft: entered === undefined ? gas.oxygenFraction : held.oxygen, danceTime: danced,
      widestEgg: widestEgg(fitOf(values), possible + valve), possibleDifference: possible, pushOnEgg: peak * neckArea, ...(entered !== undefined && { hush: entered - sealing }),
    },
    events: [
      { id: 'seal', name: 'egg on', time: sealing }, ...(flameOut !== undefined && !hotWater ? [{ id: 'out', name: 'flame out', time: flameOut }] : []),
      ...(entered !== undefined ? [{ id: 'in', name: 'in', time: entered }] : []),
    ],
    outcome: entered === undefined ? 'stays' : squeezed ? 'torn' : 'whole',
    details: {
      stationPressure: outside, sealing, timeOfLifting: 0, valve, cooled, condensed, oxygen, dioxide, start, difference: start - peakState.pressure, peakTime: peakState.time,
        lastSeal: seal.time,
      flameOut: flameOut ?? 0, ...(entered !== undefined && { goneAt: entered }),
    },
    trace: rows && (() => {
      rows.stage('heat', hotWater ? 'open and warm' : 'open fire', sealing)
      rows.stage('hush', 'hush', entered ?? time)
      rows.stage('after', 'gulp', time)
      return rows.finish()
    })(),
  }
}
