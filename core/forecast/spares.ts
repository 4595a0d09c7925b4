import { ln } from '../elementary'

/** Chance with which a room should see at least one, for which spares are counted. */
export const ENOUGH = 0.99
/** More than this many of one thing is no plan. */
const MOST_VESSELS = 12

/**
 * Vessels to bring so that at least one shows the wanted outcome in 99 of 100 shows.
 *
 * Tries are taken as independent; a shared cause (a bath too warm) makes them fail together, which is why the odds
 * themselves should be mended first.
 *
 * @param share chance of the outcome in one try, 0 to 1
 * @returns 1 to 12, or undefined if 12 are not enough
 */
export function vesselsNeeded(share: number): number | undefined {
  if (share >= ENOUGH) return 1
  if (!(share > 0)) return undefined
  const needed = Math.ceil(ln(1 - ENOUGH) / ln(1 - share) - 1e-9)
  return needed <= MOST_VESSELS ? needed : undefined
}

/** Chance that at least one of `vessels` shows it. */
export function atLeastOne(share: number, vessels: number): number {
  let none = 1
  for (let i = 0; i < vessels; i++) none *= 1 - share
  return 1 - none
}
