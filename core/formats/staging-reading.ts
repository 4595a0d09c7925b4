/** A staging's document as numbers and choices: of one whose form is known, no schema is asked. */
import { DEMONSTRATION_IDS, findDemonstration } from '../catalogue'
import {
  inLines,
  acceptedRange,
  resolve,
  type Demonstration,
  type Fault,
  type Given,
  type QuantityInput,
  type RetiredInput,
  type Spread,
  type Values,
} from '../demonstration'
import { QuantityError, SHOWN_UNITS, differenceToSi, fromSi, toSi, unitLabel } from '../units'
import { say } from '../sentence'
import type { QuantityDocument, StagingDocument } from './staging'

export interface ReadStaging {
  document: StagingDocument
  demonstration: Demonstration
  given: Given
  values: Values
}

/** Nobody reads more of them at once. */
const MOST_FAULTS = 30

/** Faults as lines that name the input, what was given and what is accepted. */
export class StagingFaults extends Error {
  readonly faults: readonly Fault[]

  constructor(all: readonly Fault[]) {
    const faults =
      all.length <= MOST_FAULTS
        ? all
        : [...all.slice(0, MOST_FAULTS), { input: '', message: `and ${all.length - MOST_FAULTS} more` }]
    super(inLines(faults))
    this.faults = faults
  }
}

/** What was read, or the faults: what was accepted once may be refused by now, and the rest of a page goes on. */
export function attemptReading<T>(
  read: () => T,
): { read: T; faults?: undefined } | { read?: undefined; faults: readonly Fault[] } {
  try {
    return { read: read() }
  } catch (error) {
    if (error instanceof StagingFaults) return { faults: error.faults }
    throw error
  }
}

/** A quantity as a document states it; undefined for what is none. */
type QuantityOf = (document: unknown) => QuantityDocument | undefined

interface Amount {
  value: number
  unit?: string
  spread?: unknown
}
const isAmount = (x: unknown): x is Amount =>
  typeof x === 'object' &&
  x !== null &&
  'value' in x &&
  Number.isFinite(x.value) &&
  (!('unit' in x) || x.unit === undefined || typeof x.unit === 'string')
/** Relative up to 1, or an amount with its unit; never below nothing. */
const isSpread = (x: unknown): boolean =>
  typeof x === 'number' ? x >= 0 && x <= 1 : isAmount(x) && x.value >= 0 && x.unit !== undefined
/** As `quantitySchema` has it, without what makes schemas. */
const isQuantity = (x: unknown): x is QuantityDocument => isAmount(x) && (x.spread === undefined || isSpread(x.spread))
/** Of what is typed here, or comes from the server. */
const keptQuantity: QuantityOf = document => (isQuantity(document) ? document : undefined)

/**
 * A staging whose form is known: it came from the server, or is changed here. What comes from anywhere else is read by
 * `readStaging`.
 * @param quantityOf checks the form of a quantity
 * @throws StagingFaults with every fault found
 */
export function resolveStaging(
  plan: Omit<StagingDocument, 'inputs'> & { inputs: Readonly<Record<string, unknown>> },
  quantityOf = keptQuantity,
): ReadStaging {
  const demonstration = findDemonstration(plan.demonstration)
  if (!demonstration) throw new StagingFaults([unknownDemonstration(JSON.stringify(plan.demonstration))])
  const { inputs, given, faults } = readInputs(demonstration, plan.inputs, quantityOf)
  const document: StagingDocument = { ...plan, inputs }
  const resolved = resolve(demonstration, given)
  const named = new Set(faults.map(f => f.input))
  const all = [...faults, ...resolved.faults.filter(f => !named.has(f.input))]
  if (all.length > 0) throw new StagingFaults(all)
  return { document, demonstration, given, values: resolved.values }
}

export const unknownDemonstration = (given: string): Fault => ({
  input: 'demonstration',
  message: `given ${given}; accepted: ${DEMONSTRATION_IDS.join(', ')}`,
})

/** Inputs of a document, those that could be read, as SI numbers and choices. */
export function readInputs(
  demonstration: Pick<Demonstration, 'id' | 'inputs' | 'retired'>,
  documents: Readonly<Record<string, unknown>>,
  quantityOf = keptQuantity,
): { inputs: StagingDocument['inputs']; given: Given; faults: Fault[] } {
  const inputs: StagingDocument['inputs'] = {}
  const given: Given = { numbers: {}, choices: {}, spreads: {} }
  const faults: Fault[] = []
  const late: { retired: RetiredInput; document: unknown }[] = []
  for (const [id, document] of Object.entries(documents)) {
    const input = demonstration.inputs.find(i => i.id === id)
    const shown = JSON.stringify(document)?.slice(0, 80)
    const retired = demonstration.retired?.find(r => r.id === id)
    if (!input && retired) late.push({ retired, document })
    else if (!input) {
      faults.push({
        input: id,
        message: `is not an input of ${demonstration.id}; accepted: ${demonstration.inputs.map(i => i.id).join(', ')}`,
      })
    } else if (input.kind === 'choice') {
      if (typeof document === 'string' && input.choices.some(c => c.id === document))
        inputs[id] = given.choices[id] = document
      else faults.push({ input: id, message: `given ${shown}; accepted: ${input.choices.map(c => c.id).join(', ')}` })
    } else {
      const quantity = quantityOf(document)
      if (quantity) {
        inputs[id] = quantity
        readQuantity(input, quantity, given, faults)
      } else {
        faults.push({
          input: id,
          message: say`given ${shown}; accepted: {"value": number, "unit": "${input.units[0]}"} and, if wished,
            "spread"; ${acceptedRange(input)}`,
        })
      }
    }
  }
  for (const { retired, document } of late) {
    const input = demonstration.inputs.find(
      (i): i is QuantityInput => i.id === retired.becomes && i.kind === 'quantity',
    )!
    const quantity = quantityOf(document)
    // What the document says in today's words counts for more.
    if (inputs[input.id] !== undefined) continue
    try {
      if (!quantity)
        throw new QuantityError(
          `given ${JSON.stringify(document)?.slice(0, 80)}; accepted: {"value": number, "unit": a unit of ` +
            `${retired.quantity}}`,
        )
      const si = retired.from(toSi(quantity.value, quantity.unit ?? '', retired.quantity), given.numbers)
      inputs[input.id] = {
        value: Number(fromSi(si, input.units[0], input.quantity).toPrecision(6)),
        unit: input.units[0],
      }
      given.numbers[input.id] = si
    } catch (error) {
      if (!(error instanceof QuantityError)) throw error
      faults.push({ input: retired.id, message: error.message })
    }
  }
  return { inputs, given, faults }
}

function readQuantity(input: QuantityInput, document: QuantityDocument, given: Given, faults: Fault[]): void {
  const unit = document.unit ?? (input.quantity === 'fraction' ? '1' : undefined)
  const units = () => [...new Set(SHOWN_UNITS[input.quantity])].map(u => unitLabel(u) || '1').join(', ')
  if (unit === undefined) {
    faults.push({ input: input.id, message: `given ${document.value} without a unit; accepted: ${units()}` })
    return
  }
  try {
    given.numbers[input.id] = toSi(document.value, unit, input.quantity)
    if (document.spread !== undefined) given.spreads[input.id] = readSpread(input, document.spread)
  } catch (error) {
    if (!(error instanceof QuantityError)) throw error
    faults.push({ input: input.id, message: `given ${document.value} ${unit}; ${error.message}` })
  }
}

function readSpread(input: QuantityInput, spread: NonNullable<QuantityDocument['spread']>): Spread {
  if (typeof spread === 'number') {
    if (input.quantity === 'temperature' && spread > 0) {
      throw new QuantityError(
        'a relative spread of a temperature has no meaning; accepted: {"value": 1, "unit": "degC"}',
      )
    }
    if (spread === 0) return { shape: 'exact' }
    return input.spread.shape === 'lognormal'
      ? { shape: 'lognormal', relative: spread }
      : { shape: 'normal', relative: spread }
  }
  const absolute = differenceToSi(spread.value, spread.unit, input.quantity)
  return absolute > 0 ? { shape: 'normal', absolute } : { shape: 'exact' }
}
