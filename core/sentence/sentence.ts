/** What is said, apart from how it is written: words, and quantities that know their kind but no unit. */
import type { QuantityKind } from '../units'

/** A quantity in a sentence. Its unit, digits' marks and language are chosen where it is read. */
export interface Told {
  readonly kind: QuantityKind
  /** SI; of a `temperatureDifference` in K */
  readonly si: number
  /** digits that mean something */
  readonly digits: number
  /**
   * how large it is where the unit goes by size, if another one beside it decides that: given and accepted stand in one
   * unit
   */
  readonly like?: number
  /** customary for such a thing, used while the number reads well in it; by size where left out */
  readonly units?: readonly [si: string, us: string]
  /** rounded so that a limit, typed as it is told, is within it, or that a distance to keep is no shorter */
  readonly toward?: 'below' | 'above'
  /** a number by itself, or so many times as much */
  readonly as?: 'count' | 'times'
}

/** What may stand in a sentence. */
export type Part = Sentence | Told | number

export interface Said {
  /** the words round the parts, one more than there are parts; spaces and line ends are one space */
  readonly words: readonly string[]
  readonly parts: readonly Part[]
}

/** Words alone are a sentence, too. */
export type Sentence = string | Said

const told = new WeakMap<TemplateStringsArray, readonly string[]>()

/**
 * A sentence with quantities in it, as `` say`The wall holds about ${asPressure(p)}.` `` Line ends and the spaces round
 * them count as one space, so that a long sentence can be broken.
 *
 * @example tell(say`It is ${asTemperature(373.15)} hot.`, METRIC) // "It is 100 °C hot."
 */
export function say(words: TemplateStringsArray, ...parts: readonly Part[]): Said {
  let smooth = told.get(words)
  if (!smooth) {
    smooth = words.map(w => w.replace(/\s*\n\s*/gu, ' '))
    told.set(words, smooth)
  }
  return { words: smooth, parts }
}

export const isTold = (part: Part): part is Told => typeof part === 'object' && 'si' in part

/** Several sentences or pieces one after the other. */
export const joined = (pieces: readonly Sentence[], between: string): Sentence =>
  pieces.length === 1
    ? pieces[0]
    : { words: pieces.length === 0 ? [''] : ['', ...pieces.slice(1).map(() => between), ''], parts: pieces }

/** What a sentence is known by in another language: its words, with `{0}`, `{1}` … for its parts. */
export const keyOf = (sentence: Sentence): string =>
  typeof sentence === 'string'
    ? sentence
    : sentence.words.reduce((key, words, i) => (i === 0 ? words : `${key}{${i - 1}}${words}`), '')

/** Words and quantities one after the other, with nothing between them. */
export const inARow = (parts: readonly Part[]): Sentence => ({ words: ['', ...parts.map(() => '')], parts })
