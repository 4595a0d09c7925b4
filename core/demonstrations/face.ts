/**
 * The face that every demonstration shows. Bench, Logbook, forecast and files know a demonstration only by this.
 */
import type { Caution } from '../cautions'
import type { QuantityKind } from '../units'

/** How sure one is of an input. `relative` and `absolute` are standard uncertainties; the others are whole shapes. */
export type Spread =
  | { shape: 'normal' | 'lognormal', relative: number }
  | { shape: 'normal', absolute: number }
  | { shape: 'triangular', least: number, most: number }
  | { shape: 'uniform', least: number, most: number }
  | { shape: 'exact' }

export type InputGroup = 'room' | 'vessel' | 'water' | 'heat' | 'plunge' | 'coefficient'

interface InputBase {
  /** stable name in files and on the wire */
  id: string
  /** as a person says it */
  name: string
  group: InputGroup
  /** where the default or the range comes from; required for coefficients */
  source?: string
}

export interface QuantityInput extends InputBase {
  kind: 'quantity'
  quantity: QuantityKind
  /** unit shown in SI and in US customary units */
  units: readonly [si: string, us: string]
  /** SI; a function where it follows from inputs listed before it; undefined where it may stay unknown */
  default: number | undefined | ((before: Values) => number | undefined)
  /** SI; values outside are refused */
  range: readonly [least: number, most: number]
  /** SI; where the slider runs */
  usual: readonly [least: number, most: number]
  spread: Spread
  /** what a person can change at the bench, in SI steps tried by the levers */
  lever?: readonly number[]
}

export interface ChoiceInput extends InputBase {
  kind: 'choice'
  choices: readonly { id: string, name: string }[]
  default: string
}

export type Input = QuantityInput | ChoiceInput

/** Validated inputs: SI numbers, and choices by id. */
export interface Values {
  readonly numbers: Readonly<Record<string, number>>
  readonly choices: Readonly<Record<string, string>>
}

export interface OutcomeSpec {
  id: string
  /** one or two words */
  name: string
  /** what the room sees; a class can vote on it */
  sentence: string
}

export interface ResultSpec {
  id: string
  name: string
  quantity: QuantityKind
  units: readonly [si: string, us: string]
}

export interface LedgerRow {
  id: string
  cause: string
  /** Pa of pressure difference; negative rows give some back */
  pressure: number
}

export interface Ledger {
  /** which moment it shows, in words */
  moment: string
  rows: LedgerRow[]
  /** Pa; the rows add up to it exactly */
  difference: number
}

/** One stage of a trace with a time scale of its own. */
export interface Stage {
  id: string
  name: string
  /** s on the staging's clock, from heat on */
  start: number
  end: number
}

/** Computed quantities against time; times in s from heat on. */
export interface Trace {
  stages: Stage[]
  time: number[]
  /** by column id; all as long as `time` */
  columns: Record<string, number[]>
}

export interface TraceColumn { id: string, name: string, quantity: QuantityKind }

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

/** A piece of a procedure sentence: words, or the id of an input whose value stands there. */
export type SentencePart = string | { input: string }

export interface ProcedureStep {
  id: string
  parts: readonly SentencePart[]
  /** predicted duration, s, for the margin */
  duration?: (simulation: Simulation) => number | undefined
}

/** What the bench drawing shows at one moment; lengths in m. */
export interface DrawingState {
  kind: string
  numbers: Record<string, number>
}

export interface Demonstration {
  id: string
  name: string
  summary: string
  /** what one brings spares of, one and several */
  noun: readonly [one: string, several: string]
  inputs: readonly Input[]
  results: readonly ResultSpec[]
  outcomes: readonly OutcomeSpec[]
  /** the outcome usually wanted */
  wanted: string
  columns: readonly TraceColumn[]
  procedure: readonly ProcedureStep[]
  /** checks between inputs; each fault names the input */
  check(values: Values): { input: string, message: string }[]
  /** `detail: 'summary'` leaves out the trace and is quick */
  simulate(values: Values, detail: 'summary' | 'trace'): Simulation
  ledger(simulation: Simulation): Ledger
  cautions(values: Values, simulation: Simulation): Caution[]
  kit(values: Values): string[]
  drawing(values: Values, simulation: Simulation, time: number): DrawingState
  /** why it ends as it does, in words with this staging's numbers */
  why(values: Values, simulation: Simulation): string[]
  /** for ages from 7, 11, 14 and 16 */
  explanation(values: Values, simulation: Simulation): { from: number, text: string }[]
  /** least and most water, where the demonstration has such a window */
  waterWindow?(values: Values): WaterWindow
}

export interface WaterWindow {
  /** kg that survive heating, purge and the wait */ least: number
  /** kg that still boil in time and leave steam space */ most: number
  /** which limit sets `most` */ mostLimit: 'time' | 'space'
  /** s of waiting on the heat that `least` allows for */ wait: number
  /** s to the plume that `most` allows */ patience: number
}
