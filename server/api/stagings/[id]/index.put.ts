import { changedStagingSchema, readStaging } from '../../../../core'
import { saveStaging } from '../../../database/stagings'
import { readJson, routeId } from '../../../http/body'
import { accepted } from '../../../http/faults'
import { savedOrRefused } from '../../../http/saved'

/** Saves the next version of a staging, if nobody saved one since. */
export default defineEventHandler(async event => {
  const id = routeId(event)
  const { document, ...write } = await readJson(event, changedStagingSchema)
  return savedOrRefused(await saveStaging(id, write, accepted(() => readStaging(document)).document), 'staging')
})
