/**
 * The odds that a page of the Bench comes with: few draws, enough to say how it stands until the browser has its own.
 * They are kept by what they are of; one that is not there in time is left out, and the page comes without.
 */
import { dirname, join } from 'node:path'
import { Worker } from 'node:worker_threads'
import type { Forecast, StagingDocument } from '../../core'
import type { Answered, Asked } from './job'

const SAMPLES = 200
/** No page waits longer for its odds, ms. */
const PATIENCE = 700
/** Stagings whose odds are kept, and those that may wait for theirs at once. */
const MOST = { kept: 200, waiting: 6 }

/** Beside the server's entry, where the build puts it. */
const PROGRAM = join(dirname(process.argv[1]), 'workers', 'odds.mjs')

/** by what they are of; the one asked for last stands last */
const kept = new Map<string, Promise<Forecast | undefined>>()
const waiting = new Map<number, (forecast: Forecast | undefined) => void>()
let jobs = 0
let worker: Worker | undefined

function begin(): Worker {
  const begun = new Worker(PROGRAM)
  begun.unref()
  begun.on('message', ({ job, forecast }: Answered) => {
    waiting.get(job)?.(forecast)
    waiting.delete(job)
  })
  // Whoever waits for a thread that is lost comes without odds; the next one gets a new thread.
  const lost = () => {
    if (worker === begun) worker = undefined
    for (const told of waiting.values()) told(undefined)
    waiting.clear()
    kept.clear()
  }
  begun.on('error', lost)
  begun.on('exit', lost)
  return begun
}

/** Has the thread ready before the first page asks. */
export function warmUp(): void {
  worker ??= begin()
}

function compute(document: StagingDocument): Promise<Forecast | undefined> {
  const asked: Asked = { job: ++jobs, document, samples: SAMPLES }
  return new Promise(told => {
    waiting.set(asked.job, told)
    worker ??= begin()
    worker.postMessage(asked)
  })
}

/** @param document with the room's conditions in it @returns undefined where they are not there in time */
export function firstOdds(document: StagingDocument): Promise<Forecast | undefined> {
  const key = JSON.stringify([document.demonstration, document.inputs])
  let odds = kept.get(key)
  if (!odds && waiting.size >= MOST.waiting) return Promise.resolve(undefined)
  odds ??= compute({ ...document, title: '' })
  kept.delete(key)
  kept.set(key, odds)
  for (const oldest of [...kept.keys()].slice(0, Math.max(0, kept.size - MOST.kept))) kept.delete(oldest)
  return Promise.race([
    odds,
    new Promise<undefined>(resolve => {
      setTimeout(() => resolve(undefined), PATIENCE).unref()
    }),
  ])
}
