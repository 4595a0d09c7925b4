/** What one run of a staging gives. */
import type { Trace } from './trace'

export interface TimedEvent {
  id: string
  name: string
  time: number
}

/** SI numbers by name; those that do not happen are left out. */
export type Named = Readonly<Partial<Record<string, number>>>

/**
 * A run that has at least these results and details, and may have the others: what a function asks for that several
 * demonstrations share.
 */
export type Ran<
  R extends string,
  D extends string = never,
  MaybeR extends string = never,
  MaybeD extends string = never,
> = Simulation<
  Readonly<Record<R, number> & Partial<Record<MaybeR, number>>>,
  Readonly<Record<D, number> & Partial<Record<MaybeD, number>>>
>

export interface Simulation<R extends Named = Named, D extends Named = Named> {
  /** by result id, SI; absent results are left out */
  results: R
  events: TimedEvent[]
  /** by outcome id */
  outcome: string
  /** what the ledger, the cautions and the drawing need beyond the results */
  details: D
  trace?: Trace
}

/** A run that was asked for with its trace. */
export type Traced<S extends Simulation = Simulation> = S & { trace: Trace }
