/**
 * An open bulb with a bubble of air in it, under water: floats or sinks by the size of the bubble.
 * @source Archimedes and Boyle, the bubble saturated with vapour; all lengths of the bulb are small against the depth
 */
import { integratorOf, type OdeEvent } from '../solver'
import { quickSaturationPressure } from '../substances/steam-tables'
import { GRAVITY } from '../substances/water-transport'

export interface Bulb {
  /** all that is not air or water, kg */ mass: number
  /** volume of that, m3 */ solid: number
  /** air in it at the surface's pressure and temperature below, m3 */ air: number
  /** pressure (Pa) and temperature (K) at which the air was measured */ pressure: number
  temperature: number
}

/** Dry air as p V/T at what it was measured, J/K. */
const dry = ({ air, pressure, temperature }: Bulb): number =>
  (air * (pressure - quickSaturationPressure(temperature))) / temperature

/**
 * Volume of the bubble, m3: dry air by the gas law, and vapour at its saturation pressure. @param pressure Pa, over
 * the vapour's @param temperature K
 */
export const bubble = (bulb: Bulb, pressure: number, temperature: number): number =>
  (dry(bulb) * temperature) / Math.max(pressure - quickSaturationPressure(temperature), 1)

/** Upward force less weight, N. @param density of the water, kg/m3 */
export const lift = (bulb: Bulb, pressure: number, temperature: number, density: number): number =>
  (density * (bulb.solid + bubble(bulb, pressure, temperature)) - bulb.mass) * GRAVITY

/** Pressure at which it hangs, Pa: above it sinks, below it rises. Infinity where the solids float by themselves. */
export function hangingPressure(bulb: Bulb, temperature: number, density: number): number {
  const needed = bulb.mass / density - bulb.solid
  return needed > 0 ? (dry(bulb) * temperature) / needed + quickSaturationPressure(temperature) : Infinity
}

/** Air that a bulb needs so that it hangs at a pressure, m3 at that pressure. */
export const airToHang = (mass: number, solid: number, density: number): number => mass / density - solid

export interface Dive {
  bulb: Bulb
  /** of the bulb, m3 */ capacity: number
  /** of the water: K and kg/m3 */ temperature: number
  density: number
  /** at the surface before any squeeze, Pa */ surface: number
  /** m under the surface */ bottom: number
  /** drag coefficient × frontal area, m2 */ dragArea: number
  /** Pa */ squeeze: number
  /** s: left alone at first, squeezed and let go within, and longest that one waits for it each way */
  settle: number
  squeezing: number
  longest: number
}

export interface DiveEnd {
  /** s: at the bottom, let go, back at the top; undefined where it does not happen */
  down: number | undefined
  released: number
  back: number | undefined
  end: number
}

/** Of the bottle's depth: where it counts as down and as back. */
const [DOWN, BACK] = [0.97, 0.02]
/** Goes on so long after it is down or back, s. */
const LINGER = 0.3
/** Slow creeping drag, N s/m: keeps the least motion finite. */
const CREEP = 0.002

/**
 * Lets it float, squeezes until it is down, and lets go.
 *
 * @param tolerance relative, of one step
 * @param record called with time, depth (m) and squeeze (Pa)
 * @source Newton's law with added mass of half a sphere (Lamb, Hydrodynamics, sect. 92) and quadratic drag
 */
export function dive(
  plan: Dive,
  tolerance: number,
  record?: (time: number, depth: number, squeeze: number) => void,
): DiveEnd {
  const { bulb, capacity, temperature, density, surface, bottom, dragArea, settle, squeezing, longest } = plan
  const weight = density * GRAVITY
  const state = Float64Array.of(0, 0)
  let mode: 'top' | 'free' | 'bottom' = 'top'
  let squeeze: (time: number) => number = () => 0
  const forceAt = (t: number, depth: number): number =>
    -lift(bulb, surface + squeeze(t) + weight * depth, temperature, density)
  const system = {
    size: 2,
    scale: Float64Array.of(0.02 * bottom, 0.02),
    dependsOnTime: true,
    derivatives(t: number, s: Float64Array, slope: Float64Array): void {
      if (mode !== 'free') {
        slope[0] = slope[1] = 0
        return
      }
      const air = bubble(bulb, surface + squeeze(t) + weight * s[0], temperature)
      const inertia = bulb.mass + density * Math.max(0, capacity - air) + 0.5 * density * (bulb.solid + capacity)
      slope[0] = s[1]!
      slope[1] = (forceAt(t, s[0]) - 0.5 * density * dragArea * Math.abs(s[1]) * s[1] - CREEP * s[1]) / inertia
    },
  }
  const leavesTop: OdeEvent = { id: 'leaves', direction: 1, stops: true, value: t => forceAt(t, 0) }
  const leavesBottom: OdeEvent = { id: 'leaves', direction: -1, stops: true, value: t => forceAt(t, bottom) }
  const free: OdeEvent[] = [
    { id: 'bottom', direction: 1, stops: true, value: (_, s) => s[0] - bottom },
    { id: 'top', direction: -1, stops: true, value: (_, s) => s[0] },
  ]
  let time = 0
  /** Until a time, or a little after the float has passed a depth. @returns when it passed */
  const go = (until: number, turns: readonly number[], depth?: number, direction: 1 | -1 = 1): number | undefined => {
    let passed: number | undefined
    let end = until
    const watch: OdeEvent[] =
      depth === undefined ? [] : [{ id: 'passes', direction, stops: false, value: (_, s) => s[0] - depth }]
    while (time < end - 1e-12) {
      if (mode === 'top' && forceAt(time, 0) > 0) mode = 'free'
      if (mode === 'bottom' && forceAt(time, bottom) < 0) mode = 'free'
      // The squeeze is a straight line between its turns.
      const turn = turns.find(t => t > time + 1e-9) ?? Infinity
      const stage = integratorOf(2).run(system, state, time, Math.min(end, turn), {
        tolerance,
        firstStep: 0.01,
        events: [...watch, ...(mode === 'free' ? free : mode === 'top' ? [leavesTop] : [leavesBottom])],
        between: record ? 2 : 0,
        onStep: record && ((t, s) => record(t, Math.min(bottom, Math.max(0, s[0])), squeeze(t))),
      })
      time = stage.time
      const passes = stage.occurrences.find(o => o.id === 'passes')
      if (passes && passed === undefined) {
        passed = passes.time
        end = Math.min(end, passed + LINGER)
      }
      if (stage.stoppedBy === 'leaves') mode = 'free'
      else if (stage.stoppedBy === 'bottom' || stage.stoppedBy === 'top') {
        mode = stage.stoppedBy
        state[0] = mode === 'top' ? 0 : bottom
        state[1] = 0
      }
    }
    return passed
  }
  go(settle, [])
  const sunk = forceAt(time, 0) > 0
  if (sunk) {
    go(settle + longest, [], DOWN * bottom)
    return { down: undefined, released: time, back: undefined, end: time }
  }
  squeeze = t => plan.squeeze * Math.min(1, (t - settle) / squeezing)
  const down = go(settle + longest, [settle + squeezing], DOWN * bottom)
  const released = time
  const strongest = squeeze(released)
  squeeze = t => strongest * Math.max(0, 1 - (t - released) / squeezing)
  const back = down === undefined ? undefined : go(released + longest, [released + squeezing], BACK * bottom, -1)
  return { down, released, back, end: time }
}
