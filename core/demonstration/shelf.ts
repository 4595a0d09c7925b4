/** What of a Shelf can stand in a procedure. */

/** What on a Shelf can stand in a procedure. */
export const SHELF_KINDS = ['vessel', 'heater', 'bath', 'pump'] as const
export type ShelfKind = (typeof SHELF_KINDS)[number]

/** Kinds of pump; what each usually does stands with the vacuum demonstrations. */
export const PUMP_IDS = ['hand', 'mouth', 'cheeks', 'kitchen', 'jet', 'membrane', 'two-stage'] as const

export const VESSEL_SHAPES = ['cylinder', 'box', 'bottle', 'flask', 'bell-jar'] as const

export type VesselShape = (typeof VESSEL_SHAPES)[number]

/** Kinds of heater. */
export const HEATER_KINDS = ['plate', 'gas', 'spirit', 'microwave', 'kettle', 'other'] as const

export type HeaterKind = (typeof HEATER_KINDS)[number]

/** What heats metal and what heats a flask: anything with a flame or a hot plate. */
export const FLAME_OR_PLATE: readonly HeaterKind[] = ['plate', 'gas', 'spirit', 'other']

/** Under glass with a little water in it, W: what is stronger boils it dry in less than a minute. */
export const UNDER_GLASS = [0, 3000] as const

/** A place in the procedure that something from the Shelf can fill. */
export interface ShelfPlace {
  step: string
  kind: ShelfKind
  /** of a heater: kinds that can heat this; a microwave never heats metal */ heaters?: readonly HeaterKind[]
  /** W, of a heater, where only some will do */ power?: readonly [least: number, most: number]
  /** of a vessel, where only some will do */ shapes?: readonly VesselShape[]
  /** of a vessel, where only some will do */ materials?: readonly string[]
  /** m3, of a vessel, where only some sizes will do */ capacity?: readonly [least: number, most: number]
  /** m, of a vessel, where only some mouths will do */ mouth?: readonly [least: number, most: number]
}
