import { z } from 'zod'
import { checkRun, runSchema } from '../../../core'
import { addRun } from '../../database/runs'
import { findStagingVersion } from '../../database/stagings'
import { readJson, writeId } from '../../http/body'
import { accepted, refusal, withFreeId } from '../../http/faults'

const body = z.object({
  id: z.uuid(),
  writeId,
  stagingId: z.uuid(),
  stagingVersion: z.int().min(1),
  document: runSchema,
})

/** Logs a run of one version of a staging. */
export default defineEventHandler(async event => {
  const { id, writeId, stagingId, stagingVersion, document } = await readJson(event, body)
  const staging = await findStagingVersion(stagingId, stagingVersion)
  if (!staging)
    throw refusal(
      [{ input: 'stagingVersion', message: `given ${stagingVersion}; there is no such version of this staging` }],
      404,
    )
  accepted(() => checkRun(staging, document))
  return withFreeId(() => addRun(id, writeId, stagingId, stagingVersion, document))
})
