/** Steam condensing on a wall, and how air gets in its way. */
import { CubicTable, pow } from '../elementary'
import { CONDENSATE, GRAVITY } from '../substances/water-transport'

/**
 * Nusselt's film on an upright wall without the temperature difference in it: divide by ΔT^1/4 for W/(m2 K).
 *
 * @param height of the wall, m
 * @param latentHeat J/kg
 * @returns W/(m2 K^0.75)
 * @source W. Nusselt, VDI-Z. 60 (1916) 541; Incropera & DeWitt, 5th ed. (2002), eq. 10.26 (0.943)
 */
export function nusseltFilm(height: number, latentHeat: number): number {
  const { density, conductivity, viscosity } = CONDENSATE
  const group =
    (density * density * GRAVITY * latentHeat * conductivity * conductivity * conductivity) / (viscosity * height)
  return 0.943 * Math.sqrt(Math.sqrt(group))
}

/** Added to the mass ratio, so that pure steam meets a finite and smooth resistance; 1.4 % at a ratio of 0.01. */
const TRACE_OF_AIR = 2e-4
const MOST_RATIO = 60

// Tabulated on the fourth root of the ratio, since a power in the inner loop is dear and its last bits are the
// engine's.
const airLayer = new CubicTable(root => 380 * pow(root * root * root * root, -0.7), 0.118, 2.8, 2048)

/**
 * Conductance of the layer of air that gathers where vapour condenses.
 *
 * @param ratio mass of air over mass of vapour in the bulk, 0 to 60 (held to that range)
 * @returns W/(m2 K), on the difference between the bulk's dew point and the surface
 * @source H. Uchida, A. Oyama & Y. Togo, Proc. 3rd Int. Conf. Peaceful Uses of Atomic Energy 13 (1964) 93: h = 380
 *   (ρ_air/ρ_vapour)^-0.7. That a few per cent of air already halves the rate agrees with W. J. Minkowycz & E. M.
 *   Sparrow, Int. J. Heat Mass Transfer 9 (1966) 1125.
 */
export function airLayerConductance(ratio: number): number {
  const held = ratio < 0 ? 0 : ratio > MOST_RATIO ? MOST_RATIO : ratio
  return airLayer.at(Math.sqrt(Math.sqrt(held + TRACE_OF_AIR)))
}

/**
 * Half the width over which condensation comes to an end at the dew point, K: keeps the flux smooth for the
 * integrator.
 */
const SOFT_EDGE = 0.3

/**
 * Heat that condensing vapour gives to a wall: condensate film and air layer in series.
 *
 * @param film `nusseltFilm` of the wall
 * @param difference dew point less wall temperature, K; below −0.3 nothing condenses
 * @param airConductance of the air layer, W/(m2 K)
 * @returns W/m2, never negative
 */
export function condensingFlux(film: number, difference: number, airConductance: number): number {
  if (difference <= -SOFT_EDGE) return 0
  const raised = difference + SOFT_EDGE
  const driving = difference < SOFT_EDGE ? (raised * raised) / (4 * SOFT_EDGE) : difference
  const filmConductance = film / Math.sqrt(Math.sqrt(driving > 1e-3 ? driving : 1e-3))
  return ((filmConductance * airConductance) / (filmConductance + airConductance)) * driving
}
