/** A flat, clamped, rectangular panel under a pressure difference: how far it bends, when it talks, when it folds. */
import type { Solid } from '../substances/solids'

export interface Panel {
  /** m, the shorter side */ width: number
  /** m, the longer side */ length: number
  /** m */ thickness: number
}

/**
 * Deflection coefficients of a clamped plate, w = α q b⁴/D, by length over width.
 * @source S. P. Timoshenko & S. Woinowsky-Krieger, Theory of Plates and Shells, 2nd ed. (1959), table 35, from memory
 */
const CLAMPED: readonly (readonly [aspect: number, alpha: number])[] = [
  [1, 0.00126],
  [1.1, 0.0015],
  [1.2, 0.00172],
  [1.3, 0.00191],
  [1.4, 0.00207],
  [1.5, 0.0022],
  [1.6, 0.0023],
  [1.8, 0.00245],
  [2, 0.00254],
  [3, 0.0026],
]

function deflectionCoefficient(aspect: number): number {
  for (let i = 1; i < CLAMPED.length; i++) {
    const [x1, y1] = CLAMPED[i]
    const [x0, y0] = CLAMPED[i - 1]
    if (aspect <= x1) return y0 + ((y1 - y0) * (aspect - x0)) / (x1 - x0)
  }
  return 0.0026
}

const rigidity = ({ thickness }: Panel, solid: Pick<Solid, 'youngsModulus' | 'poissonRatio'>): number =>
  (solid.youngsModulus * thickness * thickness * thickness) / (12 * (1 - solid.poissonRatio * solid.poissonRatio))

/**
 * Stretching of the middle surface against bending, in w (1 + c w²/t²): Timoshenko & Woinowsky-Krieger, eq. 232
 * (circular plate).
 */
const STRETCHING = 0.488

/**
 * Pressure difference that moves the middle of the panel by `deflection`: bending, and stretching once it is about a
 * thickness.
 *
 * @param deflection m, 0 or more
 * @returns Pa
 * @source Timoshenko & Woinowsky-Krieger, sect. 44 and 97; the stretching term of a circular plate is used for all
 *   shapes
 */
export function differenceForDeflection(
  panel: Panel,
  solid: Pick<Solid, 'youngsModulus' | 'poissonRatio'>,
  deflection: number,
): number {
  const { width, length, thickness } = panel
  const share = deflection / thickness
  const b4 = width * width * width * width
  return (
    (rigidity(panel, solid) / (deflectionCoefficient(length / width) * b4)) *
    deflection *
    (1 + STRETCHING * share * share)
  )
}

/**
 * Deflection of the panel's middle, m, under `difference` (Pa): the inverse of `differenceForDeflection`, by
 * bisection.
 */
export function panelDeflection(
  panel: Panel,
  solid: Pick<Solid, 'youngsModulus' | 'poissonRatio'>,
  difference: number,
): number {
  let low = 0
  let high = panel.width / 4
  if (differenceForDeflection(panel, solid, high) < difference) return high
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2
    if (differenceForDeflection(panel, solid, middle) < difference) low = middle
    else high = middle
  }
  return (low + high) / 2
}

/**
 * Pressure difference at which plastic hinges turn the panel into a mechanism, its edges held but free to pull in.
 *
 * A tin whose edges are held by seams and neighbours carries a multiple of this, since the bent panel pulls like a
 * membrane; the multiple is an input.
 *
 * @param yieldStrength Pa
 * @returns Pa
 * @source K. W. Johansen, Yield-line Theory (1962), clamped rectangular slab: q = 48 m / (b² (√(3 + β²) − β)²), β =
 *   b/a, m = σ t²/4
 */
export function hingeDifference({ width, length, thickness }: Panel, yieldStrength: number): number {
  const moment = (yieldStrength * thickness * thickness) / 4
  const beta = width / length
  const root = Math.sqrt(3 + beta * beta) - beta
  return (48 * moment) / (width * width * root * root)
}
