import { whoseSchema } from '../../core'
import { setWhose } from '../access/desk'
import { readJson } from '../http/body'
import { refusal } from '../http/faults'

/** Says whose the device is that asks. */
export default defineEventHandler(async event => {
  const { person } = await readJson(event, whoseSchema)
  if (!(await setWhose(event, person)))
    throw refusal(
      [{ input: 'person', message: `given ${person}; accepted: one of the names that are kept, or null` }],
      404,
    )
  return { mine: person }
})
