/** What a person states: quantities and choices, and how sure one is of them. */
import type { QuantityKind } from '../units'
import type { MarkKind } from './moments'
import type { Values } from './values'

/**
 * How sure one is of an input. `relative` and `absolute` are standard uncertainties, `below` and `above` distances
 * (SI) from what is stated, which is always the median. `anywhere` is for what is suspected to be off: it ignores
 * what is stated.
 */
export type Spread =
  | { shape: 'normal' | 'lognormal'; relative: number }
  | { shape: 'normal'; absolute: number }
  | { shape: 'triangular' | 'uniform'; below: number; above: number }
  | { shape: 'anywhere'; least: number; most: number }
  | { shape: 'exact' }

export type InputGroup = 'room' | 'vessel' | 'water' | 'heat' | 'cooling' | 'pump' | 'load' | 'coefficient'

/** Things on a Shelf that carry what they are from one staging to another. */
export type Thing = 'heater' | 'vessel'

/** What the Shelf says of a thing. A round vessel is as wide as it is across. */
export type ThingProperty =
  | 'capacity'
  | 'height'
  | 'diameter'
  | 'width'
  | 'depth'
  | 'shape'
  | 'condition'
  | 'wallMaterial'
  | 'wallThickness'
  | 'mouthDiameter'
  | 'neckLength'
  | 'hoopSpacing'
  | 'stemLength'
  | 'stemDiameter'
  | 'heaterKind'
  | 'ratedPower'
  | 'efficiency'
  | 'pumpKind'
  | 'strokeVolume'
  | 'pumpSpeed'
  | 'ultimatePressure'
  | 'water'
  | 'ice'
  | 'temperature'

interface InputBase<Id extends string> {
  /** stable name in files and on the wire */
  id: Id
  /** as a person says it */
  name: string
  group: InputGroup
  /** where the default or the range comes from; required for coefficients */
  source?: string
  /** what it is a property of: a run with another such thing says nothing about it */
  belongsTo?: readonly Thing[]
  /** what the Shelf says of the thing that is used, where it says so */
  onShelf?: ThingProperty
  /** tells one such thing from another: stagings that agree in all of these are taken to have the same one */
  tells?: Thing
}

/**
 * What follows from inputs listed before. It may be written against the very ids that it asks for (`Has`), which
 * whoever calls it can't know: hence a method, whose parameter the compiler takes either way round; a test asks all
 * of them.
 */
type Follows<T> = { from(before: Values): T }['from']

export interface QuantityInput<Id extends string = string> extends InputBase<Id> {
  kind: 'quantity'
  quantity: QuantityKind
  /** unit shown in SI and in US customary units */
  units: readonly [si: string, us: string]
  /** SI; a function where it follows from inputs listed before it; undefined where it may stay unknown */
  default: number | undefined | Follows<number | undefined>
  /** SI; values outside are refused */
  range: readonly [least: number, most: number]
  /** counted, in whole numbers */ whole?: true
  /** SI; where the slider runs */
  usual: readonly [least: number, most: number]
  spread: Spread
  /** the usual spread where it hangs on other inputs: the uncertain quantity may be another one than is stated */
  spreadFor?: Follows<Spread>
  /** marks between which it passes */
  measuredBy?: readonly [from: MarkKind, to: MarkKind]
  /** true: the heat that gets in is the product of all that are so marked */
  heats?: boolean
  /** what a person can change at the bench, in SI steps tried by the levers */
  lever?: readonly number[]
}

export interface ChoiceInput<Id extends string = string, Choice extends string = string> extends InputBase<Id> {
  kind: 'choice'
  choices: readonly { id: Choice; name: string }[]
  default: Choice
  /** true where practitioners differ and either can be done at the bench: the levers show what each buys */
  lever?: boolean
}

export type Input = QuantityInput | ChoiceInput

/** One input with its id, and a choice's ways, known to the compiler. */
export const defineInput = <const I extends Input>(input: I): I => input

/** A demonstration's inputs with their ids known to the compiler: see `ValuesOf`. */
export const defineInputs = <const I extends readonly Input[]>(inputs: I): I => inputs

/**
 * An input of an earlier version, and what its value (SI) says of one that there is now; a document that has it can
 * still be read.
 */
export interface RetiredInput {
  id: string
  quantity: QuantityKind
  becomes: string
  /** SI to SI; `numbers` are those that the document gives */ from: (
    si: number,
    numbers: Readonly<Partial<Record<string, number>>>,
  ) => number
}
