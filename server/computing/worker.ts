/** A thread for odds, for what past runs have taught, and for runs that end as a real one did. */
import { setImmediate, setTimeout } from 'node:timers/promises'
import { parentPort } from 'node:worker_threads'
import {
  DEFAULT_SEED,
  LearntSteps,
  StagingSample,
  attemptReading,
  forecastKey,
  influences,
  learn,
  pointsFor,
  readStaging,
  representativeOf,
  runThatEnds,
  summarise,
  type FirstOdds,
  type Learnt,
  type ReadStaging,
  type Taught,
} from '../../core'
import { know } from '../../core/catalogue/known'
import { DEMONSTRATIONS } from '../../core/catalogue/everything'
import type { Asked, EndAsked, EndTold, LearntAsked, OddsAsked } from './job'

know(DEMONSTRATIONS)

/** Draws of a whole forecast that others wait for. */
const A_FEW = 10

const steps = new LearntSteps<Taught>()

async function learntFor(
  { demonstration, given }: ReadStaging,
  { teachers, about, key }: OddsAsked | LearntAsked,
): Promise<Learnt> {
  const runs = teachers.map(t => ({ given: readStaging(t.staging).given, seen: t.seen }))
  return { about, key, taught: await learn(demonstration, given, runs, undefined, undefined, steps) }
}

async function oddsOf(read: ReadStaging, asked: OddsAsked): Promise<FirstOdds> {
  const { demonstration, given } = read
  const learnt = asked.teachers.length > 0 ? await learntFor(read, asked) : undefined
  const taught = learnt?.taught
  const points = pointsFor(demonstration, asked.samples, DEFAULT_SEED, taught && taught.runs > 0 ? taught : undefined)
  const sample = new StagingSample(demonstration, given, asked.samples, DEFAULT_SEED, points)
  const odds = () => ({ ...(learnt && { learnt }), forecast: summarise(sample) })
  if (asked.kind === 'odds') {
    sample.advance(asked.samples)
    return odds()
  }
  let began = performance.now()
  while (!sample.advance(A_FEW)) {
    // Whoever waits for it waits no longer than it takes; nobody waiting, others have as much of the processor.
    await (asked.unhurried ? setTimeout(performance.now() - began) : setImmediate())
    began = performance.now()
  }
  return {
    ...odds(),
    whole: {
      of: forecastKey(asked.document),
      influences: influences(sample),
      representative: representativeOf(sample),
      waterWindow: demonstration.waterWindow?.(sample.nominal),
    },
  }
}

function toldOf({ demonstration, given }: ReadStaging, { outcome }: EndAsked): EndTold {
  const run = runThatEnds(demonstration, given, outcome)
  if (!run) return { looked: true }
  const { values, simulation } = run
  return {
    looked: true,
    levels: demonstration.explanation(values, simulation),
    scene: demonstration.drawing(values, simulation, simulation.trace.time.at(-1)!),
  }
}

async function answered(asked: Asked): Promise<FirstOdds | EndTold> {
  const { read } = attemptReading(() => readStaging(asked.document))
  if (!read) return asked.kind === 'end' ? { looked: true } : {}
  if (asked.kind === 'end') return toldOf(read, asked)
  return asked.kind === 'learnt' ? { learnt: await learntFor(read, asked) } : oddsOf(read, asked)
}

parentPort!.on(
  'message',
  (asked: Asked) => void answered(asked).then(answer => parentPort!.postMessage({ ...answer, job: asked.job })),
)
