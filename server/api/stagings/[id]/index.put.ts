import { changedStagingSchema, readStaging } from '../../../../core'
import { whoIs } from '../../../access/desk'
import { saveStaging } from '../../../database/stagings'
import { readJson, routeId } from '../../../http/body'
import { accepted } from '../../../http/faults'
import { savedOrRefused } from '../../../http/saved'

/** Saves the next version of a staging, if nobody saved one since. */
export default defineEventHandler(async event => {
  const id = routeId(event)
  const { document, ...write } = await readJson(event, changedStagingSchema)
  const { document: checked } = accepted(() => readStaging(document))
  return savedOrRefused(await saveStaging(id, write, checked, await whoIs(event)), 'staging')
})
