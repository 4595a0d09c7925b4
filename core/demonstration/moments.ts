/** Moments that are marked while a staging is performed. */

/** Moments that are marked while a staging is performed. `sealed` is when the hush begins, whatever begins it. */
export const MARKS = ['heat-on', 'plume', 'lifted', 'sealed', 'gone', 'nothing'] as const

export type MarkKind = (typeof MARKS)[number]
