import { tell, tellQuantity, type Reader } from '../sentence'
import type { Demonstration } from './demonstration'
import { asInput, findInput } from './resolving'
import { partsOf } from './judged'
import { isBlank, type ProcedureStep } from './procedure'
import type { Values } from './values'

/**
 * A step's sentence with its numbers filled in.
 * @param reader whom it is written for
 * @param hidden true: where a number stands are dots, for who is to know it
 */
export function stepWords(
  demonstration: Demonstration,
  step: ProcedureStep,
  values: Values,
  reader: Reader,
  hidden = false,
): string {
  return partsOf(step, values)
    .map(part => {
      if (!isBlank(part)) return tell(part, reader)
      const input = findInput(demonstration, part.input)
      if (input?.kind === 'choice')
        return tell(input.choices.find(c => c.id === values.choices[input.id])?.name ?? '', reader)
      const value = values.numbers[part.input]
      if (hidden && input?.kind === 'quantity') return '…'
      return input?.kind === 'quantity' && value !== undefined ? tellQuantity(asInput(input, value), reader) : ''
    })
    .join('')
}
