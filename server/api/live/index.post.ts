import { newShowSchema, readStaging, unfitThings } from '../../../core'
import { whoIs } from '../../access/desk'
import { listShelf } from '../../database/shelf'
import { addShow } from '../../database/shows'
import { findStagingVersion } from '../../database/stagings'
import { readJson } from '../../http/body'
import { accepted, refusal, withFreeId } from '../../http/faults'

/** Twenty-four stagings, each written out. */
const MOST_BYTES = 1024 * 1024

/** Begins a show: its stagings as they are now, with the room of the day. */
export default defineEventHandler(async event => {
  const { id, writeId, document } = await readJson(event, newShowSchema, MOST_BYTES)
  const ids = document.acts.map(a => a.id)
  if (new Set(ids).size < ids.length)
    throw refusal([{ input: 'acts', message: 'two acts have one id; accepted: an id for each' }])
  const shelf = await listShelf()
  for (const [i, act] of document.acts.entries()) {
    const { demonstration } = accepted(() => readStaging(act.staging))
    const [unfit] = unfitThings(act.staging, demonstration, shelf)
    // Whoever is about to perform it has not looked at the Shelf since.
    if (unfit !== undefined && !document.rehearsal)
      throw refusal([
        {
          input: `acts.${i}`,
          message: `“${unfit}” is marked on the Shelf as not to be used for this; accepted: a staging with another one`,
        },
      ])
    if (!(await findStagingVersion(act.stagingId, act.stagingVersion)))
      throw refusal(
        [
          {
            input: `acts.${i}.stagingVersion`,
            message: `given ${act.stagingVersion}; there is no such version of this staging`,
          },
        ],
        404,
      )
  }
  const who = await whoIs(event)
  return withFreeId(() => addShow(id, writeId, document, who))
})
