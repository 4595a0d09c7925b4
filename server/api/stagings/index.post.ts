import { newStagingSchema, readStaging } from '../../../core'
import { whoIs } from '../../access/desk'
import { addStaging } from '../../database/stagings'
import { readJson } from '../../http/body'
import { accepted, withFreeId } from '../../http/faults'

/** Adds a staging: a new one, a copy, or an imported document. */
export default defineEventHandler(async event => {
  const { id, writeId, document, begun } = await readJson(event, newStagingSchema)
  const { document: checked } = accepted(() => readStaging(document))
  const who = await whoIs(event)
  return withFreeId(() => addStaging(id, writeId, checked, who, begun))
})
