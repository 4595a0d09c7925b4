/** What is cooled and how: the unknowns of a cooling vessel, and what is stated of it. */
import type { Jet } from './inflow'
import type { Room, SteamVessel } from './steam-vessel'

/**
 * Unknowns, by place in the state. The walls and the liquid come first, since they touch little else and leave the
 * factors of the Jacobian mostly zero; then what stands still in many a vessel; then running totals.
 */
export const COOLING = {
  /** cooled wall, K */
  wetWall: 0,
  /** the rest of the wall, in air, K */
  dryWall: 1,
  /** liquid inside, K */
  liquid: 2,
  /** kg */
  vapour: 3,
  /** K */
  gas: 4,
  /** liquid gained since the seal, kg: drawn in through a mouth, or condensed less evaporated in a closed vessel */
  drawnIn: 5,
  /** of the water in the mouth, m/s */
  speed: 6,
  /** air inside, kg */
  air: 7,
  /** fraction of the volume */
  lost: 8,
  /** 1/s */
  losing: 9,
  /** momentum that water has brought in, N s */
  impulse: 10,
  /** kg */
  condensedOnWall: 11,
  /** kg */
  condensedOnWater: 12,
  /** kg */
  condensedAsFog: 13,
} as const
export const COOLING_SIZE = 14

/** What the outside of the vessel meets below its cooled area. */
export interface Coolant {
  /** K */ temperature: number
  /** from the wall's middle to the coolant, W/(m2 K) */ conductance: number
  /** cooled wall, m2, once the vessel is in place */ area: number
  /** from the liquid inside through the base, W/K */ throughBase: number
}

/** What holds the wall up; see `collapse.ts`. */
export interface WallStrength {
  /** buckling pressure difference of the real vessel at room temperature, Pa */ criticalDifference: number
  residualLoad: number
  stiffening: number
  packing: number
  /** instead of a stiff wall that buckles, a skin that gives way and takes up room: what it holds, and how it drags */
  skin?: Skin
}

export interface Skin {
  /** @param lost share of the volume that it has taken up @returns pressure difference that it holds there, Pa */
  held: (lost: number) => number
  /** difference that it takes to move it, Pa by a share of the volume each second */ resistance: number
}

/** An open mouth under water. */
export interface OpenMouth {
  /** under the surface in the end, m */ depth: number
  /** m/s; the vessel is let down while the stage begins */ plungeSpeed: number
  /** K */ waterTemperature: number
  /** loss coefficient of the entry, see `inflow.ts` */ entryLoss: number
  /** length of rim or neck that always holds water, m */ passage: number
  jet: Jet
  /** a tube above the mouth that fills before the vessel does */
  stem?: { /** m */ length: number; /** m */ diameter: number; /** Darcy friction factor */ friction: number }
}

export interface CoolingPlan {
  vessel: SteamVessel
  room: Room
  coolant: Coolant
  strength: WallStrength
  /** liquid left inside at the seal, kg */ pool: number
  /** undefined: closed */ mouth?: OpenMouth
  /** opening through which air leaks in and gas out, m2 with its contraction */ leakArea: number
  /** cold water sprayed inside */
  spray?: {
    /** kg/s */ flow: number
    /** K */ temperature: number
    /** share of its capacity for heat used in pure steam */ contact: number
  }
  airLayerFactor: number
  /** W/(m2 K) */ surfaceConductance: number
}
