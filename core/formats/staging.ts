/** The staging document: one demonstration planned with real apparatus, amounts and room conditions. */
import * as z from 'zod'
import { DEMONSTRATION_IDS, findDemonstration } from '../catalogue'
import {
  SHELF_KINDS,
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

export const STAGING_FORMAT = 'zealous-hush/staging'

const finite = z.number().describe('a finite number')

export const quantitySchema = z.strictObject({
  value: finite,
  unit: z.string().max(20).optional().describe("any unit of the input's kind; may be left out for a plain fraction"),
  spread: z
    .union([
      finite.min(0).max(1).describe('relative standard uncertainty'),
      z.strictObject({ value: finite.min(0), unit: z.string().max(20) }).describe('absolute standard uncertainty'),
    ])
    .optional(),
})
export type QuantityDocument = z.infer<typeof quantitySchema>

export const stagingSchema = z
  .strictObject({
    format: z.literal(STAGING_FORMAT).default(STAGING_FORMAT),
    version: z.literal(1).default(1),
    demonstration: z.enum(DEMONSTRATION_IDS as [string, ...string[]]),
    title: z.string().max(200).default(''),
    inputs: z.record(z.string(), z.union([quantitySchema, z.string().max(100)])).default({}),
    things: z
      .partialRecord(z.enum(SHELF_KINDS), z.strictObject({ id: z.uuid(), version: z.int().min(1) }))
      .optional()
      .describe('things on the Shelf that it is staged with, each as of a version: what becomes of them is told'),
  })
  .meta({
    title: 'Staging',
    description:
      'One demonstration planned with real apparatus, amounts and room conditions. An input left out ' +
      "takes the demonstration's default.",
  })

export type StagingDocument = z.infer<typeof stagingSchema>

/** The same with its inputs unread, so that each of them gets a fault of its own. */
const looseSchema = stagingSchema.extend({ inputs: z.record(z.string(), z.unknown()).default({}) })

export interface ReadStaging {
  document: StagingDocument
  demonstration: Demonstration
  given: Given
  values: Values
}

/** Faults as lines that name the input, what was given and what is accepted. */
/** Nobody reads more of them at once. */
const MOST_FAULTS = 30

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

/**
 * Reads and validates a staging document.
 * @throws StagingFaults with every fault found
 */
export function readStaging(json: unknown): ReadStaging {
  const parsed = looseSchema.safeParse(json, { reportInput: true })
  if (!parsed.success) throw new StagingFaults(stagingFaults(parsed.error, json))
  const demonstration = findDemonstration(parsed.data.demonstration)!
  const { inputs, given, faults } = readInputs(demonstration, parsed.data.inputs)
  const document: StagingDocument = { ...parsed.data, inputs }
  const resolved = resolve(demonstration, given)
  const named = new Set(faults.map(f => f.input))
  const all = [...faults, ...resolved.faults.filter(f => !named.has(f.input))]
  if (all.length > 0) throw new StagingFaults(all)
  return { document, demonstration, given, values: resolved.values }
}

function stagingFaults(error: z.ZodError, json: unknown): Fault[] {
  if (typeof json !== 'object' || json === null || Array.isArray(json)) {
    return [
      {
        input: '',
        message:
          `given ${JSON.stringify(json)?.slice(0, 80) ?? 'nothing'}; accepted: a staging document, a JSON ` +
          'object with at least "demonstration"',
      },
    ]
  }
  return error.issues.map((issue): Fault => {
    const [first] = issue.path
    const given = JSON.stringify('input' in issue ? issue.input : undefined)?.slice(0, 80) ?? 'nothing'
    if (first === 'demonstration') {
      return { input: 'demonstration', message: `given ${given}; accepted: ${DEMONSTRATION_IDS.join(', ')}` }
    }
    if (issue.code === 'unrecognized_keys') {
      return {
        input: issue.keys.join(', '),
        message: 'is not part of a staging; accepted: format, version, demonstration, title, inputs, things',
      }
    }
    return { input: issue.path.join('.'), message: `given ${given}; accepted: ${issue.message}` }
  })
}

/** Inputs of a document, those that could be read, as SI numbers and choices. */
export function readInputs(
  demonstration: Pick<Demonstration, 'id' | 'inputs' | 'retired'>,
  documents: Record<string, unknown>,
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
      const quantity = quantitySchema.safeParse(document)
      if (quantity.success) {
        inputs[id] = quantity.data
        readQuantity(input, quantity.data, given, faults)
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
    const quantity = quantitySchema.safeParse(document)
    // What the document says in today's words counts for more.
    if (inputs[input.id] !== undefined) continue
    try {
      if (!quantity.success)
        throw new QuantityError(
          `given ${JSON.stringify(document)?.slice(0, 80)}; accepted: {"value": number, "unit": a unit of ` +
            `${retired.quantity}}`,
        )
      const si = retired.from(toSi(quantity.data.value, quantity.data.unit ?? '', retired.quantity), given.numbers)
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
