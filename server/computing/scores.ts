/**
 * How well runs were forecast, worked out once and kept. A page that asks waits for a few of them at a time, so that it
 * can tell how many are left, and others get at the thread in between.
 */
import { findDemonstration, scoringOf, type ScoredRun, type ScoredRuns, type StoredRun } from '../../core'
import { listUnscored, saveScores } from '../database/runs'
import { compute } from './thread'

const SAMPLES = 500
/** Runs that are read at once, and how long is worked on them, ms. */
const MOST = { runs: 20, wait: 1000 }

/** @returns undefined where the thread was lost over it: it is asked again another time */
async function scored(run: StoredRun) {
  const { score, open } = scoringOf(run)
  if (!open) return score
  const wanted = findDemonstration(run.demonstration)!.wanted
  const { forecast } = await compute({
    kind: 'odds',
    document: open,
    samples: SAMPLES,
    teachers: [],
    about: '',
    key: '',
  })
  return forecast && { ...score, share: forecast.shares[wanted] ?? 0 }
}

/** @returns those that were worked out now, and how many are left */
async function work(build: string): Promise<ScoredRuns> {
  const { runs, left } = await listUnscored(build, MOST.runs)
  const done = []
  const until = performance.now() + MOST.wait
  for (const run of runs) {
    if (done.length > 0 && performance.now() > until) break
    const score = await scored(run)
    // One that the thread is lost over holds up no other.
    if (score) done.push(score)
  }
  await saveScores(build, done)
  const byId = new Map(runs.map(run => [run.id, run]))
  const shown = done.flatMap(({ run: id, share, volume, power }): ScoredRun[] => {
    const { demonstration, document } = byId.get(id)!
    return share === null ? [] : [{ id, demonstration, outcome: document.outcome, share, volume, power }]
  })
  return { runs: shown, left: left - done.length }
}

let working: Promise<ScoredRuns> | undefined
/** Whoever asks while some are worked out is told of the same ones. */
export const workOut = (build: string): Promise<ScoredRuns> =>
  (working ??= work(build).finally(() => (working = undefined)))
