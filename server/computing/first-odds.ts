/**
 * The odds that a page of the Bench comes with. At first they are by few draws, enough to say how it stands until the
 * browser has its own; by all draws once the thread had the time, and a page that comes then has nothing to work out.
 * They are kept by what they are of; what is not there in time is left out, and the page comes without.
 */
import { LRUCache } from 'lru-cache'
import {
  DEFAULT_SAMPLES,
  FEW_SAMPLES,
  forecastKey,
  pastRun,
  teachingKey,
  type FirstOdds,
  type StagingDocument,
  type StoredRun,
} from '../../core'
import { inQuiet, waitsForQuiet } from './in-quiet'
import { compute, isFull } from './thread'
import type { OddsAsked } from './job'

/** No page waits longer for its odds, ms. */
const PATIENCE = 700
/** Stagings whose odds are kept. */
const MOST_KEPT = 200

/** Of one staging, in one room, as these runs taught it. */
interface Kept {
  odds: Promise<FirstOdds>
  /** by all draws, or on the way there */ whole: boolean
}
/** by what they are of; those that nobody has asked for longest go first */
const kept = new LRUCache<string, Kept>({ max: MOST_KEPT })

/** Where the thread was lost over it nothing is kept: it is asked again another time. */
function keep(key: string, asked: OddsAsked): Kept {
  const entry: Kept = { odds: compute(asked), whole: asked.kind === 'whole' }
  kept.set(key, entry)
  void entry.odds.then(answer => {
    if (!answer.forecast && kept.peek(key) === entry) kept.delete(key)
  })
  return entry
}

/** Meanwhile nobody goes without: the few draws are given up for all of them once they are there. */
async function keepWhole(key: string, asked: OddsAsked) {
  const few = kept.peek(key)
  if (!few) return
  few.whole = true
  const odds = await compute({ ...asked, unhurried: true })
  few.whole = odds.forecast !== undefined
  if (few.whole && kept.has(key)) kept.set(key, { odds: Promise.resolve(odds), whole: true })
}

/**
 * @param document with the room's conditions in it
 * @param teachers runs that teach it, the oldest first
 * @param draws of a whole forecast; as many as usual at 0
 * @returns nothing in it where it is not there in time
 */
export function firstOdds(
  document: StagingDocument,
  teachers: readonly StoredRun[],
  draws: number,
): Promise<FirstOdds> {
  const key = [forecastKey(document), ...teachers.map(r => r.id)].join(' ')
  let entry = kept.get(key)
  if (!entry && isFull()) return Promise.resolve({})
  const whole: OddsAsked = {
    kind: 'whole',
    document: { ...document, title: '' },
    samples: draws || DEFAULT_SAMPLES,
    teachers: teachers.map(pastRun),
    about: teachingKey(document, []),
    key: teachingKey(document, teachers),
  }
  const isMany = whole.samples > FEW_SAMPLES
  entry ??= keep(key, isMany ? { ...whole, kind: 'odds', samples: FEW_SAMPLES } : whole)
  // Of too many that waited it may have been given up: whoever comes back asks for it again.
  if (!entry.whole && !waitsForQuiet(key)) inQuiet(key, () => keepWhole(key, whole))
  return Promise.race([
    entry.odds,
    new Promise<FirstOdds>(resolve => {
      setTimeout(() => resolve({}), PATIENCE).unref()
    }),
  ])
}
