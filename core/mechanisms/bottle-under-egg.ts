/**
 * Hot gas in a bottle, open first, then closed by an egg that is a valve: it lifts for gas that presses outward, and
 * closes for gas that cools. The egg gives way at once where the difference is large enough, or creeps in as its
 * white relaxes.
 */
import { integratorOf, type OdeEvent, type OdeSystem } from '../solver'
import { AIR_MOLAR_MASS, GAS_CONSTANT } from '../substances/air'
import { quickSaturationPressure } from '../substances/steam-tables'
import { WATER_MOLAR_MASS } from '../substances/water-transport'
import { flowRate, pushThroughNow, type EggInNeck, type Relaxing } from './egg-in-neck'
import {
  fillWithAir,
  GAS,
  GAS_AMOUNTS,
  GAS_SIZE,
  gasPressure,
  gasRates,
  holdPressure,
  molesOf,
  OUT,
  vigour,
  warmingClosed,
  type Flame,
  type RoomAir,
} from './flame-gas'
import { conduct, GLASS_LAYERS, innerFace, toFirstLayer, type GlassWall } from './glass-wall'
import { buoyantExchange } from './mouth-exchange'

/** The valve lifts at a hair over what it closes at, so that one is told from the other. */
const HAIR = 1e-4
/** Gas errors count in pascals against 100 kPa: a finer step than most. */
const FINER = 8

/** Unknowns after those of the gas: layers of the glass, and how far the white has given way. */
const BOTTLE = { glass: GAS_SIZE, flowed: GAS_SIZE + GLASS_LAYERS } as const
const SIZE = BOTTLE.flowed + 1
/** Water that a rinse leaves on the glass, kg/m2: a film of 0.03 mm. Assumption. */
const FILM = 0.03
/** Longest that one waits for the egg, s. */
const PATIENCE = 180
/**
 * Nothing more is to come once the gas is this near to what cools it (K), and the white has given way all but this
 * share.
 */
const [WARM, RELAXED] = [0.3, 0.02]
/**
 * A bottle stood in water, and one in a room, W/(m2 K): natural convection, Incropera & DeWitt, table 1.1, from
 * memory.
 */
const [IN_WATER, IN_AIR] = [400, 10]

export interface EggBottlePlan {
  /** m3 */ volume: number
  /** m2 */ area: number
  /** from the gas to the glass, W/(m2 K) */ transfer: number
  /** m */ glassThickness: number
  /** Pa */ outside: number
  /** K */ room: number
  /** partial pressure of vapour in the room, Pa */ vapourOutside: number
  /** undefined: no flame */ flame?: Flame & { /** s from when it drops in */ burns: number }
  /** rinsed with hot water, K, and then stood in cold water, K */ rinse?: { hot: number; cold: number }
  /** s until the egg is on */ delay: number
  /** multiplies the exchange through the open neck */ exchange: number
  fit: EggInNeck
  relaxing: Relaxing
  /** overpressure that lifts the egg, Pa: its weight over the neck */ valve: number
}

export interface EggBottleEnd {
  /** state when the egg last sealed, s and unknowns */ seal: { time: number; state: Float64Array }
  /** when the difference was greatest while the egg was on the neck, or it went in */ greatest: {
    time: number
    state: Float64Array
  }
  /** s; undefined: it stays */ entered: number | undefined
  /** s; undefined: there was no flame, or it burns on */ flameOut: number | undefined
  /** K */ hottest: number
  /** s in which gas leaves under the egg */ danced: number
  /** Pa, while the egg is on the neck */ peakDifference: number
  /** Pa, had the egg stayed */ possible: number
  /** s */ end: number
}

class EggBottle implements OdeSystem {
  readonly size = SIZE
  readonly scale: Float64Array
  readonly reference = new Float64Array(SIZE)
  readonly amounts = GAS_AMOUNTS
  mode: 'open' | 'closed' | 'venting' = 'open'
  flame: Flame | undefined
  /** mol/s that come in through the neck at the last evaluation (negative: leave) */
  coming = 0
  readonly wall: GlassWall
  private readonly air: RoomAir

  constructor(readonly plan: EggBottlePlan) {
    const moles = (plan.outside * plan.volume) / (GAS_CONSTANT * plan.room)
    this.scale = new Float64Array(SIZE).fill(0.02 * moles)
    this.scale[GAS.temperature] = 5
    for (let i = 0; i < GLASS_LAYERS; i++) this.scale[BOTTLE.glass + i] = 5
    this.scale[BOTTLE.flowed] = 0.01
    this.reference.fill(plan.room, BOTTLE.glass, BOTTLE.flowed)
    this.reference[GAS.temperature] = plan.room
    this.flame = plan.flame
    this.wall = { thickness: plan.glassThickness, outside: plan.room, transfer: IN_AIR }
    this.air = { temperature: plan.room, humid: plan.vapourOutside / plan.outside }
  }

  pressure(s: Float64Array): number {
    const { outside, valve, volume } = this.plan
    return this.mode === 'open' ? outside : this.mode === 'venting' ? outside + valve : gasPressure(s, volume)
  }

  difference(s: Float64Array): number {
    return this.plan.outside - this.pressure(s)
  }

  derivatives(_time: number, s: Float64Array, slope: Float64Array): void {
    const { plan, wall } = this
    const pressure = this.pressure(s)
    const transfer = toFirstLayer(wall, plan.transfer)
    const face = innerFace(wall, s, BOTTLE.glass, transfer * (s[GAS.temperature] - s[BOTTLE.glass]))
    const r = gasRates(s, this.flame, pressure, plan.area, plan.transfer, face, slope)
    conduct(wall, s, slope, BOTTLE.glass, r.toWall / plan.area)
    if (this.mode === 'closed') slope[GAS.temperature] = warmingClosed(s, r)
    else {
      let exchange = 0
      if (this.mode === 'open') {
        const light = (pressure * meanMolarMass(s)) / (GAS_CONSTANT * s[GAS.temperature])
        const heavy = (pressure * AIR_MOLAR_MASS) / (GAS_CONSTANT * plan.room)
        exchange =
          (plan.exchange * buoyantExchange(plan.fit.neck, light, heavy) * pressure) / (GAS_CONSTANT * plan.room)
      }
      this.coming = holdPressure(s, r, slope, this.mode === 'open' ? this.air : undefined, exchange)
    }
    slope[BOTTLE.flowed] =
      this.mode === 'open' ? 0 : flowRate(plan.fit, plan.relaxing, s[BOTTLE.flowed], this.difference(s) + plan.valve)
  }
}

const meanMolarMass = (s: Float64Array): number =>
  AIR_MOLAR_MASS + ((WATER_MOLAR_MASS - AIR_MOLAR_MASS) * s[GAS.vapour]) / molesOf(s)

/**
 * Runs it from the flame that drops in (or the water poured out) until the egg is in and the difference that it could
 * have had is known, or nothing more can come.
 *
 * @param tolerance relative, of one step
 * @param record called with time, state, pressure, until the egg goes in
 */
export function coolUnderEgg(
  plan: EggBottlePlan,
  tolerance: number,
  record?: (time: number, state: Float64Array, pressure: number) => void,
): EggBottleEnd {
  const { outside, room, volume, valve, rinse, flame, fit, relaxing } = plan
  const system = new EggBottle(plan)
  const state = new Float64Array(SIZE)
  const hot = rinse?.hot ?? room
  const vapour = rinse ? Math.min(0.95 * outside, quickSaturationPressure(hot)) : plan.vapourOutside
  fillWithAir(state, (outside * volume) / (GAS_CONSTANT * hot), vapour / outside, hot)
  if (rinse) state[GAS.dew] = (FILM * plan.area) / WATER_MOLAR_MASS
  for (let i = 0; i < GLASS_LAYERS; i++) state[BOTTLE.glass + i] = hot

  let time = 0
  let flameOut: number | undefined
  let entered: number | undefined
  let danced = 0
  let hottest = hot
  let peakDifference = 0
  let possible = 0
  let seal = { time: plan.delay, state: state.slice() }
  let greatest: EggBottleEnd['greatest'] | undefined
  const out: OdeEvent = {
    id: 'out',
    direction: -1,
    stops: true,
    value: (_, s) => (system.flame ? vigour(s, system.flame.diesAt) - OUT : 1),
  }
  const lifts: OdeEvent = {
    id: 'lifts',
    direction: 1,
    stops: true,
    value: (_, s) => gasPressure(s, volume) - outside - (1 + HAIR) * valve,
  }
  const scratch = new Float64Array(SIZE)
  const closes: OdeEvent = {
    id: 'closes',
    direction: 1,
    stops: true,
    value: (t, s) => {
      system.derivatives(t, s, scratch)
      return system.coming
    },
  }
  const goes: OdeEvent = {
    id: 'goes',
    direction: 1,
    stops: true,
    value: (_, s) => system.difference(s) + valve - pushThroughNow(fit, relaxing, s[BOTTLE.flowed]),
  }
  const settled: OdeEvent = {
    id: 'settled',
    direction: -1,
    stops: true,
    value: (_, s) => {
      if (system.flame) return 1
      const warm =
        Math.max(Math.abs(s[GAS.temperature] - system.wall.outside), Math.abs(s[BOTTLE.glass] - system.wall.outside)) /
        WARM
      if (entered !== undefined || warm > 1) return warm - 1
      const flowing = flowRate(fit, relaxing, s[BOTTLE.flowed], system.difference(s) + valve) * relaxing.time
      return Math.max(warm, flowing / (RELAXED * Math.max(1e-6, s[BOTTLE.flowed]))) - 1
    },
  }
  const burns = flame?.burns ?? 0
  const until = plan.delay + PATIENCE
  const peaks = [
    { id: 'hottest', value: (_: number, s: Float64Array) => s[GAS.temperature] },
    { id: 'difference', value: (_: number, s: Float64Array) => system.difference(s) },
  ]
  while (time < until) {
    const { mode } = system
    const next = mode === 'open' ? plan.delay : until
    const end = system.flame && burns > time && burns < next ? burns : next
    // Open, fresh air comes in: short of oxygen the flame glows low, and does not die.
    const events =
      mode === 'open'
        ? []
        : [out, ...(entered === undefined ? [goes] : []), ...(mode === 'closed' ? [lifts, settled] : [closes])]
    const began = time
    const stage = integratorOf(SIZE).run(system, state, time, end, {
      tolerance: tolerance / FINER,
      firstStep: 0.01,
      explicitSteps: 12,
      events,
      peaks,
      between: record ? 2 : 0,
      ...(record && entered === undefined && { onStep: (t, s) => record(t, s, system.pressure(s)) }),
    })
    time = stage.time
    hottest = Math.max(hottest, stage.peaks.hottest.value)
    possible = Math.max(possible, stage.peaks.difference.value)
    if (entered === undefined) peakDifference = Math.max(peakDifference, stage.peaks.difference.value)
    if (mode === 'venting') danced += time - began
    if (system.flame && (stage.stoppedBy === 'out' || time >= burns)) {
      system.flame = undefined
      flameOut = time
    }
    if (mode === 'open' && time >= plan.delay) {
      system.mode = 'closed'
      if (rinse) Object.assign(system.wall, { outside: rinse.cold, transfer: IN_WATER })
      seal = { time, state: state.slice() }
      // An egg that its own weight pushes through does not wait.
      if (goes.value(time, state) >= 0) {
        entered = time
        greatest = { time, state: state.slice() }
      }
    } else if (stage.stoppedBy === 'lifts') system.mode = 'venting'
    else if (stage.stoppedBy === 'closes') {
      system.mode = 'closed'
      if (entered === undefined) seal = { time, state: state.slice() }
    } else if (stage.stoppedBy === 'goes') {
      entered = time
      greatest = { time, state: state.slice() }
    } else if (stage.stoppedBy === 'settled' || time >= until) break
    // Without the flame nothing more has to get out.
    if (system.mode === 'venting' && closes.value(time, state) >= 0) {
      system.mode = 'closed'
      if (entered === undefined) seal = { time, state: state.slice() }
    }
  }
  return {
    seal,
    greatest: greatest ?? { time, state: state.slice() },
    entered,
    flameOut,
    hottest,
    danced,
    peakDifference,
    possible,
    end: entered ?? time,
  }
}
