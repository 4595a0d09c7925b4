/** What every stage of a steam-filled vessel needs to know of the vessel, its heater and its room; SI units. */
import type { Solid } from '../substances/solids'
import type { RoomLoss } from './convection'
import { sphereDiameter } from '../vessels/sphere'

export interface SteamVessel {
  /** m3, brim-full */ capacity: number
  /** m2 */ crossSection: number
  /** m2, side wall and the end that carries the mouth */ upperArea: number
  /** m */ diameter: number
  /** m */ height: number
  /** m */ wallThickness: number
  /** m */ mouthDiameter: number
  solid: Solid
}

export interface Room {
  /** station pressure, Pa */ pressure: number
  /** K */ temperature: number
  /** mole fraction of vapour in the room's air */ vapourFraction: number
  /** kg/m3 */ airDensity: number
  /** boiling point at station pressure, K */ boilingPoint: number
  /** from the vessel's side to the room */ loss: RoomLoss
}

/** Upright cylinder, by its outside; `capacity` as measured. */
export function cylinderVessel(
  measures: { capacity: number; diameter: number; height: number; wallThickness: number; mouthDiameter: number },
  solid: Solid,
): SteamVessel {
  const { diameter, height } = measures
  const end = (Math.PI * diameter * diameter) / 4
  return { ...measures, crossSection: end, upperArea: Math.PI * diameter * height + end, solid }
}

/** Upright box; its `diameter` is that of a circle of the same girth, which is what films and loss laws see. */
export function boxVessel(
  measures: {
    capacity: number
    width: number
    depth: number
    height: number
    wallThickness: number
    mouthDiameter: number
  },
  solid: Solid,
): SteamVessel {
  const { capacity, width, depth, height, wallThickness, mouthDiameter } = measures
  const end = width * depth
  return {
    capacity,
    height,
    wallThickness,
    mouthDiameter,
    solid,
    diameter: (2 * (width + depth)) / Math.PI,
    crossSection: end,
    upperArea: 2 * (width + depth) * height + end,
  }
}

/** Share of a flask's greatest section that a few centimetres of water cover. */
const FLASK_POOL = 0.7

/** Round flask: the sphere that holds its capacity. */
export function flaskVessel(
  measures: { capacity: number; wallThickness: number; mouthDiameter: number },
  solid: Solid,
): SteamVessel {
  const diameter = sphereDiameter(measures.capacity)
  const section = (Math.PI * diameter * diameter) / 4
  return {
    ...measures,
    diameter,
    height: diameter,
    crossSection: FLASK_POOL * section,
    upperArea: 4 * section - FLASK_POOL * section,
    solid,
  }
}
