import { findInput, partsOf, type Demonstration, type ProcedureStep, type QuantityInput, type Values } from '~~/core'

type Format = (si: number, input: Pick<QuantityInput, 'units' | 'quantity'>) => string

/** A step's sentence with its numbers filled in. @param format of a quantity, in the units shown */
export function stepWords(demonstration: Demonstration, step: ProcedureStep, values: Values, format: Format): string {
  return partsOf(step, values)
    .map(part => {
      if (typeof part === 'string') return part
      const input = findInput(demonstration, part.input)
      if (input?.kind === 'choice') return input.choices.find(c => c.id === values.choices[input.id])?.name ?? ''
      const value = values.numbers[part.input]
      return input?.kind === 'quantity' && value !== undefined ? format(value, input) : ''
    })
    .join('')
}
