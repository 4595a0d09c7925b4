import type { WaterWindow } from '../../demonstration'
import { heat, type HeatingPlan } from '../../mechanisms/heating'

/** How long a vessel may have to wait on the heat after its purge, s: a sentence to the class. */
const WAIT = 60
/** Steam needs at least this share of the vessel. */
const STEAM_SPACE = 0.6

const state = new Float64Array(5)

/**
 * Least and most water for this vessel on this heater.
 *
 * Least: what heating, purge and a minute's wait boil off, so that it is not dry. Most: what still shows a plume in
 * the time that a lesson bears and leaves three fifths of the vessel to steam. Both by bisection on the heating model
 * itself.
 *
 * @param waterCharge m3 of water that the plan's charge weighs
 * @param patience longest time to the plume that a lesson bears, s
 */
export function waterWindowOf(plan: HeatingPlan, waterCharge: number, patience = 300): WaterWindow {
  const density = plan.charge / waterCharge
  const bySpace = plan.vessel.capacity * (1 - STEAM_SPACE) * density
  const survives = (charge: number) => {
    const heated = heat({ ...plan, charge }, state, 1e-2)
    return heated.timeToDry === undefined || heated.timeToPlume === undefined
      ? !heated.boiledDry
      : heated.timeToDry > heated.timeToPlume + plan.purgeTime + WAIT
  }
  const inTime = (charge: number) => {
    const { timeToPlume } = heat({ ...plan, charge }, state, 1e-2)
    return timeToPlume !== undefined && timeToPlume <= patience
  }
  const least = boundary(1e-4, bySpace, charge => !survives(charge))
  const byTime = boundary(least, bySpace, inTime)
  return {
    step: 'charge',
    input: 'waterCharge',
    least,
    most: Math.min(byTime, bySpace),
    mostLimit: byTime < bySpace ? 'time' : 'space',
    wait: WAIT,
    patience,
    steamSpace: STEAM_SPACE,
  }
}

/** Largest charge for which a property that ends somewhere still holds, kg; bisected to half a per cent. */
function boundary(low: number, high: number, holds: (charge: number) => boolean): number {
  if (!holds(low)) return low
  if (holds(high)) return high
  let [a, b] = [low, high]
  while (b - a > 0.005 * b) {
    const middle = Math.sqrt(a * b)
    if (holds(middle)) a = middle
    else b = middle
  }
  return a
}
