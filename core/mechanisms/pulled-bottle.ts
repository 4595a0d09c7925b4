/** A bottle that drinks is pressed down into the bowl, and may be pulled out of a hand. */

export interface Pull {
  /** greatest difference times the neck's area, N */ pull: number
  /** what the hand holds on wet glass, N */ grip: number
  /** momentum that the water brings in, N s */ impulse: number
  /** way from the rim to the bottom of the bowl, m */ clearance: number
  /** of the glass alone, kg, above 0: the water in it only makes it slower */ mass: number
}

/**
 * Energy with which the bottle meets the bowl, J; 0 where the hand holds it.
 *
 * The greatest pull less the grip along the whole way, and no more than the share of the water's momentum that the
 * hand does not take up can give the glass, whichever is less.
 * @source work = force × way, and p²/(2 m): mechanics, each an upper bound
 */
export function blowEnergy({ pull, grip, impulse, clearance, mass }: Pull): number {
  const free = Math.max(0, pull - grip)
  if (free === 0) return 0
  const momentum = (free / pull) * impulse
  return Math.min(free * clearance, (momentum * momentum) / (2 * mass))
}
