/** Side view of a vessel, whole or caved in, as points to scale. */
import type { Point } from './scene'

export type OutlineShape = 'cylinder' | 'drum' | 'box' | 'bottle' | 'flask' | 'tank' | 'bell-jar'

export interface Outlined {
  shape: OutlineShape
  /** of the sound body */ width: number
  /** over all, neck included */ height: number
  /** width of mouth or neck */ mouth: number
  /** where the mouth is, beside the middle; 0 where left out */ mouthAt?: number
  /** of the height, taken by the neck */ neck?: number
  /** fraction of the volume, 0 to 1 */ lost: number
}

const STEPS = 44
/** Share of the height over which a shoulder widens from neck to body. */
const SHOULDER = 0.2
/** How much shorter a vessel has become that has lost all its volume, as a share of its height. */
const SHORTENING = 0.18

/** Half the width of the sound vessel at a share of its height, from mouth (0) to base (1). */
function halfWidth({ shape, width, height, mouth, neck = 0 }: Outlined, share: number): number {
  const body = width / 2
  const throat = Math.min(mouth, width) / 2
  const top = neck / height
  if (shape === 'bottle') {
    if (share <= top) return throat
    const t = Math.min(1, (share - top) / SHOULDER)
    return throat + (body - throat) * Math.sin((t * Math.PI) / 2)
  }
  if (shape === 'flask') {
    const down = (share - 0.5) * 2
    return Math.max(share < 0.3 ? throat : 0, body * Math.sqrt(Math.max(0, 1 - down * down)))
  }
  if (shape === 'bell-jar') return share < 0.3 ? body * Math.sqrt(1 - ((0.3 - share) / 0.3) ** 2) : body
  if (shape === 'tank') {
    const end = Math.min(share, 1 - share) / 0.09
    return end < 1 ? body * (0.55 + 0.45 * Math.sqrt(1 - (1 - end) ** 2)) : body
  }
  return body
}

/** Height of a vessel that has lost part of its volume. @param lost fraction, 0 to 1 */
export const shortened = (height: number, lost: number) => height * (1 - SHORTENING * lost)

/**
 * Side view of a vessel that has lost part of its volume, standing on the origin, mouth up: from the right edge of its
 * mouth down, along the base and up to the left edge, so that as an open line it leaves the mouth open.
 *
 * The sides fold inward in lobes: the more volume is lost, the deeper; necks and ends hold.
 */
export function vesselOutline(vessel: Outlined): Point[] {
  const { width, height, lost, mouth, mouthAt = 0 } = vessel
  const depth = Math.min(0.47, 0.56 * lost) * width
  const fold = 0.05 * width * Math.min(1, lost * 3)
  const tall = shortened(height, lost)
  const side = (sign: 1 | -1): Point[] =>
    Array.from({ length: STEPS + 1 }, (_, i) => {
      const share = i / STEPS
      const half = halfWidth(vessel, share)
      // A neck is stiff: it caves in as little as it is narrow.
      const give = ((2 * half) / width) ** 2
      const caved = depth * Math.sin(Math.PI * share) ** 0.7 * (sign > 0 ? 1 : 0.92) * give
      const folded = fold * Math.sin((5 + (sign > 0 ? 0 : 1)) * Math.PI * share) * Math.sin(Math.PI * share) * give
      return [sign * (half - caved - folded), (1 - share) * tall] as const
    })
  const edge = (sign: 1 | -1): Point[] => {
    const x = mouthAt + (sign * mouth) / 2
    return Math.abs(x) < halfWidth(vessel, 0) ? [[x, tall]] : []
  }
  return [...edge(1), ...side(1), ...side(-1).reverse(), ...edge(-1)]
}

/** Height that a share of the volume stands at, as a share of the height: a round flask is narrow at its ends. */
export function levelOf(shape: OutlineShape, filled: number): number {
  if (shape !== 'flask') return Math.min(1, Math.max(0, filled))
  let [low, high] = [0, 1]
  for (let i = 0; i < 24; i++) {
    const middle = (low + high) / 2
    if (middle * middle * (3 - 2 * middle) < filled) low = middle
    else high = middle
  }
  return (low + high) / 2
}
