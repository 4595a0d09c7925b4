/** Heat carried from a wall by air and by bath water, and radiated. */
import { pow } from '../elementary'
import { BATH_WATER, GRAVITY } from '../substances/water-transport'
import { airConductivity, airViscosity, AIR_GAS_CONSTANT } from '../substances/air'

/** W/(m2 K4): CODATA 2018 */
const STEFAN_BOLTZMANN = 5.670374419e-8

/** Prandtl number factor of Churchill & Chu's laminar equation for a vertical surface. */
const laminarFactor = (prandtl: number): number => 0.67 / pow(1 + pow(0.492 / prandtl, 9 / 16), 4 / 9)

const AIR_PRANDTL = 0.71
const AIR_LAMINAR = laminarFactor(AIR_PRANDTL)
const WATER_LAMINAR = laminarFactor(BATH_WATER.prandtl)

/**
 * Natural convection and radiation from an upright wall to a room, as a conductance that follows the wall's
 * temperature.
 */
export interface RoomLoss {
  /** W/(m2 K): the part of Churchill & Chu that does not vary */ still: number
  /** W/(m2 K^1.25) */ buoyant: number
  emissivity: number
  /** K */ room: number
}

/**
 * @param height of the wall, m
 * @param room air temperature, K
 * @param pressure of the room air, Pa
 * @param emissivity of the wall's outside
 * @source S. W. Churchill & H. H. S. Chu, Int. J. Heat Mass Transfer 18 (1975) 1323, laminar equation (Ra < 1e9);
 *   air properties at a film temperature 35 K above the room
 */
export function roomLoss(height: number, room: number, pressure: number, emissivity: number): RoomLoss {
  const film = room + 35
  const conductivity = airConductivity(film)
  const kinematic = (airViscosity(film) * AIR_GAS_CONSTANT * film) / pressure
  const rayleighPerKelvin = (((GRAVITY / film) * height * height * height) / (kinematic * kinematic)) * AIR_PRANDTL
  return {
    still: (0.68 * conductivity) / height,
    buoyant: (AIR_LAMINAR * Math.sqrt(Math.sqrt(rayleighPerKelvin)) * conductivity) / height,
    emissivity,
    room,
  }
}

/**
 * Heat lost by a wall, W/m2; negative if the wall is colder than the room.
 *
 * @param forced convection of a vessel that is carried, W/(m2 K); joined with the natural part as the root of the
 *   squares, between Churchill's cubes for aiding flow and the plain larger one for crossing flow
 */
export function roomLossFlux(loss: RoomLoss, wall: number, forced = 0): number {
  const excess = wall - loss.room
  const root = Math.sqrt(Math.sqrt(excess > 0 ? excess : -excess))
  const natural = loss.still + loss.buoyant * root
  const convection = forced > 0 ? Math.sqrt(natural * natural + forced * forced) : natural
  const squares = wall * wall + loss.room * loss.room
  return excess * (convection + loss.emissivity * STEFAN_BOLTZMANN * squares * (wall + loss.room))
}

/**
 * Convection from a cylinder carried sideways through air.
 *
 * @param diameter m
 * @param speed m/s
 * @param film temperature, K
 * @param pressure Pa
 * @returns W/(m2 K)
 * @source Hilpert's correlation, Re 40 to 4000, constants from Incropera & DeWitt, 5th ed. (2002), table 7.2, from
 *   memory
 */
export function carriedCylinderConductance(diameter: number, speed: number, film: number, pressure: number): number {
  const kinematic = (airViscosity(film) * AIR_GAS_CONSTANT * film) / pressure
  const reynolds = (speed * diameter) / kinematic
  return (0.683 * pow(reynolds, 0.466) * 0.891 * airConductivity(film)) / diameter
}

/**
 * Convection from the immersed part of a hot vessel to bath water: the rush of the plunge together with buoyancy.
 *
 * @param depth wetted height, m
 * @param speed at which the vessel enters, m/s
 * @param excess of the wall over the bath, K
 * @returns W/(m2 K)
 * @source laminar flat plate, Nu = 0.664 Re^1/2 Pr^1/3 (Incropera & DeWitt, eq. 7.30), and Churchill & Chu's laminar
 *   equation, joined as (a³ + b³)^1/3 (Churchill, AIChE J. 23 (1977) 10)
 */
export function bathConductance(depth: number, speed: number, excess: number): number {
  const length = depth > 0.005 ? depth : 0.005
  const reynolds = (speed * length) / BATH_WATER.kinematicViscosity
  const forced = 0.664 * Math.sqrt(reynolds) * pow(BATH_WATER.prandtl, 1 / 3)
  const rayleigh =
    (GRAVITY * BATH_WATER.expansion * Math.max(excess, 1) * length * length * length) /
    (BATH_WATER.kinematicViscosity * BATH_WATER.diffusivity)
  const natural = 0.68 + WATER_LAMINAR * Math.sqrt(Math.sqrt(rayleigh))
  return (pow(forced * forced * forced + natural * natural * natural, 1 / 3) * BATH_WATER.conductivity) / length
}
