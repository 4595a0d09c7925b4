import type { QuantityKind } from '../units'
import type { Sentence } from '../sentence'

/**
 * What can hurt somebody. A step says which of them it brings; each needs a caution that covers it, there or before.
 */
export const HAZARDS = [
  'heat',
  'scald',
  'flame',
  'chilled-glass',
  'glass-under-difference',
  'pressure',
  'vacuum',
  'projectile',
  'closed-hot-vessel',
  'load',
  'burst',
  'fuel',
] as const
export type Hazard = (typeof HAZARDS)[number]

/** The number that a caution follows from. */
export interface CautionNumber {
  name: string
  /** SI */ value: number
  quantity: QuantityKind
  units: readonly [si: string, us: string]
  /** SI: from here on it is raised, where one number decides that */ raisedFrom?: number
}

/** A hazard that a staging's numbers bring, with the usual control. */
export interface Caution {
  /** which rule of `RULES` it is */
  id: string
  /** step of the procedure it belongs to */
  step: string
  severity: 'usual' | 'raised'
  hazard: Sentence
  control: Sentence
  covers: readonly Hazard[]
  number?: CautionNumber
}

/** Cautions of one staging; what does not apply is left out. */
export const applying = (...cautions: (Caution | undefined | readonly (Caution | undefined)[])[]): Caution[] =>
  cautions.flat().filter((c): c is Caution => c !== undefined)
