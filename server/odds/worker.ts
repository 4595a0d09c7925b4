/** A thread for odds: a tenth of a second of work each, for which marks and votes must not wait. */
import { parentPort } from 'node:worker_threads'
import { DEFAULT_SEED, StagingSample, attemptReading, readStaging, summarise } from '../../core'
import { know } from '../../core/catalogue/known'
import { DEMONSTRATIONS } from '../../core/catalogue/everything'
import type { Answered, Asked } from './job'

know(DEMONSTRATIONS)

parentPort!.on('message', ({ job, document, samples }: Asked) => {
  const { read } = attemptReading(() => readStaging(document))
  const answer: Answered = { job }
  if (read) {
    const sample = new StagingSample(read.demonstration, read.given, samples, DEFAULT_SEED)
    sample.advance(samples)
    answer.forecast = summarise(sample)
  }
  parentPort!.postMessage(answer)
})
