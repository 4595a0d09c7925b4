import type { FormError } from '@nuxt/ui'
import type { Fault } from '~~/core'

/**
 * What holds up a form: what can't be read in its fields, and what is refused of it.
 *
 * @param problems words of each field that can't be read, by field; empty where it can
 * @param told how a reader is told of a fault
 */
export const formErrors = (
  problems: Readonly<Record<string, string>>,
  faults: readonly Fault[],
  told: (message: Fault['message']) => string,
): FormError[] => [
  ...Object.entries(problems).flatMap(([name, message]) => (message ? [{ name, message }] : [])),
  ...faults.map(f => ({ name: f.input, message: told(f.message) })),
]
