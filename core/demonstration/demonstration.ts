/** The face that every demonstration shows. Bench, Logbook, forecast and files know a demonstration only by this. */
import type { CrushedShell } from '../vessels/crushed-shell'
import type { Caution, People } from '../cautions'
import type { Detail } from './accuracy'
import type { FailureAct } from './failure'
import type { Input, RetiredInput } from './inputs'
import type { OutcomeSpec, ResultSpec, Subject } from './outcomes'
import type { Advice, Gallery, Ledger, Ready, Repeat, Size, Teaching, VariantTable, WaterWindow } from './presentation'
import type { Fault } from './fault'
import type { Practised } from './practised'
import type { Gate, ProcedureStep } from './procedure'
import type { Sentence } from '../sentence'
import type { Risk } from './risk'
import type { ShelfPlace } from './shelf'
import type { Scene } from './scene'
import type { Simulation, Traced } from './simulation'
import type { Suspect } from './suspects'
import type { TraceColumn } from './trace'
import type { Values } from './values'

/**
 * @typeParam V its own values, @typeParam S its own simulation: what its parts are written against, so that a
 *   misspelt id does not compile. Everybody else knows it as plain `Demonstration`.
 */
export interface Demonstration<V = Values, S extends Simulation = Simulation> {
  id: string
  name: string
  summary: string
  gallery: Gallery
  /** words of the hush line: what the gas is in, and what the band of strength means */
  hushWords: { inside: string; strength: string }
  shelf: readonly ShelfPlace[]
  /** inputs that most often differ on the day, and results that are most often measured */
  logged: { used: readonly string[]; seen: readonly string[] }
  gates: readonly Gate[]
  /** what one brings spares of, one and several */
  noun: readonly [one: string, several: string]
  inputs: readonly Input[]
  results: readonly ResultSpec[]
  outcomes: readonly OutcomeSpec[]
  /** what one looks at, for the signs of the endings */ subject: Subject
  /** the outcome usually wanted */
  wanted: string
  columns: readonly TraceColumn[]
  procedure: readonly ProcedureStep<V, S>[]
  /** what practising it without a vessel needs to know */ practice?: Practised<V, S>
  /** what a failure is put down to; inputs that none names stand for themselves */
  suspects?: readonly Suspect[]
  /** checks between inputs; each fault names the input */
  check(values: V): Fault[]
  /** inputs of earlier versions */ retired?: readonly RetiredInput[]
  /**
   * `detail: 'summary'` leaves out the trace and is quick.
   * @param refinement how many times tighter than usual it is integrated; 1 if left out
   */
  simulate(values: V, detail: 'trace', refinement?: number): Traced<S>
  simulate(values: V, detail: Detail, refinement?: number): S
  ledger(simulation: S): Ledger
  /** who performs and who watches */
  people: People
  /** cautions for these numbers, as strict as the draws ask for; shown through `cautionsOf` */
  cautions(values: V, simulation: S, risk: Risk): Caution[]
  kit(values: V): Sentence[]
  drawing(values: V, simulation: Traced<S>, time: number): Scene
  /** the wall of a vessel that can be crushed, at a moment, to be turned and looked at */
  shell?(values: V, simulation: Traced<S>, time: number): CrushedShell
  /** why it ends as it does, in words with this staging's numbers */
  why(values: V, simulation: S): Sentence[]
  /** for ages from 7, 11, 14 and 16 */
  explanation(values: V, simulation: S): { from: number; text: Sentence }[]
  teaching: Teaching<V, S>
  /** the judgement that it takes over, in a line or two */
  advice?(values: V, simulation: S, risk: Risk): Advice[]
  ready?(values: V, simulation: S): Ready
  /** what is done, in order, when it ends as `outcome` instead of as wanted; the first acts take the pressure away */
  afterFailure(values: V, simulation: S, risk: Risk, outcome: string): readonly FailureAct[]
  sizes(values: V, simulation: S): Size[]
  /** the same staging with other shapes, sizes or pumps, side by side */
  variants?(values: V): VariantTable
  /** false where it is cooled so that bath and ice stay as they are; true if left out */
  standsInBath?(values: V): boolean
  /** several in a row, where they share a bath */
  repeats?(values: V, simulation: S, count: number): Repeat[]
  /** least and most water, where the demonstration has such a window */
  waterWindow?(values: V): WaterWindow
}

/** Checks between inputs; each fault names the input. */
export type Check<V> = (values: V) => Fault[]

/** What a result or detail may be named by in `logged` and elsewhere. */
type Ids<T> = Extract<keyof T, string>

/**
 * Puts a demonstration together and hands it out under the face that all share. What it lists as a
 * result must be computed, and what is logged must be among its inputs and results.
 */
export function defineDemonstration<V extends Values, S extends Simulation>(
  parts: Omit<Demonstration<V, S>, 'simulate' | 'results' | 'logged' | 'wanted'> & {
    simulate(values: V, detail: Detail, refinement?: number): S
    results: readonly ResultSpec<Ids<S['results']>>[]
    logged: { used: readonly (Ids<V['numbers']> | Ids<V['choices']>)[]; seen: readonly Ids<S['results']>[] }
    wanted: S['outcome']
  },
): Demonstration {
  // Values are resolved from the demonstration's own inputs, and a simulation is its own: whoever calls its parts
  // gives it those.
  return parts as unknown as Demonstration
}
