/** What is shown of a staging besides its odds. */
import type { Equipment } from './equipment'
import type { Named, Simulation } from './simulation'
import type { QuantityKind } from '../units'
import type { Sentence } from '../sentence'
import type { Values } from './values'

export interface LedgerRow {
  id: string
  cause: Sentence
  /** Pa of pressure difference; negative rows give some back */
  pressure: number
}

export interface Ledger {
  /** which moment it shows, in words */
  moment: Sentence
  rows: LedgerRow[]
  /** Pa; the rows add up to it exactly */
  difference: number
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
  /** without which it can't be shown */ needs: readonly Equipment[]
  /** true: shown as what happens elsewhere, with no steps to follow */ whatIf?: boolean
}

/** When the vessel may be sealed, from the plan. */
export interface Ready {
  /** what to look and listen for, and what each is worth */ watch: readonly { sign: Sentence; worth: Sentence }[]
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
  /** which of several like it this is */ note: Sentence
}

/** What pupils often think, and what helps. */
export interface WrongIdea {
  idea: Sentence
  /** brings it out */ ask: Sentence
  answer: Sentence
  /** where it is known from */ source: string
  /** ideas of one kind: one of them is enough on a sheet */ kin?: string
}

/** Asked of a class. */
export interface Question {
  ask: Sentence
  /** what a good answer says: for the teacher */ answer: Sentence
}

/** Asked of every run, or only of runs of which it is true. */
export type QuestionOfRun<V, S> = Question & { when?: (simulation: S, values: V) => boolean }

/** What a teacher says round it, besides the explanation by age. */
export interface Teaching<V = Values, S = Simulation> {
  /** the commonest first */ wrongIdeas: readonly WrongIdea[]
  /** questions before it is shown: none says how it ends */ before: readonly Question[]
  /** questions afterwards, of what did happen */ after: readonly QuestionOfRun<V, S>[]
  /** where else it happens */ elsewhere: readonly Sentence[]
}

/** What is asked of this run. */
export const askedOfRun = <V, S>(all: readonly QuestionOfRun<V, S>[], values: V, simulation: S): Question[] =>
  all.filter(question => question.when?.(simulation, values) ?? true)

/** What this staging's numbers suggest; `take` is a value that a button can put in. */
export interface Advice {
  text: Sentence
  take?: { input: string; value: number }
}

/** One of several in a row on the same bath. */
export interface Repeat {
  /** 1 for the first */ number: number
  /** K */ bathTemperature: number
  /** kg */ iceLeft: number
}

/** Stagings side by side; an absent result does not happen. */
export interface VariantTable {
  title: Sentence
  /** ids of results */ results: readonly string[]
  rows: { name: Sentence; results: Named }[]
}

export interface WaterWindow {
  /** step at which it is told, and the input that states the water (m3) */ step: string
  input: string
  /** kg that survive heating, purge and the wait */ least: number
  /** kg that still boil in time and leave steam space */ most: number
  /** share of the vessel that steam needs */ steamSpace: number
  /** which limit sets `most` */ mostLimit: 'time' | 'space'
  /** s of waiting on the heat that `least` allows for */ wait: number
  /** s to the plume that `most` allows */ patience: number
}
