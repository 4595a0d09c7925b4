import * as z from 'zod'
import { markSchema } from '../../../../core'
import { addMarks, listMarks } from '../../../database/shows'
import { readJson } from '../../../http/body'
import { refusal } from '../../../http/faults'
import { showOf } from '../../../live/show-of'
import { marks as counted } from '../../../watching/metrics'

const body = z.object({ marks: z.array(markSchema).min(1).max(500) })

/** Keeps marks that a device made, whenever it could send them. Ids make a retry harmless. */
export default defineEventHandler(async event => {
  const show = await showOf(event)
  const { marks } = await readJson(event, body)
  const unknown = marks.filter(m => m.act !== '' && !show.document.acts.some(a => a.id === m.act))
  if (unknown.length > 0)
    throw refusal(
      unknown.map(m => ({
        input: 'act',
        message: `given "${m.act}"; accepted: ${show.document.acts.map(a => a.id).join(', ')}`,
      })),
    )
  const others = await addMarks(show.id, marks)
  if (others.length > 0)
    throw refusal(
      others.map(id => ({
        input: `marks.${marks.findIndex(m => m.id === id)}.id`,
        message: 'belongs to another mark',
      })),
      409,
    )
  counted.inc(marks.length)
  return { marks: await listMarks(show.id) }
})
