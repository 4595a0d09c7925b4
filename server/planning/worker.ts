/** The planner's own thread: the solver holds it for seconds, and marks and votes must not wait for that. */
import { parentPort } from 'node:worker_threads'
import { integerProgrammer } from '../integer-programming/highs'
import { answer, type Job } from './job'

parentPort!.on('message', (job: Job) => {
  void integerProgrammer().then(solve => parentPort!.postMessage(answer(job, solve)))
})
