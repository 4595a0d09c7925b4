/**
 * The face that every demonstration shows. Bench, Logbook, forecast and files know a demonstration only by this.
 */
import type { Caution, Hazard, People } from '../cautions'
import type { QuantityKind } from '../units'
import type { Detail } from './accuracy'
import type { FailureAct } from './failure'
import type { Risk } from './risk'
import type { Scene } from './scene'

/**
 * How sure one is of an input. `relative` and `absolute` are standard uncertainties, `below` and `above` distances (SI) from
 * what is stated, which is always the median. `anywhere` is for what is suspected to be off: it ignores what is stated.
 */
export type Spread =
  | { shape: 'normal' | 'lognormal', relative: number }
  | { shape: 'normal', absolute: number }
  | { shape: 'triangular' | 'uniform', below: number, above: number }
  | { shape: 'anywhere', least: number, most: number }
  | { shape: 'exact' }

export type InputGroup = 'room' | 'vessel' | 'water' | 'heat' | 'cooling' | 'pump' | 'load' | 'coefficient'

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
  /** the usual spread where it hangs on other inputs: the uncertain quantity may be another one than is stated */
  spreadFor?: (stated: Values) => Spread
  /** what a person can change at the bench, in SI steps tried by the levers */
  lever?: readonly number[]
}

export interface ChoiceInput extends InputBase {
  kind: 'choice'
  choices: readonly { id: string, name: string }[]
  default: string
  /** true where practitioners differ and either can be done at the bench: the levers show what each buys */
  lever?: boolean
}

export type Input = QuantityInput | ChoiceInput

/** Validated inputs: SI numbers, and choices by id. */
export interface Values {
  readonly numbers: Readonly<Record<string, number>>
  readonly choices: Readonly<Record<string, string>>
}

/** Families of endings; each has one shape and pattern wherever odds are drawn. */
export type OutcomeLook = 'gone' | 'partly' | 'filled' | 'part-filled' | 'nothing' | 'harm'

export interface OutcomeSpec {
  id: string
  look: OutcomeLook
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
  /** s on the staging's clock, from its first act */
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

/** Moments that are marked while a staging is performed. `sealed` is when the hush begins, whatever begins it. */
export const MARKS = ['heat-on', 'plume', 'lifted', 'sealed', 'gone', 'nothing'] as const
export type MarkKind = (typeof MARKS)[number]

/** A piece of a procedure sentence: words, or the id of an input whose value stands there. */
export type SentencePart = string | { input: string }

export interface ProcedureStep {
  id: string
  /** moments that are marked in this step, in order */
  marks?: readonly MarkKind[]
  /** the sentence; a function of what is chosen where some ways have other words: a way that is not taken shows no blanks */
  parts: readonly SentencePart[] | ((values: Values) => readonly SentencePart[])
  /** what this step brings that can hurt somebody */
  hazards?: readonly Hazard[] | ((values: Values) => readonly Hazard[])
  /** predicted duration, s, for the margin */
  duration?: (simulation: Simulation) => number | undefined
}

/** What the bench drawing shows at one moment; lengths in m. */
export interface DrawingState {
  kind: string
  numbers: Record<string, number>
  /** shape, way of cooling and the like, by name */
  words?: Record<string, string>
  /** shapes to scale, where the demonstration draws itself */
  scene?: Scene
}

/** What on a Shelf can stand in a procedure. */
export type ShelfKind = 'vessel' | 'heater' | 'bath' | 'pump'
/** Kinds of pump; what each usually does stands with the vacuum demonstrations. */
export const PUMP_IDS = ['hand', 'mouth', 'cheeks', 'kitchen', 'jet', 'membrane', 'two-stage'] as const
export const VESSEL_SHAPES = ['cylinder', 'box', 'bottle', 'flask', 'bell-jar'] as const
export type VesselShape = (typeof VESSEL_SHAPES)[number]

/** Kinds of heater. */
export const HEATER_KINDS = ['plate', 'gas', 'spirit', 'microwave', 'kettle', 'other'] as const
export type HeaterKind = (typeof HEATER_KINDS)[number]
/** What heats metal and what heats a flask: anything with a flame or a hot plate. */
export const FLAME_OR_PLATE: readonly HeaterKind[] = ['plate', 'gas', 'spirit', 'other']

/** A place in the procedure that something from the Shelf can fill. */
export interface ShelfPlace {
  step: string
  kind: ShelfKind
  /** of a heater: kinds that can heat this; a microwave never heats metal */ heaters?: readonly HeaterKind[]
  /** of a vessel, where only some will do */ shapes?: readonly VesselShape[]
  /** of a vessel, where only some will do */ materials?: readonly string[]
  /** m3, of a vessel, where only some sizes will do */ capacity?: readonly [least: number, most: number]
  /** m, of a vessel, where only some mouths will do */ mouth?: readonly [least: number, most: number]
}

/** Kinds of demonstration, in the order of the gallery. */
export const FAMILIES = ['steam', 'hot-air', 'vacuum', 'holding', 'cloud-and-float', 'motion'] as const
export type Family = (typeof FAMILIES)[number]

/** How somebody who looks for a demonstration finds it. */
export interface Gallery {
  family: Family
  /** what the room sees and hears */ effect: string
  topics: readonly string[]
  /** ages it suits */ ages: readonly [from: number, to: number]
  /** true: shown as what happens elsewhere, with no steps to follow */ whatIf?: boolean
}

/** When the vessel may be sealed, from the plan. */
export interface Ready {
  /** what to look and listen for, and what each is worth */ watch: readonly { sign: string, worth: string }[]
  /** s from heat on */ earliest: number | undefined
  /** s from heat on, if the heat stayed as it is */ dryAt: number | undefined
  /** s it can wait on a flame just large enough to keep the plume */ lowFlame: number | undefined
}

/** A size that tells how big the hazard is. */
export interface Size {
  id: string
  name: string
  value: number
  quantity: QuantityKind
  units: readonly [si: string, us: string]
  /** which of several like it this is */ note: string
}

/** What must be done and confirmed before anything in a step is done; `guards` are the hazards that it stands before. */
export interface Gate { step: string, text: string, guards: readonly Hazard[] }

/** What a teacher says round it, besides the explanation by age. */
export interface Teaching {
  /** what pupils usually think first, and what to answer */ wrongIdea: { idea: string, answer: string }
  /** questions before and after */ before: readonly string[]
  after: readonly string[]
  /** where else it happens */ elsewhere: readonly string[]
}

/** What this staging's numbers suggest; `take` is a value that a button can put in. */
export interface Advice { text: string, take?: { input: string, value: number } }

/** Something that can go wrong. */
export interface Suspect {
  id: string
  words: string
  /** what to do about it next time */ remedy: string
  /** which inputs belong to it */ inputs: readonly string[]
  /** those of them that can be far from plan, anywhere in their usual range; all of them if left out */ slips?: readonly string[]
  /** SI: how far, where that is beyond the usual range */ reach?: Readonly<Record<string, number>>
}

/** One of several in a row on the same bath. */
export interface Repeat {
  /** 1 for the first */ number: number
  /** K */ bathTemperature: number
  /** kg */ iceLeft: number
}

/** An input of an earlier version, and what its value (SI) says of one that there is now; a document that has it can still be read. */
export interface RetiredInput {
  id: string
  quantity: QuantityKind
  becomes: string
  /** SI to SI; `numbers` are those that the document gives */ from: (si: number, numbers: Readonly<Record<string, number>>) => number
}

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

/** Stagings side by side; an absent result does not happen. */
export interface VariantTable { title: string, /** ids of results */ results: readonly string[], rows: { name: string, results: Record<string, number> }[] }

export interface WaterWindow {
  /** kg that survive heating, purge and the wait */ least: number
  /** kg that still boil in time and leave steam space */ most: number
  /** share of the vessel that steam needs */ steamSpace: number
  /** which limit sets `most` */ mostLimit: 'time' | 'space'
  /** s of waiting on the heat that `least` allows for */ wait: number
  /** s to the plume that `most` allows */ patience: number
}
