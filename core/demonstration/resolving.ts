/** From what was given to a full set of validated inputs. */
import { asQuantity, say, type Sentence, type Telling, type Told } from '../sentence'
import { differenceFromSi, formatNumber, formatQuantity, parseQuantity, QuantityError, unitLabel } from '../units'
import { over, under } from './beyond'
import type { Demonstration } from './demonstration'
import type { Fault } from './fault'
import type { Input, QuantityInput, Spread } from './inputs'
import type { Values } from './values'

/** Inputs as given: SI numbers and choices, and the uncertainty that somebody stated for a number. */
export interface Given {
  numbers: Partial<Record<string, number>>
  choices: Partial<Record<string, string>>
  spreads: Record<string, Spread>
}

/** A value of an input, in the units that such a thing usually has. @param si SI */
export const asInput = (
  input: Pick<QuantityInput, 'quantity' | 'units'>,
  si: number,
  telling: Pick<Telling, 'digits' | 'toward'> = {},
): Told => asQuantity(si, input.quantity, { digits: 3, ...telling, units: input.units })

/** "0.2 °C to 99 °C". */
export const acceptedRange = (input: Pick<QuantityInput, 'quantity' | 'units' | 'range'>): Sentence =>
  say`${asInput(input, input.range[0], { toward: 'above' })} to ${asInput(input, input.range[1], { toward: 'below' })}`

/**
 * Fills in defaults and checks ranges and the demonstration's own rules.
 *
 * Defaults that follow from other inputs are worked out in the order of the demonstration's list.
 * @returns the values and the faults found; with faults the values are not to be used
 */
export function resolve(
  demonstration: Pick<Demonstration, 'inputs' | 'check'>,
  given: Pick<Given, 'numbers' | 'choices'>,
): { values: Values; faults: Fault[] } {
  const numbers: Record<string, number> = {}
  const choices: Record<string, string> = {}
  const faults: Fault[] = []
  const values: Values = { numbers, choices }
  for (const input of demonstration.inputs) {
    if (input.kind === 'choice') {
      const choice = given.choices[input.id] ?? input.default
      if (!input.choices.some(c => c.id === choice)) {
        faults.push({
          input: input.id,
          message: `given "${choice}"; accepted: ${input.choices.map(c => c.id).join(', ')}`,
        })
      }
      choices[input.id] = choice
      continue
    }
    const stated = given.numbers[input.id]
    // What follows from a refused input can't be worked out.
    const follows =
      typeof input.default === 'function' ? (faults.length === 0 ? input.default(values) : undefined) : input.default
    const number = stated ?? follows
    if (number === undefined) continue
    if (Number.isNaN(number) || under(number, input.range[0]) || over(number, input.range[1])) {
      const shown = Number.isFinite(number) ? asInput(input, number, { digits: 4 }) : String(number)
      faults.push({ input: input.id, message: say`given ${shown}; accepted: ${acceptedRange(input)}` })
    } else if (input.whole && !Number.isInteger(number))
      faults.push({
        input: input.id,
        message: say`given ${asInput(input, number, { digits: 4 })}; accepted: whole numbers`,
      })
    numbers[input.id] = number
  }
  if (faults.length === 0) faults.push(...demonstration.check(values))
  return { values, faults }
}

interface SpreadWords {
  /** SI, for spreads that are told as a range */ stated?: number
  /** BCP 47, for the marks in numbers */ locale?: string
  /** of the reader's language for an English text with `{0}` */ words?: (english: string) => string
}

/** "± 10 %" or "± 1 °C": how sure one is, in words. */
export function describeSpread(
  spread: Spread,
  input: QuantityInput,
  unit: string,
  { stated, locale, words = english => english }: SpreadWords = {},
): string {
  const marks = { locale }
  const range = (least: number, most: number) =>
    words('{0} to {1}')
      .replace('{0}', formatQuantity(least, unit, input.quantity, 3, marks))
      .replace('{1}', formatQuantity(most, unit, input.quantity, 3, marks))
  const difference = (x: number, digits = 3) => formatNumber(differenceFromSi(x, unit, input.quantity), digits, marks)
  switch (spread.shape) {
    case 'exact':
      return words('taken as exact')
    case 'normal':
    case 'lognormal':
      if ('relative' in spread) return `± ${formatNumber(spread.relative * 100, 2, marks)} %`
      return `± ${difference(spread.absolute, 2)} ${unitLabel(unit)}`
    case 'anywhere':
      return range(spread.least, spread.most)
    default: {
      if (stated === undefined)
        return `${difference(spread.below)} below to ${difference(spread.above)} ${unitLabel(unit)} above`.replace(
          / {2,}/g,
          ' ',
        )
      return range(Math.max(input.range[0], stated - spread.below), Math.min(input.range[1], stated + spread.above))
    }
  }
}

/**
 * A standard uncertainty as typed: "10 %" of what is stated, or "1 °C".
 * @throws QuantityError if it is none
 */
export function parseSpread(
  text: string,
  input: Pick<QuantityInput, 'quantity'>,
  unit: string,
  locale?: string,
): number | { value: number; unit: string } {
  if (/%$/u.test(text.trim()) && input.quantity !== 'fraction')
    return parseQuantity(text, 'fraction', '%', locale).value / 100
  const kind = input.quantity === 'temperature' ? 'temperatureDifference' : input.quantity
  const found = parseQuantity(text, kind, unit, locale)
  if (found.value < 0) throw new QuantityError(`"${text}" is below nought`)
  return found
}

export const findInput = (demonstration: Demonstration, id: string): Input | undefined =>
  demonstration.inputs.find(i => i.id === id)

/** How sure one usually is of an input, for what is stated. */
export const usualSpread = (input: QuantityInput, stated: Values): Spread => input.spreadFor?.(stated) ?? input.spread
