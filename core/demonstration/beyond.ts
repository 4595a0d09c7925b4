/** Limits that a typed number may just reach: what arithmetic is off by in its last bits is no difference. */
const LAST_BITS = 1e-9

/** True if a value is over a limit that it may reach. */
export const over = (value: number, limit: number): boolean => value > limit + LAST_BITS * Math.abs(limit)
/** True if a value is under a limit that it may reach. */
export const under = (value: number, limit: number): boolean => value < limit - LAST_BITS * Math.abs(limit)
