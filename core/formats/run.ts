/** The run document: one performance of a staging, as it was seen. */
import * as z from 'zod'
import { MARKS, type Fault } from '../demonstration'
import type { Onset } from '../hearing'
import { CHANNELS, type Channel, type Reading } from '../readings'
import { QuantityError } from '../units'
import { siOf } from './document-values'
import { modelSchema } from './model'
import { quantitySchema, readStaging, type StagingDocument } from './staging'
import { StagingFaults } from './staging-reading'

export const RUN_FORMAT = 'zealous-hush/run'

const MOST_READINGS = 4000
/** Pops of a tin and more. */
const MOST_ONSETS = 200
const column = z.array(z.number()).max(MOST_READINGS)

/** What was seen, and how it differed from the plan. */
export const runSchema = z
  .strictObject({
    format: z.literal(RUN_FORMAT).default(RUN_FORMAT),
    version: z.literal(1).default(1),
    performedAt: z.iso
      .datetime({ offset: true })
      // No calendar, and no database, has a year nought.
      .refine(text => !text.startsWith('0000'), 'a moment such as 2027-03-01T09:30:00Z')
      .describe('when it was performed'),
    outcome: z.string().min(1).max(60).describe('outcome id of the demonstration'),
    used: z
      .record(z.string(), z.union([quantitySchema, z.string().max(100)]))
      .default({})
      .describe('inputs that differed from the staging, as they really were'),
    seen: z
      .record(z.string(), quantitySchema)
      .default({})
      .describe('measured results by result id, such as hush and waterDrawnIn'),
    note: z.string().max(4000).default(''),
    rehearsal: z.boolean().default(false).describe('nothing real: it teaches nothing and is not counted'),
    marks: z
      .array(z.strictObject({ kind: z.enum(MARKS), at: z.iso.datetime({ offset: true }) }))
      .max(200)
      .optional()
      .describe('moments, in order'),
    speed: z.number().min(1).max(60).optional().describe('of the clock of marks and readings, in a rehearsal'),
    readings: z
      .partialRecord(
        z.enum(Object.keys(CHANNELS) as [Channel, ...Channel[]]),
        z.strictObject({ time: column.describe('s from the seal; before it negative'), value: column.describe('SI') }),
      )
      .optional()
      .describe('of a data logger'),
    readingsFrom: z.string().max(60).optional().describe('which logger, such as "simulated" or a file\'s name'),
    heard: z
      .strictObject({
        from: z.string().max(60).describe('a file’s name, or the microphone'),
        onsets: z
          .array(
            z.strictObject({
              time: z.number().describe('s from what begins the hush; before it negative'),
              uncertainty: z.number().min(0).describe('standard, s'),
              strength: z.number().min(0).describe('how far it stands out of the noise; 1 just does'),
            }),
          )
          .max(MOST_ONSETS),
      })
      .optional()
      .describe('sounds that begin around the hush'),
    vote: z
      .record(z.string(), z.int().min(0).max(10000))
      .optional()
      .describe('what the room expected: votes by outcome id'),
    forecast: z
      .strictObject({ samples: z.int().min(1), outcomes: z.record(z.string(), z.number().min(0).max(1)) })
      .optional()
      .describe('shares that stood before it was sealed'),
    model: modelSchema.optional(),
  })
  .meta({ title: 'Run', description: 'One performance of a staging: what was really used, what was seen.' })

export type RunDocument = z.infer<typeof runSchema>

/**
 * A logger's readings as a run keeps them, thinned out evenly where there are too many. @param seal s on the
 * readings' clock
 */
export function keptReadings(readings: readonly Reading[], seal: number): NonNullable<RunDocument['readings']> {
  const kept: NonNullable<RunDocument['readings']> = {}
  for (const channel of Object.keys(CHANNELS) as Channel[]) {
    const all = readings.filter(r => r.channel === channel)
    const every = Math.ceil(all.length / MOST_READINGS)
    const some = all.filter((_, i) => i % every === 0)
    if (some.length > 0)
      kept[channel] = {
        time: some.map(r => +(r.time - seal).toFixed(4)),
        value: some.map(r => +r.value.toPrecision(7)),
      }
  }
  return kept
}

/**
 * Onsets as a run keeps them: those around the hush, the nearest where there are very many.
 *
 * @param seal s into the sound
 */
export function keptOnsets(from: string, onsets: readonly Onset[], seal: number): NonNullable<RunDocument['heard']> {
  const near = [...onsets].sort((a, b) => Math.abs(a.time - seal) - Math.abs(b.time - seal)).slice(0, MOST_ONSETS)
  return {
    from: from.slice(0, 60),
    onsets: near
      .sort((a, b) => a.time - b.time)
      .map(o => ({
        time: +(o.time - seal).toFixed(5),
        uncertainty: +o.uncertainty.toFixed(5),
        strength: +o.strength.toFixed(3),
      })),
  }
}

/**
 * Checks a run against the staging it used: the outcome is one of the demonstration's, inputs and readings have the
 * right kind of unit and lie in range.
 * @throws StagingFaults
 */
export function checkRun(staging: StagingDocument, run: RunDocument): void {
  const { demonstration } = readStaging({ ...staging, inputs: { ...staging.inputs, ...run.used } })
  const faults: Fault[] = []
  if (!demonstration.outcomes.some(o => o.id === run.outcome)) {
    faults.push({
      input: 'outcome',
      message: `given "${run.outcome}"; accepted: ${demonstration.outcomes.map(o => o.id).join(', ')}`,
    })
  }
  for (const [id, reading] of Object.entries(run.seen)) {
    const spec = demonstration.results.find(r => r.id === id)
    if (!spec) {
      faults.push({
        input: id,
        message: `is not a result of ${demonstration.id}; accepted: ${demonstration.results.map(r => r.id).join(', ')}`,
      })
      continue
    }
    try {
      const value = siOf(reading, spec.quantity)
      if (!(value >= 0))
        faults.push({ input: id, message: `given ${reading.value} ${reading.unit ?? ''}; accepted: 0 or more` })
    } catch (error) {
      if (!(error instanceof QuantityError)) throw error
      faults.push({ input: id, message: `given ${reading.value} ${reading.unit ?? ''}; ${error.message}` })
    }
  }
  for (const id of Object.keys(run.vote ?? {})) {
    if (!demonstration.outcomes.some(o => o.id === id))
      faults.push({ input: `vote.${id}`, message: `is not an outcome of ${demonstration.id}` })
  }
  for (const [channel, columns] of Object.entries(run.readings ?? {})) {
    if (columns.time.length !== columns.value.length)
      faults.push({
        input: `readings.${channel}`,
        message: `given ${columns.time.length} times and ${columns.value.length} values; accepted: as many of each`,
      })
  }
  if (faults.length > 0) throw new StagingFaults(faults)
}
