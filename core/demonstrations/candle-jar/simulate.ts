/** A candle in a dish of water, a jar put over it. */
import { FlameGas, OUT } from '../../mechanisms/flame-gas'
import { GAS_CONSTANT } from '../../substances/air'
import { liquidDensity } from '../../substances/water'
import { GRAVITY } from '../../substances/water-transport'
import type { Simulation, TraceColumn, Values } from '../face'
import { GAS_MASS, HOT_COLUMNS, fuelOf, roomVapour } from '../hot-air/inputs'
import { TraceRows } from '../trace-rows'

export const COLUMNS: readonly TraceColumn[] = [...HOT_COLUMNS, { id: 'level', name: 'water in the jar', quantity: 'length' }]
/** A rise that the back row sees, m. */
const SEEN = 0.008

/** Height of the water in the jar for a volume of it, m: a neck fills fast, a body slowly. */
export function levelFor({ numbers: n, choices }: Values, volume: number): number {
  const body = Math.PI * n.jarDiameter! * n.jarDiameter! / 4
  if (choices.jarShape !== 'necked') return volume / body
  const neck = Math.PI * n.mouthDiameter! * n.mouthDiameter! / 4
  const inNeck = neck * n.neckLength!
  return volume <= inNeck ? volume / neck : n.neckLength! + (volume - inNeck) / body
}

/** Wall that the gas touches, m2. */
const wallArea = ({ numbers: n }: Values): number => Math.PI * n.jarDiameter! * n.jarDiameter! / 4 + 4 * n.jarVolume! / n.jarDiameter!

export function simulate(values: Values, detail: 'summary' | 'trace'): Simulation {
  const n = values.numbers as Record<string, number>
  const outside = n.stationPressure!
  const room = n.airTemperature!
  const fuel = fuelOf('paraffin')
  const rows = detail === 'trace' ? new TraceRows(COLUMNS) : undefined
  const gas = new FlameGas({ volume: n.jarVolume!, area: wallArea(values), transfer: n.wallTransfer!, wall: room }, outside, room + n.caughtWarmth!, roomVapour(values))
  const weight = liquidDensity(Math.max(274, room)) * GRAVITY
  const power = n.flamePower! * n.candles!
  let time = 0
  let volume = n.jarVolume! // of the gas
  let level = 0
  let bubbles = 0
  let flame = true
  let flameOut: number | undefined
  let drowned = false
  let hottest = gas.temperature
  let seal = { temperature: gas.temperature, vapour: gas.vapour, oxygen: gas.oxygen, carbonDioxide: gas.carbonDioxide, moles: gas.moles, pressure: outside, volume, time: 0 }
  let risen: number | undefined
  const add = () => rows?.add(time, {
    pressure: outside - weight * level, gasTemperature: gas.temperature, airMass: (gas.moles - gas.vapour) * GAS_MASS.air, steamMass: gas.vapour * GAS_MASS.vapour,
      oxygen: gas.oxygenFraction, level,
  })
  add()
  let dry = false
  // The wall warms a little with what it takes up; a jar of glass weighs some three times its water's tenth, so this is small.
  for (let i = 0; i < 1500; i++) {
    const since = time - (flameOut ?? time)
    const step = flame ? Math.max(0.03, Math.min(0.2, n.jarVolume! * 120)) : Math.min(1.5, 0.05 + 0.06 * since)
    if (flame && gas.vigour(n.diesAt!) < OUT) {
      flame = false
      flameOut = time
    }
    const pressure = outside - weight * level
    gas.settle(flame ? gas.burn(fuel, power, n.flameShare!, step, n.diesAt!) : 0, step, pressure)
    time += step
    hottest = Math.max(hottest, gas.temperature)
    // Quasi-static: the water follows at once; the level is where gas and column balance.
    const ideal = gas.moles * GAS_CONSTANT * gas.temperature
    let wanted = ideal / outside
    for (let k = 0; k < 4; k++) {
      const inside = levelFor(values, Math.max(0, n.jarVolume! - wanted))
      wanted = ideal / Math.max(1000, outside - weight * inside)
    }
    if (wanted >= n.jarVolume!) {
      // Full to the rim: the rest bubbles out.
      const share = 1 - n.jarVolume! / wanted
      if (share > 1e-6) {
        bubbles += share * n.jarVolume!
        gas.release(share)
        seal = { temperature: gas.temperature, vapour: gas.vapour, oxygen: gas.oxygen, carbonDioxide: gas.carbonDioxide, moles: gas.moles, pressure: outside, volume: n.jarVolume!, time }
      }
      wanted = n.jarVolume!
    }
    let water = n.jarVolume! - wanted
    if (water > n.dishWater!) {
      // The dish is empty: room air gurgles in under the rim instead.
      dry = true
      water = n.dishWater!
      const missing = (outside - weight * levelFor(values, water)) * (n.jarVolume! - water) / (GAS_CONSTANT * gas.temperature) - gas.moles
      if (missing > 0) gas.addAir(missing, 0.01)
    }
    volume = n.jarVolume! - water
    level = levelFor(values, water)
    if (flame && level >= n.wickHeight!) {
      drowned = true
      flame = false
      flameOut = time
    }
    if (risen === undefined && level >= SEEN) risen = time
    add()
    if (!flame && since > 5 && gas.temperature - room < 0.6) break
  }
  const end = { temperature: gas.temperature, vapour: gas.vapour, oxygen: gas.oxygen, carbonDioxide: gas.carbonDioxide, pressure: outside - weight * level }
  const r = GAS_CONSTANT / seal.volume
  const cooled = seal.moles * r * (seal.temperature - end.temperature)
  const condensed = (seal.vapour - end.vapour) * r * end.temperature
  const chemistry = (seal.oxygen - end.oxygen + seal.carbonDioxide - end.carbonDioxide) * r * end.temperature
  const start = seal.moles * r * seal.temperature
  const share = 1 - volume / n.jarVolume!
  const all = Math.max(1e-9, cooled + condensed + chemistry)
  return {
    results: {
      level, share, levelCooling: level * cooled / all, levelCondensation: level * condensed / all, levelOxygen: level * chemistry / all, flameTime: flameOut ?? time, bubbles, hottest,
      oxygenLeft: gas.oxygenFraction, peakPressureDifference: weight * level, ...(risen !== undefined && { hush: risen }),
    },
    events: [{ id: 'out', name: 'flame out', time: flameOut ?? time }],
    outcome: drowned ? 'drowned' : dry ? 'gurgles' : level >= SEEN ? 'rises' : 'little',
    details: {
      stationPressure: outside, sealing: 0, timeOfLifting: 0, cooled, condensed, chemistry, start, end: end.pressure, difference: start - end.pressure, bubbleEnd: seal.time,
        flameOut: flameOut ?? time,
      ...(risen !== undefined && { goneAt: risen }),
    },
    trace: rows && (() => {
      rows.stage('hush', 'burning', flameOut ?? time)
      rows.stage('after', 'rising', time)
      return rows.finish()
    })(),
  }
}
