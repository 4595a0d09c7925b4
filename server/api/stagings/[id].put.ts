import { z } from 'zod'
import { readStaging } from '../../../core'
import { saveStaging } from '../../database/stagings'
import { readJson, routeId, writeId } from '../../http/body'
import { conflict } from '../../http/conflict'
import { accepted, refusal } from '../../http/faults'

const body = z.object({ writeId, baseVersion: z.int().min(1), document: z.unknown() })

/** Saves the next version of a staging, if nobody saved one since. */
export default defineEventHandler(async event => {
  const id = routeId(event)
  const { writeId, baseVersion, document } = await readJson(event, body)
  const result = await saveStaging(id, writeId, baseVersion, accepted(() => readStaging(document)).document)
  if (!result) throw refusal([{ input: 'id', message: 'there is no such staging' }], 404)
  if (!result.saved) throw conflict(result.staging)
  return result.staging
})
