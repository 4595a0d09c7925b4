import { QuantityError } from './quantity-error'

/** A comma that can only be a decimal one: not three digits after it, or nothing but a zero before. */
const DECIMAL_COMMA = /^[-+−]?(?:\d+,(?:\d{1,2}|\d{4,})|0,\d+)(?:[eE][-+]?\d+)?$/u
/** A comma that may stand for a decimal point or between thousands. */
const EITHER = /^[-+−]?[1-9]\d*,\d{3}(?:[eE][-+]?\d+)?$/u
const POINT = /^[-+−]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?$/u

/**
 * True if some of the cells of one file can only have decimal commas: then "1,013" beside them is 1.013, for one hand
 * or logger writes all alike.
 */
export const usesDecimalComma = (cells: readonly string[]): boolean =>
  cells.some(cell => DECIMAL_COMMA.test(cell.trim()))

/**
 * A number as somebody wrote it, with a decimal point or a decimal comma.
 *
 * @param decimalComma true where the cells beside it have shown that a comma is a decimal one
 * @returns NaN if it is no number
 * @throws QuantityError if it can be read in two ways ("1,013" is 1.013 or 1013)
 */
export function readNumber(text: string, decimalComma = false): number {
  const digits = text.trim()
  if (POINT.test(digits)) return Number(digits.replace('−', '-'))
  if (EITHER.test(digits) && !decimalComma) {
    throw new QuantityError(
      `"${digits}" can be read in two ways; write the number with a point and without thousands separators`,
    )
  }
  if (DECIMAL_COMMA.test(digits) || EITHER.test(digits)) return Number(digits.replace('−', '-').replace(',', '.'))
  if (/^[-+−]?\d[\d.,]*,[\d.,]*$/u.test(digits))
    throw new QuantityError(
      `"${digits}" can be read in two ways; write the number with a point and without thousands separators`,
    )
  return NaN
}
