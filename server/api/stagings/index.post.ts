import { z } from 'zod'
import { readStaging } from '../../../core'
import { addStaging } from '../../database/stagings'
import { readJson, writeId } from '../../http/body'
import { accepted, withFreeId } from '../../http/faults'

const body = z.object({ id: z.uuid(), writeId, document: z.unknown() })

/** Adds a staging: a new one, a copy, or an imported document. */
export default defineEventHandler(async event => {
  const { id, writeId, document } = await readJson(event, body)
  const { document: checked } = accepted(() => readStaging(document))
  return withFreeId(() => addStaging(id, writeId, checked))
})
