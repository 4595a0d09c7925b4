/**
 * A lid on a canister in which vapour burns: it lets go at a pressure, is driven along its skirt while the gas goes
 * on burning, and is pushed on by what rushes out under it.
 */
import { integratorOf, type OdeSystem } from '../solver'
import { AIR_GAS_CONSTANT } from '../substances/air'
import { nozzleFlow } from './nozzle-flow'

export interface LidLaunch {
  /** lid, kg */ mass: number
  /** m2 */ area: number
  /** m */ diameter: number
  /** way on which its skirt still closes, m */ travel: number
  /** of the canister, m3 */ volume: number
  /** Pa */ outside: number
  /** overpressure at which it lets go, Pa */ release: number
  /** overpressure that it would reach closed, Pa */ most: number
  /** s in which all of it burns: the pressure would rise in a straight line */ burnTime: number
  /** ratio of specific heats of the burnt gas */ gamma: number
  /** of it, K */ hot: number
}

export interface Launched {
  /** s from the start of burning; undefined: it holds */ release: number | undefined
  /** m/s at which it flies off */ speed: number
  /** Pa over the room at most */ peakGauge: number
  /** s at which it is free */ free: number
}

const [GAUGE, PLACE, SPEED] = [0, 1, 2] as const
/**
 * Contraction of the ring under a lid that has lifted: sharp-edged slot, White, Fluid Mechanics, 4th ed., sect. 6.10.
 */
const CONTRACTION = 0.61
/** Lifted by a quarter of its diameter the ring is as wide as the mouth: beyond it the jet hardly pushes. */
const RING = 0.25

class Launch implements OdeSystem {
  readonly size = 3
  readonly dependsOnTime = true
  readonly scale: Float64Array
  constructor(
    private readonly plan: LidLaunch,
    private readonly began: number,
  ) {
    this.scale = Float64Array.of(1e-2 * plan.release + 100, 1e-2 * plan.travel, 0.1)
  }

  derivatives(time: number, s: Float64Array, slope: Float64Array): void {
    const { mass, area, diameter, travel, volume, outside, most, burnTime, gamma, hot } = this.plan
    const gauge = s[GAUGE]
    const place = s[PLACE] > 0 ? s[PLACE] : 0
    const lifted = place - travel
    const larger = volume + area * Math.min(place, travel)
    const burning = this.began + time < burnTime ? most / burnTime : 0
    const out =
      lifted > 0 && gauge > 0
        ? nozzleFlow(CONTRACTION * Math.PI * diameter * lifted, outside + gauge, hot, outside) * AIR_GAS_CONSTANT * hot
        : 0
    const expanding = lifted < 0 ? (outside + gauge) * area * s[SPEED] : 0
    slope[GAUGE] = (burning * volume) / larger - (gamma * (expanding + out)) / larger
    slope[PLACE] = s[SPEED]!
    const share = lifted > 0 ? Math.max(0, 1 - lifted / (RING * diameter)) : 1
    slope[SPEED] = (Math.max(0, gauge) * area * share) / mass
  }
}

/**
 * Follows the pressure until the lid is free.
 *
 * The gas expands without heat (γ) and goes on burning; friction is part of the pressure at which it lets go and is
 * left out afterwards, and so is the air that the lid has to push away.
 * @param tolerance relative, of one step
 * @param record called with time, overpressure and way of the lid
 * @source first law for the gas, dp/dt = burning − γ (p A v + ṁ R T)/V; Newton's law for the lid
 */
export function launchLid(
  plan: LidLaunch,
  tolerance: number,
  record?: (time: number, gauge: number, place: number) => void,
): Launched {
  const { release, most, burnTime, travel, diameter } = plan
  if (release >= most) return { release: undefined, speed: 0, peakGauge: most, free: burnTime }
  const began = (burnTime * release) / most
  const state = Float64Array.of(release, 0, 0)
  const ended = integratorOf(3).run(new Launch(plan, began), state, 0, 1, {
    tolerance,
    firstStep: 1e-5,
    between: record ? 2 : 0,
    onStep: record && ((t, s) => record(began + t, Math.max(0, s[GAUGE]), s[PLACE])),
    peaks: [{ id: 'gauge', value: (_, s) => s[GAUGE] }],
    events: [{ id: 'free', direction: 1, stops: true, value: (_, s) => s[PLACE] - travel - RING * diameter }],
  })
  return { release: began, speed: state[SPEED], peakGauge: ended.peaks.gauge.value, free: began + ended.time }
}
