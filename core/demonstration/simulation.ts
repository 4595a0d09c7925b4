/** What one run of a staging gives. */
import type { Trace } from './trace'

export interface TimedEvent { id: string, name: string, time: number }

export interface Simulation {
  /** by result id, SI; absent results are left out */
  results: Record<string, number>
  events: TimedEvent[]
  /** by outcome id */
  outcome: string
  /** what the ledger, the cautions and the drawing need beyond the results */
  details: Record<string, number>
  trace?: Trace
}
