/**
 * Taking gas out of a space.
 *
 * The gas keeps the temperature of the walls: a jar of a few litres comes within a kelvin or two of them in a second or so,
 * while pumping takes tens of seconds. Amounts are counted as p V (in J), which at one temperature is proportional to moles.
 */
import { falsePosition, integerPower, ln } from '../elementary'
import { AIR_GAS_CONSTANT } from '../substances/air'
import { nozzleFlow } from './nozzle-flow'

export type Pump =
  | { kind: 'strokes', /** m3 a stroke */ swept: number, /** s a stroke */ period: number, /** Pa */ ultimate: number }
  | { kind: 'steady', /** pumping speed, m3/s */ speed: number, /** Pa */ ultimate: number }

/**
 * Pressure after one stroke: the space and the cylinder share the gas; what the dead space keeps sets the ultimate pressure.
 *
 * @param pressure before, Pa
 * @param volume of the space, m3
 * @param swept m3 a stroke
 * @param ultimate lowest the pump reaches, Pa
 * @returns Pa
 * @source Boyle's law; J. F. O'Hanlon, A User's Guide to Vacuum Technology, 3rd ed. (2003), ch. 10 (dead volume sets the ultimate)
 */
export const afterStroke = (pressure: number, volume: number, swept: number, ultimate: number): number =>
  (pressure * volume + ultimate * swept) / (volume + swept)

/** Air that leaks in through a hole, as p V a second, W. @param area m2 @param temperature K */
export const leakIn = (area: number, outside: number, temperature: number, inside: number): number =>
  nozzleFlow(area, outside, temperature, inside) * AIR_GAS_CONSTANT * temperature

export interface Pumping {
  pump: Pump
  /** Pa */ outside: number
  /** K */ temperature: number
  /** hole to the room, m2 */ leakArea: number
  /** free volume of the space at a pressure, m3: what stands in it may swell */ volume: (pressure: number) => number
  /** vapour given off inside at a pressure, as p V a second, W; none if left out */ givenOff?: (pressure: number) => number
}

/**
 * Pressure at which a space and a cylinder hold an amount: p (V(p) + extra) = held.
 *
 * What swells in the space makes V fall with p, sometimes as fast as 1/p, so the amount grows slowly with p: solved by the
 * Illinois variant of false position, between the pressure before and the one that there would be if nothing swelled any more.
 * @param held J @param free volume before, m3 @param before Pa
 */
function pressureOf(held: number, extra: number, free: number, before: number, volume: (pressure: number) => number): number {
  const errorAt = (pressure: number) => pressure * (volume(pressure) + extra) - held
  let low = held / (free + extra)
  let lowError = errorAt(low)
  if (Math.abs(lowError) < 1e-9 * held) return low
  let high = before
  let highError = before * (free + extra) - held
  // A leak can make it rise instead.
  for (let i = 0; i < 60 && highError < 0; i++) {
    high *= 1.05
    highError = errorAt(high)
  }
  for (let i = 0; i < 60 && lowError > 0; i++) {
    low *= 0.95
    lowError = errorAt(low)
  }
  return falsePosition(errorAt, [low, lowError], [high, highError], 1e-7 * held)
}

/** Shortest and longest step, s. */
const [SHORTEST, LONGEST] = [1e-3, 30]
/** What swells can hold the pressure where it is; then nothing is won by going on. */
const MOST_STEPS = 4000
/** Pressure changes less than this share of the outside: nothing more is to come. */
const STANDSTILL = 1e-5
/** A step takes this share of the time in which the pressure would fall by a factor e. */
const FINE = 0.06

/**
 * Pumps until a pressure, a time or a standstill.
 *
 * @param start Pa
 * @param target stop here, Pa
 * @param longest stop then, s
 * @param onStep called with time and pressure, the start included; returning true stops
 * @returns pressure reached and time taken
 * @source dp/dt = −S (p − p_ult)/V + leak: O'Hanlon, ch. 3 and 18; strokes one by one
 */
export function pumpDown(pumping: Pumping, start: number, target: number, longest: number, onStep?: (time: number, pressure: number) => boolean | void): { pressure: number, time: number } {
  const { pump, outside, temperature, leakArea, volume, givenOff } = pumping
  let pressure = start
  let time = 0
  if (onStep?.(0, pressure)) return { pressure, time }
  for (let steps = 0; pressure > target && time < longest && steps < MOST_STEPS; steps++) {
    const free = volume(pressure)
    const inflow = leakIn(leakArea, outside, temperature, pressure) + (givenOff?.(pressure) ?? 0)
    let next: number
    let step: number
    let still: boolean
    if (pump.kind === 'strokes') {
      const kept = free / (free + pump.swept)
      // Small strokes go several at a time, never past the stroke that reaches the target.
      const toTarget = target > pump.ultimate ? Math.ceil(ln((target - pump.ultimate) / (pressure - pump.ultimate)) / ln(kept) - 1e-9) : Infinity
      const together = Math.max(1, Math.min(Math.floor(ln(1 - FINE) / ln(kept)), toTarget))
      step = pump.period * together
      next = together === 1
        ? pressureOf(pressure * free + inflow * step + pump.ultimate * pump.swept, pump.swept, free, pressure, volume)
        : pressureOf((pump.ultimate + (pressure - pump.ultimate) * integerPower(kept, together)) * free + inflow * step, 0, free, pressure, volume)
      still = Math.abs(pressure - next) < STANDSTILL * outside
    } else {
      const stiffness = pump.speed / free
      step = Math.min(LONGEST, Math.max(SHORTEST, FINE / stiffness))
      // Exact for a fixed volume and inflow: the pressure tends to p_ult + inflow/S.
      const settled = pump.ultimate + inflow / pump.speed
      const decay = 1 / (1 + stiffness * step * (1 + stiffness * step / 2))
      next = pressureOf((settled + (pressure - settled) * decay) * free, 0, free, pressure, volume)
      still = Math.abs(pressure - settled) < STANDSTILL * outside + 1e-3 * settled
    }
    // A step that would pass the target is shortened in a straight line.
    if (next < target && pressure > target) {
      const share = pump.kind === 'strokes' ? 1 : (pressure - target) / (pressure - next)
      time += step * share
      pressure = pump.kind === 'strokes' ? next : target
    } else {
      time += step
      pressure = next
      if (still) {
        onStep?.(time, pressure)
        break
      }
    }
    if (onStep?.(time, pressure)) break
  }
  return { pressure, time }
}
