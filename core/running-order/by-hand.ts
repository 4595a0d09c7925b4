/** Whoever follows a clock with things in hand keeps it to so many seconds. */
const HAND = 10

/**
 * A moment as it stands on a sheet.
 *
 * @param seconds from the start
 * @param limit one that must not be passed, which is never told later than it is
 */
export const byHand = (seconds: number, limit = false): number =>
  HAND * (limit ? Math.floor(seconds / HAND) : Math.round(seconds / HAND))
