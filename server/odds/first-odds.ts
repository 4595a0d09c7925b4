/**
 * The odds that a page of the Bench comes with: few draws, enough to say how it stands until the browser has its own.
 * They are kept by what they are of; one that is not there in time is left out, and the page comes without.
 */
import { dirname, join } from 'node:path'
import { Worker } from 'node:worker_threads'
import { pastRun, teachingKey, type FirstOdds, type StagingDocument, type StoredRun } from '../../core'
import type { Answered, Asked } from './job'

const SAMPLES = 200
/** No page waits longer for its odds, ms. */
const PATIENCE = 700
/** Stagings whose odds are kept, and those that may wait for theirs at once. */
const MOST = { kept: 200, waiting: 6 }

/** Beside the server's entry, where the build puts it. */
const PROGRAM = join(dirname(process.argv[1]), 'workers', 'odds.mjs')

/** by what they are of; the one asked for last stands last */
const kept = new Map<string, Promise<FirstOdds>>()
const waiting = new Map<number, (odds: FirstOdds) => void>()
let jobs = 0
let worker: Worker | undefined

function begin(): Worker {
  const begun = new Worker(PROGRAM)
  begun.unref()
  begun.on('message', ({ job, ...odds }: Answered) => {
    waiting.get(job)?.(odds)
    waiting.delete(job)
  })
  // Whoever waits for a thread that is lost comes without odds; the next one gets a new thread.
  const lost = () => {
    if (worker === begun) worker = undefined
    for (const told of waiting.values()) told({})
    waiting.clear()
    kept.clear()
  }
  begun.on('error', lost)
  begun.on('exit', lost)
  return begun
}

function compute(document: StagingDocument, teachers: readonly StoredRun[]): Promise<FirstOdds> {
  const asked: Asked = {
    job: ++jobs,
    document,
    samples: SAMPLES,
    teachers: teachers.map(pastRun),
    about: teachingKey(document, []),
    key: teachingKey(document, teachers),
  }
  return new Promise(told => {
    waiting.set(asked.job, told)
    worker ??= begin()
    worker.postMessage(asked)
  })
}

/**
 * @param document with the room's conditions in it
 * @param teachers runs that teach it, the oldest first
 * @returns nothing in it where it is not there in time
 */
export function firstOdds(document: StagingDocument, teachers: readonly StoredRun[]): Promise<FirstOdds> {
  const key = JSON.stringify([document.demonstration, document.inputs, teachers.map(r => r.id)])
  let odds = kept.get(key)
  if (!odds && waiting.size >= MOST.waiting) return Promise.resolve({})
  odds ??= compute({ ...document, title: '' }, teachers)
  kept.delete(key)
  kept.set(key, odds)
  for (const oldest of [...kept.keys()].slice(0, Math.max(0, kept.size - MOST.kept))) kept.delete(oldest)
  return Promise.race([
    odds,
    new Promise<FirstOdds>(resolve => {
      setTimeout(() => resolve({}), PATIENCE).unref()
    }),
  ])
}
