/**
 * The odds that a page of the Bench comes with. At first they are by few draws, enough to say how it stands until the
 * browser has its own; by all draws once the thread had the time, and a page that comes then has nothing to work out.
 * They are kept by what they are of; what is not there in time is left out, and the page comes without.
 */
import {
  DEFAULT_SAMPLES,
  forecastKey,
  pastRun,
  teachingKey,
  type FirstOdds,
  type StagingDocument,
  type StoredRun,
} from '../../core'
import type { OddsAsked } from './job'
import { atWork, compute } from './thread'

const SAMPLES = 200
/** No page waits longer for its odds, ms. */
const PATIENCE = 700
/**
 * Stagings whose odds are kept; those that may wait for theirs at once; and those that may wait to be worked out as a
 * whole.
 */
const MOST = { kept: 200, waiting: 6, later: 20 }
/** ms in which whoever opened a page works them out, on this machine too perhaps */
const LATER = 6000

/** by what they are of; the one asked for last stands last */
const kept = new Map<string, Promise<FirstOdds>>()

/** @returns nothing in it where the thread was lost over it: it is asked again another time */
function keep(key: string, asked: OddsAsked): Promise<FirstOdds> {
  const odds = compute(asked)
  kept.set(key, odds)
  void odds.then(answer => {
    if (!answer.forecast && kept.get(key) === odds) kept.delete(key)
  })
  return odds
}

/** what is still to be worked out as a whole, by key, the oldest first */
const later = new Map<string, OddsAsked>()
let clock: ReturnType<typeof setTimeout> | undefined

/** One after the other, and none while somebody waits for something else. */
async function workOutOne() {
  const [next] = later
  if (!next) return
  const [key, asked] = next
  if (atWork() === 0) {
    later.delete(key)
    const odds = await compute(asked)
    // Meanwhile nobody went without: the few draws are given up for all of them.
    if (odds.forecast && kept.has(key)) kept.set(key, Promise.resolve(odds))
  }
  waitForNext()
}
function waitForNext() {
  clearTimeout(clock)
  if (later.size > 0) clock = setTimeout(() => void workOutOne(), LATER).unref()
}

function workOutLater(key: string, asked: OddsAsked) {
  later.set(key, asked)
  for (const oldest of [...later.keys()].slice(0, Math.max(0, later.size - MOST.later))) later.delete(oldest)
  waitForNext()
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
  let odds = kept.get(key)
  if (!odds && atWork() >= MOST.waiting) return Promise.resolve({})
  if (!odds) {
    const whole: OddsAsked = {
      kind: 'whole',
      document: { ...document, title: '' },
      samples: draws || DEFAULT_SAMPLES,
      teachers: teachers.map(pastRun),
      about: teachingKey(document, []),
      key: teachingKey(document, teachers),
    }
    if (whole.samples > SAMPLES) {
      odds = keep(key, { ...whole, kind: 'odds', samples: SAMPLES })
      workOutLater(key, { ...whole, unhurried: true })
    } else odds = keep(key, whole)
  } else {
    kept.delete(key)
    kept.set(key, odds)
  }
  for (const oldest of [...kept.keys()].slice(0, Math.max(0, kept.size - MOST.kept))) kept.delete(oldest)
  return Promise.race([
    odds,
    new Promise<FirstOdds>(resolve => {
      setTimeout(() => resolve({}), PATIENCE).unref()
    }),
  ])
}
