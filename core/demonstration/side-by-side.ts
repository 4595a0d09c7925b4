import type { Sentence } from '../sentence'
import type { Simulation } from './simulation'
import type { Values } from './values'
import type { VariantTable } from './presentation'

export interface Variant<V> {
  name: Sentence
  numbers?: Partial<V extends { numbers: infer N } ? N : never>
  choices?: Partial<V extends { choices: infer C } ? C : never>
}

/** @param simulate of the demonstration @param results ids of results to show */
export const sideBySide = <V extends Pick<Values, 'numbers' | 'choices'>, S extends Simulation>(
  title: Sentence,
  values: V,
  simulate: (values: V, detail: 'summary') => S,
  results: readonly Extract<keyof S['results'], string>[],
  variants: readonly Variant<V>[],
): VariantTable => ({
  title,
  results,
  rows: variants.map(({ name, numbers, choices }) => ({
    name,
    results: simulate(
      { ...values, numbers: { ...values.numbers, ...numbers }, choices: { ...values.choices, ...choices } },
      'summary',
    ).results,
  })),
})
