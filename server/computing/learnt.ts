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
import { compute, isFull } from './thread'

const MOST_KEPT = 200
const kept = new LRUCache<string, Promise<FirstOdds>>({ max: MOST_KEPT })

/** @returns nothing where no run teaches, or the thread has much to do: the page works it out itself */
export async function learntOf(document: StagingDocument): Promise<Learnt | undefined> {
  const teachers = teachersAmong(await listTeachers(document.demonstration, MOST_TEACHERS))
  if (teachers.length === 0) return undefined
  const key = teachingKey(document, teachers)
  let answer = kept.get(key)
  if (!answer) {
    if (isFull()) return undefined
    const about = teachingKey(document, [])
    answer = compute({ kind: 'learnt', document, teachers: teachers.map(pastRun), about, key })
    kept.set(key, answer)
  }
  const { learnt } = await answer
  // A thread that was lost has said nothing: whoever asks next is answered anew.
  if (!learnt) kept.delete(key)
  return learnt
}
