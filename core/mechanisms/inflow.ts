/** Water pushed by the outside air through a mouth or neck. */
import { quickLatentHeat } from '../substances/steam-tables'
import { GRAVITY, LIQUID_SPECIFIC_HEAT } from '../substances/water-transport'

/**
 * Acceleration of the slug of water in a mouth.
 *
 * @param drive pressure outside the mouth less pressure inside, hydrostatics included, Pa
 * @param speed inward positive, m/s
 * @param density kg/m3
 * @param length of the slug with its end corrections, m
 * @param loss entry loss coefficient K; the jet's own kinetic energy is the 1 in (1 + K)
 * @returns m/s2
 * @source unsteady Bernoulli equation with a loss term, F. M. White, Fluid Mechanics, 4th ed. (1999), sect. 3.7 and 6.9
 */
export const slugAcceleration = (drive: number, speed: number, density: number, length: number, loss: number): number =>
  (drive - 0.5 * density * (1 + loss) * speed * Math.abs(speed)) / (density * length)

/**
 * Length of the water that moves with the slug: the passage and the end correction of a flanged opening outside.
 *
 * @param passage length of mouth or neck, m
 * @param diameter m
 * @source Rayleigh's flanged end correction, 8/(3π) radii: Kinsler et al., Fundamentals of Acoustics, 4th ed. (2000), sect. 9.2
 */
export const slugLength = (passage: number, diameter: number): number => passage + 8 / (3 * Math.PI) * diameter / 2

/** Conduction inside a drop about 1 mm across, W/(m2 K): k (2π²/3)/d, first term of the series for a sphere (Carslaw & Jaeger). */
const DROP_CONDUCTANCE = 4300

/** A jet of water in steam. */
export interface Jet {
  /** K */ water: number
  /** m */ diameter: number
  /** Stanton number of its surface */ stanton: number
  /** share of its capacity for heat that a jet broken up on the far wall uses in pure steam */ sprayContact: number
}

/**
 * Vapour that a jet of cold water condenses while it crosses the vessel, in kg per kg of water.
 *
 * An unbroken jet takes up the share z/(1 + z) of what would heat it to the dew point, z = 4 St ℓ/d; for small z that is
 * the turbulent-jet result 1 − exp(−z). A jet that still has speed when it meets the far wall breaks up there: the share
 * of its energy it has left (1 − room/rise) becomes spray, which condenses far more. This is why a fill can end in a bang.
 *
 * @param dewPoint K
 * @param airConductance of the air layer, W/(m2 K); in series with the water's own conductance
 * @param speed m/s
 * @param room height above the mouth that is free, m
 * @source form of S. Kim & A. F. Mills, J. Heat Transfer 111 (1989) 1068 (turbulent jets in steam, St about 0.01); the
 *   spray's share is an assumption with a wide spread, shaped on spray condensers
 */
export function jetCondensation(jet: Jet, dewPoint: number, airConductance: number, speed: number, room: number): number {
  const subcooling = dewPoint - jet.water
  if (!(subcooling > 0) || !(speed > 0) || !(room > 0)) return 0
  const capacityFlux = 1000 * LIQUID_SPECIFIC_HEAT * speed
  const own = jet.stanton * capacityFlux
  const effective = own * airConductance / (own + airConductance) / capacityFlux
  const rise = speed * speed / (2 * GRAVITY)
  const units = 4 * effective * (rise < room ? rise : room) / jet.diameter
  const unbroken = units / (1 + units)
  const sprayed = rise > room ? (1 - room / rise) * spraySteam(jet.water, dewPoint, airConductance, jet.sprayContact) : 0
  return unbroken * LIQUID_SPECIFIC_HEAT * subcooling / quickLatentHeat(dewPoint) + (1 - unbroken) * sprayed
}

/**
 * Vapour that spread-out spray condenses, in kg per kg of water.
 *
 * @param water temperature, K
 * @param dewPoint K
 * @param airConductance of the air layer, W/(m2 K); in series with conduction inside the drops
 * @param contact share of its capacity for heat that it uses in pure steam
 */
export function spraySteam(water: number, dewPoint: number, airConductance: number, contact: number): number {
  const subcooling = dewPoint - water
  if (!(subcooling > 0)) return 0
  return contact * airConductance / (airConductance + DROP_CONDUCTANCE) * LIQUID_SPECIFIC_HEAT * subcooling / quickLatentHeat(dewPoint)
}

/** Difference below which an opening's flow is eased towards zero, Pa: keeps its slope finite for the integrator. */
const EASED = 50

/**
 * Gas through a small opening, quasi-steady and incompressible (within a tenth up to a third of an atmosphere).
 *
 * @param area m2, contraction included
 * @param difference upstream less downstream, Pa; negative flows the other way
 * @param density upstream, kg/m3
 * @returns kg/s
 * @source orifice equation, F. M. White, Fluid Mechanics, 4th ed. (1999), sect. 6.10
 */
export const openingFlow = (area: number, difference: number, density: number): number =>
  area * difference * Math.sqrt(2 * density / (Math.abs(difference) + EASED))
