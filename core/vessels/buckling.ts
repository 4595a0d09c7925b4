/** Outside pressure at which a thin cylinder gives way. */
import { pow } from '../elementary'
import type { Solid } from '../substances/solids'
import { requireRange } from '../units/require-range'
import type { Cylinder } from './cylinder'

export interface Buckling {
  /** pressure difference, Pa */
  pressure: number
  /** number of lobes round the circumference */
  lobes: number
}

/**
 * Critical pressure difference of a perfect thin cylinder with held ends, pressed on its side.
 *
 * The least over the number of lobes n of von Mises' formula. Holds for elastic walls; pressure on the ends as well
 * lowers it by one or two per cent at a can's proportions (see `windenburgTrillingPressure`).
 *
 * @throws RangeError if the wall is too thick for thin-shell theory
 * @source R. von Mises, Zeitschrift des VDI 58 (1914) 750, as in S. P. Timoshenko & J. M. Gere, Theory of Elastic
 *   Stability, 2nd ed. (1961), sect. 11.5; from memory
 */
export function vonMisesBuckling(cylinder: Cylinder, solid: Pick<Solid, 'youngsModulus' | 'poissonRatio'>): Buckling {
  const { diameter, height, wallThickness } = cylinder
  requireRange('wall thickness over diameter', wallThickness / diameter, 1e-5, 0.05, '')
  const { youngsModulus, poissonRatio } = solid
  const slimness = (Math.PI * diameter) / 2 / height // pi r / L
  const thinness = wallThickness / (diameter / 2)
  const plate = (thinness * thinness) / (12 * (1 - poissonRatio * poissonRatio))
  let least: Buckling = { pressure: Infinity, lobes: 0 }
  for (let lobes = 2; lobes <= 60; lobes++) {
    const square = lobes * lobes
    const ratio = 1 + square / (slimness * slimness)
    const membrane = 1 / ((square - 1) * ratio * ratio)
    const bending = plate * (square - 1 + (2 * square - 1 - poissonRatio) / ratio)
    const pressure = youngsModulus * thinness * (membrane + bending)
    if (pressure < least.pressure) least = { pressure, lobes }
    else if (lobes > least.lobes + 3) break
  }
  return least
}

/**
 * The same for short vessels, without a search over lobes.
 *
 * @returns pressure difference, Pa
 * @throws RangeError where the formula has no meaning (a vessel shorter than 0.45 √(t/D) diameters)
 * @source D. F. Windenburg & C. Trilling, Trans. ASME 56 (1934) 819, eq. 9 (formula of the US Experimental Model Basin)
 */
export function windenburgTrillingPressure(
  { diameter, height, wallThickness }: Cylinder,
  solid: Pick<Solid, 'youngsModulus' | 'poissonRatio'>,
): number {
  const thinness = wallThickness / diameter
  const reducedLength = height / diameter - 0.45 * Math.sqrt(thinness)
  if (!(reducedLength > 0)) throw new RangeError(`height: ${height} m is too short for this formula`)
  const { youngsModulus, poissonRatio } = solid
  return (
    (2.42 * youngsModulus * thinness * thinness * Math.sqrt(thinness)) /
    (pow(1 - poissonRatio * poissonRatio, 0.75) * reducedLength)
  )
}

/**
 * Length of shell that stands without support between rolling hoops.
 *
 * @param height whole length, m
 * @param spacing between hoops, m, at most `height`
 * @param holding 0: the hoops do nothing; 1: each hoop stays round whatever presses on it
 * @returns m
 */
export const unsupportedLength = (height: number, spacing: number, holding: number): number =>
  height - holding * (height - Math.min(spacing, height))
