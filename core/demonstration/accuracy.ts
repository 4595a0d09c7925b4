/** How closely a staging is followed in time. */

/** `summary`: what a forecast needs of each of its samples; `trace`: also the curves between, to be drawn. */
export type Detail = 'summary' | 'trace'

/** Relative error aimed at in one step of an integration, by detail. */
const STEP_TOLERANCE = { summary: 6e-3, trace: 5e-4 } as const

/**
 * Tolerance of one step of an integration.
 *
 * @param refinement how many times tighter than usual, to see whether an answer holds; 1 if left out
 */
export const stepTolerance = (detail: Detail, refinement = 1): number => STEP_TOLERANCE[detail] / refinement

/** Relative error aimed at in one step of what costs little to follow. */
const CLOSE = 2e-4
/**
 * The same for what boils no water, condenses no steam and folds no wall: it is followed as closely in a forecast's
 * samples as in the curve, for hardly more.
 *
 * @param refinement as above
 */
export const closeTolerance = (refinement = 1): number => CLOSE / refinement
