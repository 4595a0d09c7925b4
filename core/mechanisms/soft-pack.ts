/** A soft, closed thing with gas in it: foam, a packet, a pot with a lid. */

/** Stiffness of a skin that is taut, Pa for a volume stretched by all of itself: films and lids hardly stretch. */
const TAUT = 1.5e6
export interface Pack {
  /** at rest, m3 */ rest: number
  /** taut, m3 */ taut: number
  /** Pa per whole of its volume, before it is taut */ stiffness: number
}

/**
 * Volume that an amount of gas (p V, J) takes at an outside pressure, m3.
 *
 * The skin pushes back in a straight line with the volume, and far more steeply once it is taut: (p + skin(V)) V =
 * amount is a quadratic on each stretch.
 */
export function packVolume({ rest, taut, stiffness }: Pack, amount: number, outside: number): number {
  if (amount <= outside * rest) return amount / outside
  const limp = positiveRoot(stiffness / rest, outside - stiffness, amount)
  return limp <= taut ? limp : positiveRoot(stiffness / rest + TAUT / taut, outside - stiffness - TAUT, amount)
}

/** V of a V² + b V = c, with a and c above 0. */
const positiveRoot = (a: number, b: number, c: number): number => {
  const root = Math.sqrt(b * b + 4 * a * c)
  return b > 0 ? (2 * c) / (b + root) : (root - b) / (2 * a)
}

/** Gas leaves through foam and film in proportion to its overpressure, W (p V a second). */
export const leaking = (amount: number, leakTime: number, over: number, outside: number): number =>
  over > 0 ? ((amount / leakTime) * over) / (over + outside) : 0
