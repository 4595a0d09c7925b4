/** What a learner does, sees and can meet when a staging is practised without a vessel. */
import type { Hazard } from '../cautions'
import type { Sentence } from '../sentence'
import type { QuantityKind } from '../units'
import type { FailureAct } from './failure'
import type { Simulation, Traced } from './simulation'
import type { Values } from './values'

/**
 * A number beside the inputs that only practice gives: s from heat on until the vessel leaves the heat, whatever it
 * looks like. What is heated until a plume shows, and then for a time, obeys it.
 */
export const LIFTED_AFTER = 'liftedAfter'
/** What is done otherwise than planned, beside the inputs. */
export interface Performed {
  readonly numbers: { readonly [LIFTED_AFTER]?: number }
}

/** An act beside the marks and the ends of steps. */
export interface PractisedMoment {
  id: string
  /** of the procedure */ step: string
  /** on its button */ words: Sentence
  /** false: in this way of doing it there is no such act */ when?(values: Values): boolean
}

/**
 * An input that is as long as a hand takes: from one act to another. An act is a mark, a step's end (by the step's id)
 * or a moment of the demonstration's own; `measuredBy` says the same for marks alone.
 */
export interface PractisedSpan {
  input: string
  from: string
  to: string
  when?(values: Values): boolean
  /** true: how fast it goes hangs on how long it takes; until it is over it goes at the plan's pace */ paced?: boolean
}

/** Something that is not as planned, on purpose. */
export interface Trouble<V = Values> {
  id: string
  /** what was wrong, told afterwards */ words: Sentence
  /** false: it can't be met with this plan */ applies?(values: V): boolean
  /** what is otherwise than stated, SI and choices by id */
  alters?(values: V): { numbers?: Readonly<Record<string, number>>; choices?: Readonly<Record<string, string>> }
  /** when it comes, where it comes at a moment: after which act, and how long after at most, s */
  comes?: { after: string; within: number; seen: Sentence }
  /** what is done then, in order; it ends the attempt */ doNow?(values: V): readonly FailureAct[]
}

/** Where an attempt is. `begun`: under way in some sense before the hush begins, without heat. */
export type PracticePhase = 'before' | 'heating' | 'begun' | 'off-heat' | 'under-way'

/** An act that hurts somebody: it ends the attempt. */
export interface Danger {
  id: string
  hazard: Hazard
  /** on its button, as somebody might think of it */ words: Sentence
  /** why not */ why: Sentence
  phases: readonly PracticePhase[]
  /** only where something stands on the heat first */ heated?: boolean
  /** only where a wall gives way suddenly: what one holds in the hand anyway is no danger to a hand */
  crushes?: boolean
}

/** An instrument that stands at the bench, and shows a column of the trace. */
export interface Instrument {
  name: string
  column: string
  quantity: QuantityKind
  units: readonly [si: string, us: string]
}

export interface Practised<V = Values, S extends Simulation = Simulation> {
  /** the act at which the clock of the simulation begins; heat on, or what begins the hush, if left out */
  begins?: string
  moments?: readonly PractisedMoment[]
  spans?: readonly PractisedSpan[]
  /** what is seen and heard at a time of the trace; never a number that a bench does not show */
  senses?(values: V, simulation: Traced<S>, time: number): Sentence[]
  instruments?: readonly Instrument[]
  troubles?: readonly Trouble<V>[]
  /** true: nobody sees what is in it; its drawing is shown with a closed wall */ opaque?: boolean
}
