import { checkRun, newRunSchema } from '../../../core'
import { whoIs } from '../../access/desk'
import { addRun } from '../../database/runs'
import { findStagingVersion } from '../../database/stagings'
import { readJson } from '../../http/body'
import { accepted, refusal, withFreeId } from '../../http/faults'

/** Logs a run of one version of a staging. */
export default defineEventHandler(async event => {
  const { id, writeId, stagingId, stagingVersion, document } = await readJson(event, newRunSchema)
  const staging = await findStagingVersion(stagingId, stagingVersion)
  if (!staging)
    throw refusal(
      [{ input: 'stagingVersion', message: `given ${stagingVersion}; there is no such version of this staging` }],
      404,
    )
  accepted(() => checkRun(staging, document))
  const who = await whoIs(event)
  return withFreeId(() => addRun(id, writeId, stagingId, stagingVersion, document, who))
})
