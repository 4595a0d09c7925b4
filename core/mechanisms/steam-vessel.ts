/** What every stage of a steam-filled vessel needs to know of the vessel, its heater and its room; SI units. */
import type { Solid } from '../substances/solids'
import type { RoomLoss } from './convection'

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
