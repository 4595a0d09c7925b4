import { findDemonstration, newPracticeSchema, readStaging, hasExercise } from '../../../core'
import { whoIs } from '../../access/desk'
import { listPeople } from '../../database/people'
import { addPractice } from '../../database/practice'
import { readJson } from '../../http/body'
import { accepted, refusal, withFreeId } from '../../http/faults'

/** Keeps an attempt, of whom it says, or of the one whose device it is. */
export default defineEventHandler(async event => {
  const { id, writeId, document, learner } = await readJson(event, newPracticeSchema)
  const { values } = accepted(() => readStaging(document.staging))
  const demonstration = findDemonstration(document.staging.demonstration)!
  if (!hasExercise(demonstration, values, document.exercise))
    throw refusal([{ input: 'exercise', message: `given "${document.exercise}"; accepted: one of its course` }])
  if (document.outcome !== null && !demonstration.outcomes.some(o => o.id === document.outcome))
    throw refusal([
      {
        input: 'outcome',
        message: `given "${document.outcome}"; accepted: ${demonstration.outcomes.map(o => o.id).join(', ')}`,
      },
    ])
  const who = learner === undefined ? await whoIs(event) : learner
  if (who !== null && !(await listPeople()).some(p => p.id === who))
    throw refusal([{ input: 'learner', message: 'there is no such name any more' }], 409)
  await withFreeId(() => addPractice(id, writeId, document, who))
  return { kept: true }
})
