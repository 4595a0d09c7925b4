/** Ways to cool a closed vessel from outside, as a conductance from its wall's middle and the area that it reaches. */
import { BATH_WATER } from '../substances/water-transport'
import { LIQUID_SPECIFIC_HEAT } from '../substances/water-transport'
import { exp, pow } from '../elementary'
import { bathConductance } from './convection'
import { throughWall } from './cooling-vessel'
import { type Coolant } from './cooling-plan'
import type { SteamVessel } from './steam-vessel'

export type CoolingMethod = 'ice-pool' | 'spray' | 'pour' | 'sprinkle' | 'still-air'

/** Share of the upper wall and top that each way of wetting reaches; assumptions, spread by the input `wettedShare`. */
export const USUAL_WETTED: Readonly<Record<CoolingMethod, number>> = {
  'ice-pool': 1,
  'spray': 0.7,
  'pour': 0.5,
  'sprinkle': 0.35,
  'still-air': 0,
}

/** Impinging drops stir the film they land on, against a plain falling film. Assumption. */
const SPRAY_STIRS = 1.6
/**
 * Natural convection of the hot water inside to the base under it, W/(m2 K): Incropera & DeWitt, table 1.1, from
 * memory.
 */
const POOL_CONDUCTANCE = 500

/**
 * Heat transfer to a film of water that runs down a wall.
 *
 * @param flowPerWidth kg/(s m)
 * @returns W/(m2 K)
 * @source W. Wilke, VDI-Forschungsheft 490 (1962), falling films that are heated, with Re = Γ/η, in the form h
 *   (ν²/g)^(1/3)/k: laminar 1.30 Re^(-1/3), wavy 0.0425 Re^(1/5) Pr^0.344, turbulent 0.0136 Re^(2/5) Pr^0.344; the
 *   greatest of them
 * holds; from memory
 */
export function fallingFilmConductance(flowPerWidth: number): number {
  const { conductivity, kinematicViscosity, prandtl } = BATH_WATER
  const gravityLength = pow((kinematicViscosity * kinematicViscosity) / 9.81, 1 / 3)
  const reynolds = flowPerWidth / (1000 * kinematicViscosity)
  const wavy = 0.0425 * pow(reynolds, 0.2) * pow(prandtl, 0.344)
  const turbulent = 0.0136 * pow(reynolds, 0.4) * pow(prandtl, 0.344)
  const laminar = 1.3 / pow(reynolds, 1 / 3)
  return (Math.max(laminar, wavy, turbulent) * conductivity) / gravityLength
}

/**
 * Conductance of a film that warms as it runs: the wall can't give it more than takes it to the wall's temperature.
 *
 * @param film W/(m2 K) @param area m2 @param flow kg/s @returns W/(m2 K) on the difference to the coolant's first
 *   temperature
 * @source heat-exchanger effectiveness with one side at constant temperature, 1 − exp(−NTU): Incropera & DeWitt, eq.
 *   11.36
 */
export function warmingFilmConductance(film: number, area: number, flow: number): number {
  const capacity = flow * LIQUID_SPECIFIC_HEAT
  return (capacity / area) * (1 - exp((-film * area) / capacity))
}

export interface CoolantPlan {
  method: CoolingMethod
  /** K */ temperature: number
  /** kg/s, of what runs over it */ flow: number
  /** how deep the vessel stands in an ice pool, m */ poolDepth: number
  /** share of side and top that running water reaches */ wettedShare: number
  /** share of the way that the pool inside has contact with the cooled base; 0 on a stand */ baseContact: number
  /** multiplies the outside conductance */ factor: number
  /** of the wall over the coolant at first, K */ excess: number
}

/**
 * The outside of a closed, upright vessel: what meets it, over which area, by the laws above. @param plan how it is
 * cooled, SI
 */
export function coolantOf(vessel: SteamVessel, plan: CoolantPlan): Coolant {
  const side = vessel.upperArea - vessel.crossSection
  const { method, temperature, factor } = plan
  if (method === 'still-air') return { temperature, conductance: 0, area: 0, throughBase: 0 }
  if (method === 'ice-pool') {
    const depth = Math.min(plan.poolDepth, vessel.height)
    const outside = factor * bathConductance(depth, 0.02, Math.max(plan.excess, 1))
    const base = plan.baseContact * vessel.crossSection * throughWall(vessel, 1 / (1 / outside + 1 / POOL_CONDUCTANCE))
    return {
      temperature,
      conductance: throughWall(vessel, outside),
      area: (side * depth) / vessel.height,
      throughBase: base,
    }
  }
  const area = Math.max(1e-4, plan.wettedShare * vessel.upperArea)
  const width = Math.PI * vessel.diameter * plan.wettedShare
  const film = factor * fallingFilmConductance(plan.flow / width) * (method === 'spray' ? SPRAY_STIRS : 1)
  const outside = warmingFilmConductance(film, area, plan.flow)
  return { temperature, conductance: throughWall(vessel, outside), area, throughBase: 0 }
}
