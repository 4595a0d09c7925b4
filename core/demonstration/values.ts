/** What is stated, resolved and in SI. */

/** Validated inputs: SI numbers, and choices by id. */
export interface Values {
  readonly numbers: Readonly<Record<string, number>>
  readonly choices: Readonly<Record<string, string>>
}
