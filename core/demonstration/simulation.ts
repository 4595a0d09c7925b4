/** What one run of a staging gives. */
import type { Trace } from './trace'

export interface TimedEvent { id: string, name: string, time: number }

/** SI numbers by name; those that do not happen are left out. */
export type Named = Readonly<Partial<Record<string, number>>>

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
