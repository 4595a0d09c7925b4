/** What past runs have taught about a staging, for a page that did not come with it: a phone would take seconds. */
import { LRUCache } from 'lru-cache'
import {
  MOST_TEACHERS,
  pastRun,
  teachersAmong,
  teachingKey,
  type FirstOdds,
  type Learnt,
  type StagingDocument,
} from '../../core'
import { listTeachers } from '../database/runs'
import { atWork, compute } from './thread'

/** What is kept, and how many may wait for theirs at once. */
const MOST = { kept: 200, waiting: 6 }
const kept = new LRUCache<string, Promise<FirstOdds>>({ max: MOST.kept })

/** @returns nothing where no run teaches, or the thread has much to do: the page works it out itself */
export async function learntOf(document: StagingDocument): Promise<Learnt | undefined> {
  const teachers = teachersAmong(await listTeachers(document.demonstration, MOST_TEACHERS))
  if (teachers.length === 0) return undefined
  const key = teachingKey(document, teachers)
  let answer = kept.get(key)
  if (!answer) {
    if (atWork() >= MOST.waiting) return undefined
    const about = teachingKey(document, [])
    answer = compute({ kind: 'learnt', document, teachers: teachers.map(pastRun), about, key })
    kept.set(key, answer)
  }
  const { learnt } = await answer
  // A thread that was lost has said nothing: whoever asks next is answered anew.
  if (!learnt) kept.delete(key)
  return learnt
}
