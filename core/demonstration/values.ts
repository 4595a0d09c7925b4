/** What is stated, resolved and in SI. */
import type { ChoiceInput, Input, QuantityInput } from './inputs'

/**
 * Validated inputs: SI numbers, and choices by id. Which there are, only the demonstration itself knows; see
 * `ValuesOf`.
 */
export interface Values {
  readonly numbers: Readonly<Partial<Record<string, number>>>
  readonly choices: Readonly<Partial<Record<string, string>>>
}

/** Values that have at least these numbers and choices: what a function asks for that several demonstrations share. */
export interface Has<N extends string, C extends string = never> {
  readonly numbers: Readonly<Record<N, number>>
  readonly choices: Readonly<Record<C, string>>
}

/** Inputs that may stay unknown. */
type Unknowable = 'seaLevelPressure'
type Quantities<I extends readonly Input[]> = Extract<I[number], QuantityInput>['id']

/** The values of these inputs by their ids; another id does not compile. */
export interface ValuesOf<I extends readonly Input[]> {
  readonly numbers: { readonly [Id in Exclude<Quantities<I>, Unknowable>]: number } & {
    readonly [Id in Extract<Quantities<I>, Unknowable>]?: number
  }
  readonly choices: { readonly [C in Extract<I[number], ChoiceInput> as C['id']]: C['choices'][number]['id'] }
}
