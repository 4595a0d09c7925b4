/** A thread for odds: a tenth of a second of work each and more, for which marks and votes must not wait. */
import { parentPort } from 'node:worker_threads'
import {
  DEFAULT_SEED,
  StagingSample,
  attemptReading,
  learn,
  readStaging,
  summarise,
  taughtPoints,
  type Learnt,
  type ReadStaging,
} from '../../core'
import { know } from '../../core/catalogue/known'
import { DEMONSTRATIONS } from '../../core/catalogue/everything'
import type { Answered, Asked } from './job'

know(DEMONSTRATIONS)

/** What was learnt last, by what it hangs on: other stagings with the same vessel and heater ask for the same. */
const known = new Map<string, Learnt>()
const MOST_KNOWN = 50

async function learntFor({ demonstration, given }: ReadStaging, { teachers, about, key }: Asked): Promise<Learnt> {
  let learnt = known.get(key)
  if (!learnt) {
    const runs = teachers.map(t => ({ given: readStaging(t.staging).given, seen: t.seen }))
    learnt = { about, key, taught: await learn(demonstration, given, runs) }
  }
  known.delete(key)
  known.set(key, learnt)
  for (const oldest of [...known.keys()].slice(0, Math.max(0, known.size - MOST_KNOWN))) known.delete(oldest)
  return learnt
}

async function answered(asked: Asked): Promise<Answered> {
  const { job, document, samples, teachers } = asked
  const { read } = attemptReading(() => readStaging(document))
  const answer: Answered = { job }
  if (read) {
    const { demonstration, given } = read
    if (teachers.length > 0) answer.learnt = await learntFor(read, asked)
    const taught = answer.learnt?.taught
    const points = taught && taught.runs > 0 ? taughtPoints(demonstration, taught, samples, DEFAULT_SEED) : undefined
    const sample = new StagingSample(demonstration, given, samples, DEFAULT_SEED, points)
    sample.advance(samples)
    answer.forecast = summarise(sample)
  }
  return answer
}

parentPort!.on('message', (asked: Asked) => void answered(asked).then(answer => parentPort!.postMessage(answer)))
