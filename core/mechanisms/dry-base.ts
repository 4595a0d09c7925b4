/** The base of a vessel that has boiled dry, off the heat again. */
import { integratorOf, type OdeSystem } from '../solver'
import { roomLossFlux } from './convection'
import type { Room, SteamVessel } from './steam-vessel'

/**
 * What a dry base has cooled to in the room's air, K. It is of one temperature through its wall and gives heat off on
 * its outside alone: the thin dry gas above it takes next to nothing.
 * @param base as it came off the heat, K @param duration s, 0 or more @param tolerance relative, of one step
 */
export function dryBaseAfter(
  base: number,
  duration: number,
  { solid, wallThickness }: Pick<SteamVessel, 'solid' | 'wallThickness'>,
  { loss }: Pick<Room, 'loss'>,
  tolerance: number,
): number {
  if (duration <= 0) return base
  const perArea = solid.density * solid.specificHeat * wallThickness
  const system: OdeSystem = {
    size: 1,
    scale: Float64Array.of(10),
    derivatives: (_, state, slope) => {
      slope[0] = -roomLossFlux(loss, state[0]) / perArea
    },
  }
  const state = Float64Array.of(base)
  integratorOf(1).run(system, state, 0, duration, { tolerance, firstStep: Math.min(1, duration) })
  return state[0]
}
