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

// Their numbers stand in one order, and none is spread from another: whoever reads them reads one shape, not four.

/** Upright cylinder, by its outside; `capacity` as measured. */
export function cylinderVessel(
  measures: { capacity: number; diameter: number; height: number; wallThickness: number; mouthDiameter: number },
  solid: Solid,
): SteamVessel {
  const { capacity, diameter, height, wallThickness, mouthDiameter } = measures
  const crossSection = (Math.PI * diameter * diameter) / 4
  const upperArea = Math.PI * diameter * height + crossSection
  return { capacity, diameter, height, wallThickness, mouthDiameter, crossSection, upperArea, solid }
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
  const crossSection = width * depth
  const upperArea = 2 * (width + depth) * height + crossSection
  const diameter = (2 * (width + depth)) / Math.PI
  return { capacity, diameter, height, wallThickness, mouthDiameter, crossSection, upperArea, solid }
}

/** Share of a flask's greatest section that a few centimetres of water cover. */
const FLASK_POOL = 0.7

/** Round flask: the sphere that holds its capacity. */
export function flaskVessel(
  measures: { capacity: number; wallThickness: number; mouthDiameter: number },
  solid: Solid,
): SteamVessel {
  const { capacity, wallThickness, mouthDiameter } = measures
  const diameter = sphereDiameter(capacity)
  const section = (Math.PI * diameter * diameter) / 4
  const crossSection = FLASK_POOL * section
  const upperArea = 4 * section - crossSection
  return { capacity, diameter, height: diameter, wallThickness, mouthDiameter, crossSection, upperArea, solid }
}
