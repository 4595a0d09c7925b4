/** The face that every demonstration shows. Bench, Logbook, forecast and files know a demonstration only by this. */
import type { Caution, People } from '../cautions'
import type { Detail } from './accuracy'
import type { FailureAct } from './failure'
import type { Input, RetiredInput } from './inputs'
import type { OutcomeSpec, ResultSpec } from './outcomes'
import type { Advice, DrawingState, Gallery, Ledger, Ready, Repeat, Size, Teaching, VariantTable, WaterWindow } from './presentation'
import type { Gate, ProcedureStep } from './procedure'
import type { Risk } from './risk'
import type { ShelfPlace } from './shelf'
import type { Simulation } from './simulation'
import type { Suspect } from './suspects'
import type { TraceColumn } from './trace'
import type { Values } from './values'

export interface Demonstration {
  id: string
  name: string
  summary: string
  gallery: Gallery
  /** words of the hush line: what the gas is in, and what the band of strength means */
  hushWords: { inside: string, strength: string }
  shelf: readonly ShelfPlace[]
  /** inputs that most often differ on the day, and results that are most often measured */
  logged: { used: readonly string[], seen: readonly string[] }
  gates: readonly Gate[]
  /** what one brings spares of, one and several */
  noun: readonly [one: string, several: string]
  inputs: readonly Input[]
  results: readonly ResultSpec[]
  outcomes: readonly OutcomeSpec[]
  /** the outcome usually wanted */
  wanted: string
  columns: readonly TraceColumn[]
  procedure: readonly ProcedureStep[]
  /** what a failure is put down to; inputs that none names stand for themselves */
  suspects?: readonly Suspect[]
  /** checks between inputs; each fault names the input */
  check(values: Values): { input: string, message: string }[]
  /** inputs of earlier versions */ retired?: readonly RetiredInput[]
  /**
   * `detail: 'summary'` leaves out the trace and is quick.
   * @param refinement how many times tighter than usual it is integrated; 1 if left out
   */
  simulate(values: Values, detail: Detail, refinement?: number): Simulation
  ledger(simulation: Simulation): Ledger
  /** who performs and who watches */
  people: People
  /** cautions for these numbers, as strict as the draws ask for; shown through `cautionsOf` */
  cautions(values: Values, simulation: Simulation, risk: Risk): Caution[]
  kit(values: Values): string[]
  drawing(values: Values, simulation: Simulation, time: number): DrawingState
  /** why it ends as it does, in words with this staging's numbers */
  why(values: Values, simulation: Simulation): string[]
  /** for ages from 7, 11, 14 and 16 */
  explanation(values: Values, simulation: Simulation): { from: number, text: string }[]
  teaching: Teaching
  /** the judgement that it takes over, in a line or two */
  advice?(values: Values, simulation: Simulation, risk: Risk): Advice[]
  ready?(values: Values, simulation: Simulation): Ready
  /** what is done, in order, when it ends as `outcome` instead of as wanted; the first acts take the pressure away */
  afterFailure(values: Values, simulation: Simulation, risk: Risk, outcome: string): readonly FailureAct[]
  sizes(values: Values, simulation: Simulation): Size[]
  /** the same staging with other shapes, sizes or pumps, side by side */
  variants?(values: Values): VariantTable
  /** several in a row, where they share a bath */
  repeats?(values: Values, simulation: Simulation, count: number): Repeat[]
  /** least and most water, where the demonstration has such a window */
  waterWindow?(values: Values): WaterWindow
}
