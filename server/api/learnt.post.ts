import * as z from 'zod'
import { readStaging } from '../../core'
import { learntOf } from '../computing/learnt'
import { readJson } from '../http/body'
import { accepted } from '../http/faults'

const asked = z.object({ document: z.unknown() })

/** What past runs have taught about a staging that need not be kept; empty where it had better be worked out there. */
export default defineEventHandler(async event => {
  const { document } = await readJson(event, asked)
  return { learnt: await learntOf(accepted(() => readStaging(document)).document) }
})
