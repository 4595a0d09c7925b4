/** From what was given to a full set of validated inputs. */
import { formatQuantity, unitLabel, differenceFromSi } from '../units'
import type { Demonstration } from './demonstration'
import type { Input, QuantityInput, Spread } from './inputs'
import type { Values } from './values'

export interface Fault {
  /** id of the input */ input: string
  message: string
}

/** Inputs as given: SI numbers and choices, and the uncertainty that somebody stated for a number. */
export interface Given {
  numbers: Partial<Record<string, number>>
  choices: Partial<Record<string, string>>
  spreads: Record<string, Spread>
}

/** "0.2 °C to 99 °C", in the input's own unit. */
export const acceptedRange = (input: QuantityInput): string =>
  `${formatQuantity(input.range[0], input.units[0], input.quantity)} to ` +
  `${formatQuantity(input.range[1], input.units[0], input.quantity)}`

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
    if (!(number >= input.range[0] && number <= input.range[1])) {
      const shown = Number.isFinite(number) ? formatQuantity(number, input.units[0], input.quantity, 4) : String(number)
      faults.push({ input: input.id, message: `given ${shown}; accepted: ${acceptedRange(input)}` })
    }
    numbers[input.id] = number
  }
  if (faults.length === 0) faults.push(...demonstration.check(values))
  return { values, faults }
}

/** "± 10 %" or "± 1 °C": how sure one is, in words. @param stated SI, for spreads that are told as a range */
export function describeSpread(spread: Spread, input: QuantityInput, unit: string, stated?: number): string {
  switch (spread.shape) {
    case 'exact':
      return 'taken as exact'
    case 'normal':
    case 'lognormal':
      if ('relative' in spread) return `± ${+(spread.relative * 100).toFixed(1)} %`
      return `± ${+differenceFromSi(spread.absolute, unit, input.quantity).toPrecision(2)} ${unitLabel(unit)}`
    case 'anywhere':
      return (
        `${formatQuantity(spread.least, unit, input.quantity)} to ` +
        `${formatQuantity(spread.most, unit, input.quantity)}`
      )
    default: {
      const difference = (x: number) => `${+differenceFromSi(x, unit, input.quantity).toPrecision(3)}`
      if (stated === undefined)
        return `${difference(spread.below)} below to ${difference(spread.above)} ${unitLabel(unit)} above`.replace(
          / {2,}/g,
          ' ',
        )
      return (
        `${formatQuantity(Math.max(input.range[0], stated - spread.below), unit, input.quantity)} to ` +
        `${formatQuantity(Math.min(input.range[1], stated + spread.above), unit, input.quantity)}`
      )
    }
  }
}

export const findInput = (demonstration: Demonstration, id: string): Input | undefined =>
  demonstration.inputs.find(i => i.id === id)

/** How sure one usually is of an input, for what is stated. */
export const usualSpread = (input: QuantityInput, stated: Values): Spread => input.spreadFor?.(stated) ?? input.spread
