import { demoSchema } from '../../core'
import { demoState, setDemo } from '../database/put-away'
import { readJson } from '../http/body'

/** Takes the demo data out of sight, or brings it back. */
export default defineEventHandler(async event => {
  await setDemo((await readJson(event, demoSchema)).here)
  return { state: await demoState() }
})
