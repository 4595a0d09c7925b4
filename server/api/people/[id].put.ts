import { namedSchema } from '../../../core'
import { namePerson } from '../../database/people'
import { readJson, routeId } from '../../http/body'
import { refusal } from '../../http/faults'

/** Adds a name to the list, or changes it. */
export default defineEventHandler(async event => {
  const person = { id: routeId(event), ...(await readJson(event, namedSchema)) }
  const naming = await namePerson(person)
  const why = {
    'taken': `given “${person.name}”, which is on the list; accepted: a name that tells two people apart`,
    'too many': 'the list is full; take names away that nobody uses',
    'gone': 'this name was taken away meanwhile; accepted: a new one',
  }
  if (naming !== 'named') throw refusal([{ input: 'name', message: why[naming] }], 409)
  return person
})
