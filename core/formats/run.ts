/** The run document: one performance of a staging, as it was seen. */
import { z } from 'zod'
import type { Fault } from '../demonstrations'
import { QuantityError } from '../units'
import { siOf } from './document-values'
import { quantitySchema, readStaging, StagingFaults, type StagingDocument } from './staging'

export const RUN_FORMAT = 'zealous-hush/run'

/** What was seen, and how it differed from the plan. */
export const runSchema = z.strictObject({
  format: z.literal(RUN_FORMAT).default(RUN_FORMAT),
  version: z.literal(1).default(1),
  performedAt: z.iso.datetime({ offset: true }).describe('when it was performed'),
  outcome: z.string().min(1).max(60).describe('outcome id of the demonstration'),
  used: z.record(z.string(), z.union([quantitySchema, z.string().max(100)])).default({}).describe('inputs that differed from the staging, as they really were'),
  seen: z.record(z.string(), quantitySchema).default({}).describe('measured results by result id, such as hush and waterDrawnIn'),
  note: z.string().max(4000).default(''),
}).meta({ title: 'Run', description: 'One performance of a staging: what was really used, what was seen.' })

export type RunDocument = z.infer<typeof runSchema>

/**
 * Checks a run against the staging it used: the outcome is one of the demonstration's, inputs and readings have the right
 * kind of unit and lie in range.
 * @throws StagingFaults
 */
export function checkRun(staging: StagingDocument, run: RunDocument): void {
  const { demonstration } = readStaging({ ...staging, inputs: { ...staging.inputs, ...run.used } })
  const faults: Fault[] = []
  if (!demonstration.outcomes.some(o => o.id === run.outcome)) {
    faults.push({ input: 'outcome', message: `given "${run.outcome}"; accepted: ${demonstration.outcomes.map(o => o.id).join(', ')}` })
  }
  for (const [id, reading] of Object.entries(run.seen)) {
    const spec = demonstration.results.find(r => r.id === id)
    if (!spec) {
      faults.push({ input: id, message: `is not a result of ${demonstration.id}; accepted: ${demonstration.results.map(r => r.id).join(', ')}` })
      continue
    }
    try {
      const value = siOf(reading, spec.quantity)
      if (!(value >= 0)) faults.push({ input: id, message: `given ${reading.value} ${reading.unit ?? ''}; accepted: 0 or more` })
    } catch (error) {
      if (!(error instanceof QuantityError)) throw error
      faults.push({ input: id, message: `given ${reading.value} ${reading.unit ?? ''}; ${error.message}` })
    }
  }
  if (faults.length > 0) throw new StagingFaults(faults)
}
