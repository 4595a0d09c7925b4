/** The staging document: one demonstration planned with real apparatus, amounts and room conditions. */
import * as z from 'zod'
import { DEMONSTRATION_IDS } from '../catalogue'
import { SHELF_KINDS, type Fault } from '../demonstration'
import { StagingFaults, resolveStaging, unknownDemonstration, type ReadStaging } from './staging-reading'

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

/**
 * Reads and validates a staging document, wherever it comes from.
 * @throws StagingFaults with every fault found
 */
export function readStaging(json: unknown): ReadStaging {
  const parsed = looseSchema.safeParse(json, { reportInput: true })
  if (!parsed.success) throw new StagingFaults(stagingFaults(parsed.error, json))
  return resolveStaging(parsed.data, document => quantitySchema.safeParse(document).data)
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
    if (first === 'demonstration') return unknownDemonstration(given)
    if (issue.code === 'unrecognized_keys') {
      return {
        input: issue.keys.join(', '),
        message: 'is not part of a staging; accepted: format, version, demonstration, title, inputs, things',
      }
    }
    return { input: issue.path.join('.'), message: `given ${given}; accepted: ${issue.message}` }
  })
}
