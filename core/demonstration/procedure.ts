/** The sentences of a staging, with what each step brings and what must be confirmed before it. */
import type { Hazard } from '../cautions'
import type { MarkKind } from './moments'
import type { Sentence } from '../sentence'
import type { Simulation } from './simulation'
import type { Values } from './values'

/** A piece of a procedure sentence: words, or the id of an input whose value stands there. */
export type SentencePart = Sentence | { input: string }

export const isBlank = (part: SentencePart): part is { input: string } => typeof part === 'object' && 'input' in part

export interface ProcedureStep<V = Values, S = Simulation> {
  id: string
  /** moments that are marked in this step, in order */
  marks?: readonly MarkKind[]
  /**
   * the sentence; a function of what is chosen where some ways have other words: a way that is not taken shows no
   * blanks
   */
  parts: readonly SentencePart[] | ((values: V) => readonly SentencePart[])
  /** what this step brings that can hurt somebody */
  hazards?: readonly Hazard[] | ((values: V) => readonly Hazard[])
  /** predicted duration, s, for the margin */
  duration?: (simulation: S) => number | undefined
}

/**
 * What must be done and confirmed before anything in a step is done; `guards` are the hazards that it stands before.
 */
export interface Gate {
  step: string
  text: Sentence
  guards: readonly Hazard[]
  /** where it hangs on how it is done; always if left out */ when?: (values: Values) => boolean
}

/** Those of a demonstration that this staging brings, in order. */
export const gatesOf = ({ gates }: { gates: readonly Gate[] }, values: Values): Gate[] =>
  gates.filter(g => g.when?.(values) ?? true)
