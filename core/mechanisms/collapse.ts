/** How a thin vessel gives way once the pressure difference passes its strength. */

/**
 * Load that a buckled vessel still carries, as a fraction of its critical pressure difference.
 *
 * It falls quickly to `residual` as the lobes form, and rises again as folded wall packs against itself. There is no
 * published law for a drink can; the shape is the simplest that has these three features, and its parameters are
 * inputs.
 *
 * @param lost fraction of the volume lost, 0 to below `packing`
 * @param residual fraction of the critical load left after buckling
 * @param stiffening load gained, in critical loads, when half of `packing` is lost
 * @param packing fraction of the volume at which nothing more can be lost
 */
export function heldFraction(lost: number, residual: number, stiffening: number, packing: number): number {
  const v = lost > 0 ? lost : 0
  const room = packing - v
  return residual + (1 - residual) / (1 + v / LOBE_FORMING) + (stiffening * v) / (room > 1e-3 ? room : 1e-3)
}

/** Fraction of the volume lost at which half the drop in load has happened; assumption, lobes about a wall's depth. */
const LOBE_FORMING = 0.02

/**
 * Inertance of the side wall moving inward: mass over the square of the moving area.
 *
 * @param movingMass wall and the water that must follow it, kg
 * @param sideArea m2
 * @returns kg/m4, so that pressure difference = inertance × d²V/dt²
 */
export const wallInertance = (movingMass: number, sideArea: number): number => movingMass / (sideArea * sideArea)

/** Share of its volume that an empty metal vessel can lose before wall lies on wall. Assumption. */
export const EMPTY_PACKING = 0.92

/** A push that counts only above zero, rounded off within ± `edge` and nothing at all below. */
export function beyond(push: number, edge: number): number {
  if (push <= -edge) return 0
  return push >= edge ? push : ((push + edge) * (push + edge)) / (4 * edge)
}

/**
 * Fraction of the volume lost at which a buckled vessel carries least: where the derivative of `heldFraction` is
 * nought, in closed form. @returns 0 where the load never falls
 */
export function weakestAt(residual: number, stiffening: number, packing: number): number {
  const falls = Math.sqrt((1 - residual) / LOBE_FORMING)
  const rises = Math.sqrt(stiffening * packing)
  return Math.max(0, (falls * packing - rises) / (falls + rises / LOBE_FORMING))
}
