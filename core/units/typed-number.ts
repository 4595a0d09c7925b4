/** A number as a person types it into a field: either mark, thousands, fractions and times. */
import { QuantityError } from './quantity-error'
import { readNumber } from './written-number'

export interface Typing {
  /** BCP 47, of whoever types; without it a lone comma before three digits is never guessed at */
  locale?: string
  /** true where the unit is a US customary one: nobody writes a decimal comma there */
  customary?: boolean
}

/** What stands before the unit. Groups of three may be set apart by a space or an apostrophe. */
const NUMBER = String.raw`\d{1,3}(?:[ '’]\d{3})+(?:[.,]\d+)?|[\d.,]+`
export const FRACTION = /^([-+]?)(?:(\d+)[ -])?(\d+) ?\/ ?(\d+)(?![\d.,])\s*(.*)$/u
export const DECIMAL = new RegExp(String.raw`^([-+]?(?:${NUMBER})(?:[eE][-+]?\d+)?)(?![\d.,])\s*(.*)$`, 'u')
export const CLOCK = /^(\d+):([0-5]\d)(?::([0-5]\d))?(?:\s*(h|hr|hours?|min|m|mins|minutes?))?$/u

/** Spaces, minus signs and fractions of one character ("½") as they are on a keyboard. */
export const plainly = (text: string): string =>
  text
    .replace(/[\u2012\u2013\u2212]/gu, '-')
    .replace(/(\d)\s*(?=[\u00bc-\u00be\u2150-\u215e])/gu, '$1 ')
    .replace(/[\u00bc-\u00be\u2150-\u215e]/gu, c => c.normalize('NFKC'))
    .replaceAll('\u2044', '/')
    .replace(/\s+/gu, ' ')
    .trim()

/** The decimal mark of a language. */
export const decimalMark = (locale: string): string =>
  new Intl.NumberFormat(locale).formatToParts(1.5).find(p => p.type === 'decimal')!.value

const twoWays = (text: string, whole: string, part: string): QuantityError =>
  new QuantityError(`"${text}" can be read in two ways; write ${whole} or ${part}`)

/**
 * @param text digits and marks only
 * @returns NaN if it is no number
 * @throws QuantityError where it can be read in two ways; it names both
 */
export function readTyped(text: string, { locale, customary = false }: Typing = {}): number {
  const grouped = /^([-+]?)(\d{1,3}(?:[ '’]\d{3})+)([.,]\d+)?$/u.exec(text)
  if (grouped) return Number(grouped[1] + grouped[2].replace(/\D/gu, '') + (grouped[3] ?? '').replace(',', '.'))
  // Both marks, each where only one of them can stand; or one of them twice, which no decimal mark does.
  const both = /^([-+]?)(\d{1,3}(?:,\d{3})+)(\.\d+)$|^([-+]?)(\d{1,3}(?:\.\d{3})+)(,\d+)$/u.exec(text)
  if (both) {
    const [, s1, a1, d1, s2, a2, d2] = both
    return Number((s1 ?? s2) + (a1 ?? a2).replace(/\D/gu, '') + (d1 ?? d2).replace(',', '.'))
  }
  if (/^[-+]?\d{1,3}(?:(?:,\d{3}){2,}|(?:\.\d{3}){2,})$/u.test(text)) return Number(text.replace(/[.,]/gu, ''))
  const one = /^([-+]?[1-9]\d{0,2})([.,])(\d{3})$/u.exec(text)
  if (one) {
    const [, before, mark, after] = one
    const comma = locale !== undefined && decimalMark(locale) === ','
    if (mark === ',' && customary && !comma) return Number(before + after)
    if (mark === ',' && comma && !customary) return Number(`${before}.${after}`)
    if (mark === '.' && !comma) return Number(text)
    const shown = comma ? ',' : '.'
    throw twoWays(text, before + after, `${before}${shown}${after.replace(/0+$/u, '') || '0'}`)
  }
  return readNumber(text)
}
