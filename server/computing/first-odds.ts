/**
 * The odds that a page of the Bench comes with: few draws, enough to say how it stands until the browser has its own.
 * They are kept by what they are of; one that is not there in time is left out, and the page comes without.
 */
import { pastRun, teachingKey, type FirstOdds, type StagingDocument, type StoredRun } from '../../core'
import { atWork, compute } from './thread'

const SAMPLES = 200
/** No page waits longer for its odds, ms. */
const PATIENCE = 700
/** Stagings whose odds are kept, and those that may wait for theirs at once. */
const MOST = { kept: 200, waiting: 6 }

/** by what they are of; the one asked for last stands last */
const kept = new Map<string, Promise<FirstOdds>>()

/**
 * @param document with the room's conditions in it
 * @param teachers runs that teach it, the oldest first
 * @returns nothing in it where it is not there in time
 */
export function firstOdds(document: StagingDocument, teachers: readonly StoredRun[]): Promise<FirstOdds> {
  const key = JSON.stringify([document.demonstration, document.inputs, teachers.map(r => r.id)])
  let odds = kept.get(key)
  if (!odds && atWork() >= MOST.waiting) return Promise.resolve({})
  odds ??= compute({
    kind: 'odds',
    document: { ...document, title: '' },
    samples: SAMPLES,
    teachers: teachers.map(pastRun),
    about: teachingKey(document, []),
    key: teachingKey(document, teachers),
  }).then(answer => {
    // What a thread that was lost did not answer is asked again.
    if (!answer.forecast) kept.delete(key)
    return answer
  })
  kept.delete(key)
  kept.set(key, odds)
  for (const oldest of [...kept.keys()].slice(0, Math.max(0, kept.size - MOST.kept))) kept.delete(oldest)
  return Promise.race([
    odds,
    new Promise<FirstOdds>(resolve => {
      setTimeout(() => resolve({}), PATIENCE).unref()
    }),
  ])
}
