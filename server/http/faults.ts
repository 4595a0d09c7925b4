import { createError, type H3Error } from 'h3'
import { inLines, METRIC, ShelfFaults, StagingFaults, tell, type Fault } from '../../core'

/** A refusal that names each field, what was given and what is accepted. */
export const refusal = (faults: readonly Fault[], statusCode = 422): H3Error =>
  createError({
    statusCode,
    statusMessage: 'Not accepted',
    message: inLines(faults),
    // In words for whoever reads JSON, and as it was said for a screen that knows its reader.
    data: { faults: faults.map(f => ({ input: f.input, message: tell(f.message, METRIC), said: f.message })) },
  })

/** Runs `check`; faults of the core become a refusal. */
export function accepted<T>(check: () => T): T {
  try {
    return check()
  } catch (error) {
    if (error instanceof StagingFaults || error instanceof ShelfFaults) throw refusal(error.faults)
    throw error
  }
}

/** PostgreSQL's code for a key that exists already. */
const UNIQUE_VIOLATION = '23505'

/** Runs a write; an id that another record has becomes a refusal. */
export async function withFreeId<T>(write: () => Promise<T>): Promise<T> {
  try {
    return await write()
  } catch (error) {
    if ((error as { code?: string }).code === UNIQUE_VIOLATION)
      throw refusal([{ input: 'id', message: 'belongs to another record already; accepted: a new id' }], 409)
    throw error
  }
}
