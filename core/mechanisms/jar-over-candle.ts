/**
 * Gas in a jar over a candle, its rim under water: the water follows the gas at once.
 *
 * When the jar is on, the water inside stands as high as outside. Warm gas first pushes it down to the rim; only then
 * does gas bubble out. Cooling, the gas lets the water back in and higher; once the dish is down to the rim, room air
 * gurgles in.
 */
import { falsePosition } from '../elementary'
import { integratorOf, type OdeEvent, type OdeSystem } from '../solver'
import { GAS_CONSTANT } from '../substances/air'
import { GRAVITY } from '../substances/water-transport'
import {
  fillWithAir,
  GAS,
  GAS_AMOUNTS,
  GAS_SIZE,
  gasRates,
  holdPressure,
  molesOf,
  MOLAR_HEAT,
  OUT,
  vigour,
  type Flame,
} from './flame-gas'

/** Unknowns after those of the gas: what has left in bubbles, mol. Nothing depends on them. */
export const BUBBLED = {
  vapour: GAS_SIZE,
  oxygen: GAS_SIZE + 1,
  carbonDioxide: GAS_SIZE + 2,
  all: GAS_SIZE + 3,
} as const
const SIZE = GAS_SIZE + 4
/** What has bubbled out is only counted. */
const GASES = Array.from({ length: GAS_SIZE }, (_, i) => i)
/** Nothing more is to come once the gas is this near to the glass, K. */
const COOLED = 0.3
const LONGEST = 3600
/** Levels of millimetres hang on the last thousandth of the gas: a finer step than most. */
const FINER = 8

export interface CandlePlan {
  /** m3 from the rim up */ volume: number
  /** height of the water in it for an amount, m of m3 */ levelFor: (volume: number) => number
  /** amount for a height, m3 of m */ volumeFor: (level: number) => number
  /** m2 at the rim */ rim: number
  /** m2 of the dish */ dish: number
  /** water above the rim's edge before the jar is on, m */ depth: number
  /** m2 of glass */ area: number
  /** W/(m2 K) */ transfer: number
  /** Pa */ outside: number
  /** K */ room: number
  /** partial pressure of vapour in the room, Pa */ vapourOutside: number
  /** gas caught under the jar, K */ caught: number
  /** kg/m3 */ density: number
  flame: Flame
  /** water inside this much over where it began reaches the flame, m */ wickHeight: number
  /** a rise that is seen, m */ seen: number
}

export interface CandleEnd {
  first: Float64Array
  last: Float64Array
  /** s; undefined while it burns */ flameOut: number | undefined
  drowned: boolean
  /** s at which room air first gurgles in */ gurgles: number | undefined
  /** s at which the rise is seen */ risen: number | undefined
  /** s of the first and last bubble */ bubbling: readonly [first: number, last: number] | undefined
  /** gas in bubbles at the room's pressure, m3 */ bubbles: number
  /** K */ hottest: number
  /** gas, m3, and Pa, at the start and at the end */ volumes: readonly [start: number, end: number]
  pressures: readonly [start: number, end: number]
  /** height of the water inside over the rim at the end, m */ level: number
  /** s at which a tenth of the warmth at the flame's end is left */ cooled: number
  end: number
}

class CandleJar implements OdeSystem {
  readonly size = SIZE
  readonly scale: Float64Array
  readonly reference = new Float64Array(SIZE)
  readonly amounts = GAS_AMOUNTS
  mode: 'quiet' | 'bubbling' | 'gurgling' = 'quiet'
  flame: Flame | undefined
  /** mol/s that come in at the last evaluation (negative: bubble out) */
  coming = 0
  readonly coupledAt = () => GASES
  private readonly water: number
  readonly weight: number

  constructor(readonly plan: CandlePlan) {
    const moles = (plan.outside * plan.volume) / (GAS_CONSTANT * plan.room)
    this.scale = new Float64Array(SIZE).fill(0.02 * moles)
    this.scale[GAS.temperature] = 5
    this.reference[GAS.temperature] = plan.room
    this.flame = plan.flame
    this.weight = plan.density * GRAVITY
    this.water = plan.dish * plan.depth
  }

  /** Height of the water outside over the rim with so much of it (m3) inside, m. */
  private outer(inside: number): number {
    return Math.max(0, (this.water - inside) / Math.max(this.plan.dish - this.plan.rim, 0.02 * this.plan.dish))
  }

  /** Pressure of the gas with so much water inside, Pa. */
  pressureWith(inside: number): number {
    return this.plan.outside + this.weight * (this.outer(inside) - this.plan.levelFor(inside))
  }

  /** Water inside, m3: where gas and column balance. */
  inside(s: Float64Array): number {
    if (this.mode === 'bubbling') return 0
    if (this.mode === 'gurgling') return this.water
    const { volume } = this.plan
    const amount = molesOf(s) * GAS_CONSTANT * s[GAS.temperature]
    const error = (inside: number): number => amount - this.pressureWith(inside) * (volume - inside)
    const most = Math.min(this.water, 0.98 * volume)
    return falsePosition(error, [0, error(0)], [most, error(most)], 1e-10 * amount)
  }

  /** How much more gas there is than the jar holds full to the rim, and less than it holds with all the water in, J. */
  overRim(s: Float64Array): number {
    return molesOf(s) * GAS_CONSTANT * s[GAS.temperature] - this.pressureWith(0) * this.plan.volume
  }

  underDry(s: Float64Array): number {
    return (
      this.pressureWith(this.water) * (this.plan.volume - this.water) - molesOf(s) * GAS_CONSTANT * s[GAS.temperature]
    )
  }

  get runsDry(): boolean {
    return this.water < 0.97 * this.plan.volume
  }

  derivatives(_time: number, s: Float64Array, slope: Float64Array): void {
    const { plan } = this
    const pressure = this.mode === 'quiet' ? plan.outside : this.pressureWith(this.mode === 'bubbling' ? 0 : this.water)
    const r = gasRates(s, this.flame, pressure, plan.area, plan.transfer, plan.room, slope)
    for (let i: number = BUBBLED.vapour; i < SIZE; i++) slope[i] = 0
    if (this.mode === 'quiet') {
      // The column hardly changes the pressure: a hundredth of it at most, and the work of that is left out.
      slope[GAS.temperature] = r.heat / (molesOf(s) * MOLAR_HEAT)
      this.coming = 0
      return
    }
    this.coming = holdPressure(
      s,
      r,
      slope,
      this.mode === 'gurgling' ? { temperature: plan.room, humid: plan.vapourOutside / plan.outside } : undefined,
    )
    if (this.coming < 0) {
      const share = -this.coming / molesOf(s)
      slope[BUBBLED.vapour] = share * s[GAS.vapour]
      slope[BUBBLED.oxygen] = share * s[GAS.oxygen]
      slope[BUBBLED.carbonDioxide] = share * s[GAS.carbonDioxide]
      slope[BUBBLED.all] = -this.coming
    }
  }
}

/**
 * Runs it from the covering until the gas is as cold as the glass.
 *
 * @param tolerance relative, of one step
 * @param record called with time, state, gas pressure (Pa) and height of the water inside over the rim (m)
 */
export function coverCandle(
  plan: CandlePlan,
  tolerance: number,
  record?: (time: number, state: Float64Array, pressure: number, level: number) => void,
): CandleEnd {
  const { outside, room, caught, levelFor } = plan
  const system = new CandleJar(plan)
  const state = new Float64Array(SIZE)
  const inside0 = Math.min(plan.volumeFor(plan.depth), 0.98 * plan.volume)
  const level0 = levelFor(inside0)
  fillWithAir(
    state,
    (outside * (plan.volume - inside0)) / (GAS_CONSTANT * caught),
    plan.vapourOutside / outside,
    caught,
  )
  const first = state.slice()
  const levelOf = (s: Float64Array): number => levelFor(system.inside(s))
  const scratch = new Float64Array(SIZE)
  const coming = (t: number, s: Float64Array): number => {
    system.derivatives(t, s, scratch)
    return system.coming
  }
  const events: Readonly<
    Record<'out' | 'drowns' | 'rises' | 'spills' | 'closes' | 'dries' | 'settled' | 'cools', OdeEvent>
  > = {
    out: {
      id: 'out',
      direction: -1,
      stops: true,
      value: (_, s) => (system.flame ? vigour(s, system.flame.diesAt) - OUT : 1),
    },
    drowns: {
      id: 'drowns',
      direction: 1,
      stops: true,
      value: (_, s) => (system.flame ? levelOf(s) - level0 - plan.wickHeight : -1),
    },
    rises: { id: 'rises', direction: 1, stops: false, value: (_, s) => levelOf(s) - level0 - plan.seen },
    spills: { id: 'spills', direction: 1, stops: true, value: (_, s) => system.overRim(s) },
    dries: { id: 'dries', direction: 1, stops: true, value: (_, s) => system.underDry(s) },
    closes: { id: 'closes', direction: 1, stops: true, value: coming },
    cools: {
      id: 'cools',
      direction: -1,
      stops: false,
      value: (_, s) => (system.flame ? 1 : s[GAS.temperature] - room - 0.1 * warmest),
    },
    settled: {
      id: 'settled',
      direction: -1,
      stops: true,
      value: (_, s) => (system.flame ? 1 : s[GAS.temperature] - room - COOLED),
    },
  }
  let warmest = 0
  let time = 0
  let hottest = caught
  let flameOut: number | undefined
  let drowned = false
  let gurgles: number | undefined
  let risen: number | undefined
  let cooled: number | undefined
  let bubbling: [number, number] | undefined
  while (time < LONGEST) {
    const { mode } = system
    const watched = [
      events.out,
      events.drowns,
      events.rises,
      events.cools,
      events.settled,
      ...(mode === 'quiet'
        ? [events.spills, ...(system.runsDry ? [events.dries] : [])]
        : mode === 'bubbling'
          ? [events.closes]
          : []),
    ]
    const stage = integratorOf(SIZE).run(system, state, time, LONGEST, {
      tolerance: tolerance / FINER,
      firstStep: 0.02,
      events: watched,
      peaks: [{ id: 'hottest', value: (_, s) => s[GAS.temperature] }],
      between: record ? 2 : 0,
      onStep:
        record &&
        ((t, s) => {
          const inside = system.inside(s)
          record(t, s, system.pressureWith(inside), levelFor(inside))
        }),
    })
    time = stage.time
    hottest = Math.max(hottest, stage.peaks.hottest.value)
    // Seen to stay: an early rise may go down again while the flame warms the gas.
    risen = stage.occurrences.filter(o => o.id === 'rises').at(-1)?.time ?? risen
    cooled ??= stage.occurrences.find(o => o.id === 'cools')?.time
    if (mode === 'bubbling') bubbling = [bubbling![0], time]
    if (stage.stoppedBy === 'out' || stage.stoppedBy === 'drowns') {
      drowned = stage.stoppedBy === 'drowns'
      system.flame = undefined
      flameOut = time
      warmest = Math.max(COOLED, state[GAS.temperature] - room)
      // The flame was what filled the jar: with it gone the gas shrinks at once.
      if (system.mode === 'bubbling' && coming(time, state) >= 0) system.mode = 'quiet'
    } else if (stage.stoppedBy === 'spills') {
      system.mode = 'bubbling'
      bubbling ??= [time, time]
      // Warm enough to fill the jar, yet already cooling: nothing bubbles.
      if (coming(time, state) >= 0) system.mode = 'quiet'
    } else if (stage.stoppedBy === 'closes') system.mode = 'quiet'
    else if (stage.stoppedBy === 'dries') {
      system.mode = 'gurgling'
      gurgles ??= time
    } else break
  }
  const inside = system.inside(state)
  return {
    first,
    last: state.slice(),
    flameOut,
    drowned,
    gurgles,
    risen,
    bubbling,
    bubbles: (state[BUBBLED.all] * GAS_CONSTANT * hottest) / outside,
    hottest,
    volumes: [plan.volume - inside0, plan.volume - inside],
    pressures: [outside, system.pressureWith(inside)],
    level: levelFor(inside),
    cooled: cooled ?? time,
    end: time,
  }
}
