/** How a staging is drawn where nobody says it otherwise; apart from the drawing, which not all who ask need. */
export const DEFAULT_SAMPLES = 2000
/** Enough to say how it stands until there are all. */
export const FEW_SAMPLES = 200
export const DEFAULT_SEED = 1
/** Stands in `outcomes` for a sample that could not be computed. */
export const NO_OUTCOME = 255
