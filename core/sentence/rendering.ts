/** The one place where a sentence becomes text: units, marks of numbers and language are known here alone. */
import { formatNumber, fromSi, unitBySize, unitLabel, unitToShow, type UnitSystem } from '../units'
import { isTold, keyOf, type Part, type Sentence, type Told } from './sentence'

/** Who reads. */
export interface Reader {
  units: UnitSystem
  /** BCP 47, for the marks in numbers */
  locale: string
  /** words of another language for a sentence's key, with the same `{0}`; undefined where there are none */
  translate?: (key: string) => string | undefined
  /** between a number and its unit; a space that does not break on a screen */
  space?: string
}

/** For files and logs, where no reader is known. */
export const METRIC: Reader = { units: 'si', locale: 'en' }
export const CUSTOMARY: Reader = { units: 'us', locale: 'en-US' }

/** Less than a thousandth of the smallest unit that one would use is nothing. */
const NOTHING = 1e-3

/** "101 kPa", "12.5 psi": one quantity. */
export function tellQuantity(told: Told, reader: Reader): string {
  if (!Number.isFinite(told.si)) return '–'
  if (told.as === 'times') return tell({ words: ['', ' times'], parts: [bare(told.si, told.digits, reader)] }, reader)
  if (told.as === 'count')
    return bare(told.toward ? rounded(told.si, told.digits, told.toward) : told.si, told.digits, reader)
  const size = told.like ?? told.si
  const unit = told.units
    ? unitToShow(size, told.kind, reader.units, told.units[reader.units === 'si' ? 0 : 1])
    : unitBySize(size, told.kind, reader.units)
  const value = fromSi(told.si, unit, told.kind)
  const label = unitLabel(unit)
  // Of what is large more digits than mean something are noughts; a barometer's four are read.
  const digits = unit === 'hPa' ? 4 : told.toward ? told.digits : Math.max(3, told.digits)
  // Of a temperature tenths mean something, wherever its scale has its nought.
  const tenths = told.kind === 'temperature' && told.digits <= 3 ? Math.round(value * 10) / 10 : value
  const meant = Math.abs(tenths) < NOTHING ? 0 : rounded(tenths, digits, told.toward)
  return `${bare(meant, told.digits, reader)}${label && (reader.space ?? ' ')}${label}`
}

/** To so many digits: to the nearest, or to the one below or above. */
function rounded(value: number, digits: number, toward?: 'below' | 'above'): number {
  const nearest = Number(value.toPrecision(digits))
  // What a conversion is off by in its last bits is no difference.
  if (toward === undefined || Math.abs(nearest - value) <= 1e-9 * Math.abs(value)) return nearest
  const step = 10 ** (Math.floor(Math.log10(Math.abs(value))) + 1 - digits)
  if (toward === 'below') return nearest > value ? Number((nearest - step).toPrecision(digits)) : nearest
  return nearest < value ? Number((nearest + step).toPrecision(digits)) : nearest
}

const bare = (value: number, digits: number, reader: Reader): string =>
  formatNumber(value, digits, { locale: reader.locale, grouped: true })

const tellPart = (part: Part, reader: Reader): string =>
  typeof part === 'number' ? bare(part, 3, reader) : isTold(part) ? tellQuantity(part, reader) : tell(part, reader)

/** A sentence as it is read. */
export function tell(sentence: Sentence, reader: Reader): string {
  const other = reader.translate?.(keyOf(sentence))
  if (typeof sentence === 'string') return other ?? sentence
  if (other !== undefined)
    return other.replace(/\{(\d+)\}/gu, (_, place: string) => tellPart(sentence.parts[Number(place)], reader))
  return sentence.words.reduce(
    (text, words, i) => (i === 0 ? words : text + tellPart(sentence.parts[i - 1], reader) + words),
    '',
  )
}
