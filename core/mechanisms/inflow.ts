/** Water pushed by the outside air through a mouth or neck. */
import { CubicTable, exp, ln, pow } from '../elementary'
import { quickLatentHeat, quickSaturationPressure } from '../substances/steam-tables'
import { WATER_GAS_CONSTANT } from '../substances/water'
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
 * @source Rayleigh's flanged end correction, 8/(3π) radii: Kinsler et al., Fundamentals of Acoustics, 4th ed. (2000),
 *   sect. 9.2
 */
export const slugLength = (passage: number, diameter: number): number => passage + ((8 / (3 * Math.PI)) * diameter) / 2

/** Steam at its dew point, where that is worked out already. */
export interface Steam {
  /** its own pressure, Pa */ pressure: number
  /** J/kg */ latent: number
}
const steamAt = (dewPoint: number): Steam => ({
  pressure: quickSaturationPressure(dewPoint),
  latent: quickLatentHeat(dewPoint),
})

/** A jet of water in steam. */
export interface Jet {
  /** K */ water: number
  /** m */ diameter: number
  /** Stanton number of its surface */ stanton: number
  /** share of its capacity for heat that a jet broken up uses in pure steam */ sprayContact: number
  /** Weber number at which half of a fountain that falls back breaks up; see `jetCondensation` */ splashWeber: number
}

/** Surface tension of water near 20 °C, N/m: IAPWS R1-76(2014), 72.7 mN/m. */
const SURFACE_TENSION = 0.0727
/** kg/m3 */
const WATER_DENSITY = 1000

/**
 * Vapour that a jet of cold water condenses while it crosses the vessel, in kg per kg of water.
 *
 * An unbroken jet takes up the share z/(1 + z) of what would heat it to the dew point, z = 4 St ℓ/d; for small z that
 * is
 * the turbulent-jet result 1 − exp(−z). A jet that still has speed when it meets the far wall breaks up there: the
 * share
 * of its energy it has left (1 − room/rise) becomes spray, which condenses far more. This is why a fill can end in a
 * bang.
 * A fountain that does not reach it falls back and splashes, the more the wider and faster it is (Weber number against
 * `splashWeber`): through a wide neck so much water comes that a small share of drops is enough for the fill to run
 * away.
 *
 * @param dewPoint K
 * @param airConductance of the air layer, W/(m2 K); in series with the water's own conductance
 * @param pressure inside, Pa
 * @param speed m/s
 * @param room height above the mouth that is free, m
 * @param free share of the stream that has come out of the mouth into the gas
 * @param steam at the dew point, where it is known already
 * @source form of S. Kim & A. F. Mills, J. Heat Transfer 111 (1989) 1068 (turbulent jets in steam, St about 0.01); the
 *   spray's share is an assumption with a wide spread, shaped on spray condensers
 */
export function jetCondensation(
  jet: Jet,
  dewPoint: number,
  airConductance: number,
  pressure: number,
  speed: number,
  room: number,
  free = 1,
  steam: Steam = steamAt(dewPoint),
): number {
  const subcooling = dewPoint - jet.water
  if (!(subcooling > 0) || !(speed > 0) || !(room > 0)) return 0
  const capacityFlux = WATER_DENSITY * LIQUID_SPECIFIC_HEAT * speed
  const own = jet.stanton * capacityFlux
  const effective = (own * airConductance) / (own + airConductance) / capacityFlux
  const rise = (speed * speed) / (2 * GRAVITY)
  const units = (4 * effective * (rise < room ? rise : room)) / jet.diameter
  const unbroken = units / (1 + units)
  const weber = (WATER_DENSITY * speed * speed * jet.diameter) / SURFACE_TENSION
  const splashed = (free * weber) / (weber + jet.splashWeber)
  const broken = rise > room ? 1 - (room / rise) * (1 - splashed) : splashed
  const sprayed = broken > 0 ? broken * spraySteam(jet.water, dewPoint, pressure, jet.sprayContact, steam) : 0
  return (unbroken * LIQUID_SPECIFIC_HEAT * subcooling) / steam.latent + (1 - unbroken) * sprayed
}

/** Drops about a millimetre across: m. */
const DROP = 1e-3
/** Conduction inside such a drop, W/(m2 K): k (2π²/3)/d, first term of the series for a sphere (Carslaw & Jaeger). */
const DROP_CONDUCTANCE = (0.65 * 2 * Math.PI * Math.PI) / 3 / DROP
/**
 * Its speed in steam, m/s: the fall of such drops (R. Gunn & G. D. Kinzer, J. Meteorol. 6 (1949) 243: 4 m/s for 1
 * mm).
 */
const DROP_SPEED = 4
/**
 * Steam with some air near 80 °C and 1 bar: kinematic viscosity and diffusion coefficient, m2/s; Incropera & DeWitt,
 * tables A.4 and A.8, from memory.
 */
const [GAS_VISCOSITY, DIFFUSION] = [2.1e-5, 3.6e-5]
/** Ranz & Marshall's Sherwood number, 2 + 0.6 Re^1/2 Sc^1/3, at one atmosphere. */
const SHERWOOD = 2 + 0.6 * Math.sqrt((DROP_SPEED * DROP) / GAS_VISCOSITY) * pow(GAS_VISCOSITY / DIFFUSION, 1 / 3)

// Both are asked for at every step of a fill, and a logarithm is dear there. Neither begins at its nought, about which
// it would be told least well.
const logOfFourthPower = new CubicTable(root => 4 * ln(root), 0.9, 6.8, 1024)
const takenUp = new CubicTable(units => 1 - exp(-units), -1, 24, 1024)

/**
 * Conductance of steam through air to a drop, W/(m2 K) on the difference between dew point and drop.
 *
 * @param pressure Pa @param dewPoint K @param water temperature of the drop on the mean of its way, K
 * @source W. E. Ranz & W. R. Marshall, Chem. Eng. Prog. 48 (1952) 141 and 173, with Stefan's flow through still air,
 *   m = (p M/R T)(D/d) Sh ln((1 − y_i)/(1 − y)); a wall's correlation (Uchida) is far too low for drops
 */
export function dropConductance(
  pressure: number,
  dewPoint: number,
  water: number,
  steam: Steam = steamAt(dewPoint),
): number {
  const vapour = Math.min(0.9995, steam.pressure / pressure)
  const surface = Math.min(vapour, quickSaturationPressure(water) / pressure)
  const flux =
    (((pressure / (WATER_GAS_CONSTANT * dewPoint)) * ((DIFFUSION * 101325) / pressure)) / DROP) *
    SHERWOOD *
    logOfFourthPower.at(Math.sqrt(Math.sqrt((1 - surface) / (1 - vapour))))
  return (flux * steam.latent) / Math.max(dewPoint - water, 0.1)
}

/** N for a share: one for each staging, asked for at every step of it. */
let [lastShare, lastUnits] = [NaN, NaN]
function unitsOf(contact: number): number {
  if (contact !== lastShare) [lastShare, lastUnits] = [contact, -ln(1 - contact)]
  return lastUnits
}

/** What spray condensed when it was asked for last, and of what. */
const last = { water: NaN, dewPoint: NaN, pressure: NaN, contact: NaN, steam: NaN, condensed: NaN }

/**
 * Vapour that spread-out spray condenses, in kg per kg of water.
 *
 * Drops take up 1 − exp(−N) of what would heat them to the dew point; `contact` is that share in pure steam, where
 * only the inside of the drop resists, and air round it lowers N by its resistance.
 * @param water temperature, K
 * @param dewPoint K
 * @param pressure Pa
 * @param contact share of its capacity for heat that it uses in pure steam, under 1
 */
export function spraySteam(
  water: number,
  dewPoint: number,
  pressure: number,
  contact: number,
  steam: Steam = steamAt(dewPoint),
): number {
  const subcooling = dewPoint - water
  if (!(subcooling > 0) || !(contact > 0)) return 0
  // Asked for again and again at one state of the gas, where the walls or the water move: half of it is a logarithm.
  if (
    last.water === water &&
    last.dewPoint === dewPoint &&
    last.pressure === pressure &&
    last.contact === contact &&
    last.steam === steam.pressure
  )
    return last.condensed
  const gas = dropConductance(pressure, dewPoint, water + 0.6 * subcooling, steam)
  const share = contact < 1 ? takenUp.at((unitsOf(contact) * gas) / (gas + DROP_CONDUCTANCE)) : 1
  last.water = water
  last.dewPoint = dewPoint
  last.pressure = pressure
  last.contact = contact
  last.steam = steam.pressure
  return (last.condensed = (share * LIQUID_SPECIFIC_HEAT * subcooling) / steam.latent)
}
