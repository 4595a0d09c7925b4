/** A soft bottle with a little hot water, swirled, capped and cooled. */
import { type Detail, stepTolerance, type Demonstration } from '../../../demonstration'
import { HEATING, steep, type HeatingPlan } from '../../../mechanisms/heating'
import { quickLiquidDensity } from '../../../substances/steam-tables'
import { heldBelowBoiling, roomOf } from '../filling'
import { coolSoftBottle, softBottle } from '../soft-bottle'
import { TraceRecorder } from '../trace-recorder'
import type { HotWaterBottleValues } from './inputs'

const steeped = new Float64Array(5)

function steepingPlan(values: HotWaterBottleValues): HeatingPlan {
  const n = values.numbers
  const vessel = softBottle(values)
  const room = roomOf(values, vessel)
  const chargeTemperature = heldBelowBoiling(n.chargeTemperature, room)
  return {
    vessel,
    room,
    power: 0,
    heaterLimit: 600,
    charge: n.waterCharge * quickLiquidDensity(chargeTemperature),
    chargeTemperature,
    mixing: 1,
    plumeFraction: 1,
    purgeTime: 0,
    airLayerFactor: n.airLayerFactor,
    stirring: n.swirling,
  }
}

export function simulate(values: HotWaterBottleValues, detail: Detail, refinement = 1) {
  const plan = steepingPlan(values)
  const recorder = detail === 'trace' ? new TraceRecorder(plan, 'swirl', 'fold') : undefined
  const sealing = values.numbers.swirlTime
  steep(plan, sealing, steeped, stepTolerance(detail, refinement), recorder?.heating)
  return coolSoftBottle(
    values,
    plan.vessel,
    plan.room,
    {
      wall: steeped[HEATING.wall],
      liquid: steeped[HEATING.water],
      waterMass: steeped[HEATING.waterMass],
      airMoles: steeped[HEATING.airMoles],
      timeOfLifting: 0,
      sealing,
      overheat: steeped[HEATING.water],
    },
    detail,
    refinement,
    recorder,
  )
}
export type HotWaterBottleRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type HotWaterBottle = Demonstration<HotWaterBottleValues, HotWaterBottleRun>
