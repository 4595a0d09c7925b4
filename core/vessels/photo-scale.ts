/** A length taken from a photo that has something of known length in it. */
/** A point of a photo, in its pixels. */
export interface PhotoPoint {
  x: number
  y: number
}

/** A hand puts a point so far off, as a share of the photo's longer side: a pixel and a half of 800. Assumption. */
const POINTING = 0.002
/** The thing and the scale do not lie at quite the same distance from the lens, nor square to it: assumption. */
const ASKEW = 0.02

const square = (x: number): number => x * x
const apart = (a: PhotoPoint, b: PhotoPoint): number => Math.sqrt(square(a.x - b.x) + square(a.y - b.y))

/**
 * @param scale ends of what is known @param known its length, m @param knownUncertainty standard, m
 * @param thing ends of what is measured @param size of the photo's longer side, in its pixels
 * @returns m, with its standard uncertainty: of the known length, of four points, of the view
 * @throws RangeError if either has no length in the photo
 */
export function lengthInPhoto(
  scale: readonly [PhotoPoint, PhotoPoint],
  known: number,
  knownUncertainty: number,
  thing: readonly [PhotoPoint, PhotoPoint],
  size: number,
): { value: number; uncertainty: number } {
  const [of, by] = [apart(...thing), apart(...scale)]
  if (!(of > 0) || !(by > 0)) throw new RangeError('the two ends lie on one another')
  if (!(known > 0)) throw new RangeError('the known length is not above nought')
  const value = (known * of) / by
  const point = POINTING * size
  const variance = square(knownUncertainty / known) + 2 * square(point / of) + 2 * square(point / by) + square(ASKEW)
  return { value, uncertainty: value * Math.sqrt(variance) }
}
