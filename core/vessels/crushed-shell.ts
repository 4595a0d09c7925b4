/** What a crushed vessel was and how it folded: all that its drawn shape (`crushed-shape.ts`) follows from. */
export type ShellPlan = { kind: 'round'; diameter: number } | { kind: 'box'; width: number; depth: number }

export interface CrushedShell {
  /** across, m */ plan: ShellPlan
  /** of the part that has the whole section, before it was crushed, m */ height: number
  /** of shoulders, neck and rims, which stay as they are, m */ ends: number
  /** round the circumference; of a box its sides */ lobes: number
  /** share of its volume gone, 0 to 1 */ lost: number
  /** heights of hoops, m, before it was crushed */ hoops: readonly number[]
}

/**
 * Height of the body of a vessel that holds so much, and what of its whole height is ends: shoulders and a neck are as
 * high as a body, but hold less.
 *
 * @param capacity m³
 * @param height m, from bottom to mouth
 */
export function bodyOf(plan: ShellPlan, height: number, capacity: number): { height: number; ends: number } {
  const section = plan.kind === 'round' ? (Math.PI * plan.diameter * plan.diameter) / 4 : plan.width * plan.depth
  const body = Math.min(height, capacity / section)
  return { height: body, ends: height - body }
}
