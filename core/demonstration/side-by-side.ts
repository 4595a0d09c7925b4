import type { Simulation } from './simulation'
import type { Values } from './values'
import type { VariantTable } from './presentation'

export interface Variant { name: string, numbers?: Record<string, number>, choices?: Record<string, string> }

/** @param simulate of the demonstration @param results ids of results to show */
export const sideBySide = (title: string, values: Values, simulate: (values: Values, detail: 'summary') => Simulation, results: readonly string[], variants: readonly Variant[]): VariantTable => ({
  title, results,
  rows: variants.map(({ name, numbers, choices }) => ({ name, results: simulate({ numbers: { ...values.numbers, ...numbers }, choices: { ...values.choices, ...choices } }, 'summary').results })),
})
