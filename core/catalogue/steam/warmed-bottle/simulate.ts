/** A soft bottle warmed with hot water, emptied, capped and cooled. */
import { type Detail, stepTolerance, type Demonstration } from '../../../demonstration'
import { exp } from '../../../elementary'
import type { SteamVessel } from '../../../mechanisms/steam-vessel'
import { heldBelowBoiling, roomOf } from '../filling'
import { fillByRinsing } from '../rinsed'
import { coolSoftBottle, softBottle } from '../soft-bottle'
import { TraceRecorder } from '../trace-recorder'
import type { WarmedBottleValues } from './inputs'

/** Warm water standing in a bottle, W/(m2 K): natural convection some 300 to 800 (Incropera & DeWitt, ch. 9). */
const STANDING = 500
/**
 * Share of the way to the water's temperature that the wall has come after so many seconds: one thin wall, warmed
 * from inside.
 */
export const warmedThrough = (vessel: SteamVessel, seconds: number): number =>
  1 - exp((-seconds * STANDING) / (vessel.solid.density * vessel.solid.specificHeat * vessel.wallThickness))

export function simulate(values: WarmedBottleValues, detail: Detail, refinement = 1) {
  const n = values.numbers
  const vessel = softBottle(values)
  const room = roomOf(values, vessel)
  const recorder = detail === 'trace' ? new TraceRecorder({ vessel, room }, 'capping', 'fold') : undefined
  const filled = fillByRinsing(
    vessel,
    room,
    {
      volume: n.waterCharge,
      temperature: heldBelowBoiling(n.chargeTemperature, room),
      times: 1,
      contact: n.rinseContact * warmedThrough(vessel, n.standTime),
      saturation: n.filmSaturation,
      delay: n.sealDelay,
      moved: false,
      uprightShare: 1,
      airLayerFactor: n.airLayerFactor,
      surfaceConductance: n.surfaceConductance,
    },
    stepTolerance(detail, refinement),
    recorder,
  )
  return coolSoftBottle(values, vessel, room, filled, detail, refinement, recorder)
}
export type WarmedBottleRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type WarmedBottle = Demonstration<WarmedBottleValues, WarmedBottleRun>
