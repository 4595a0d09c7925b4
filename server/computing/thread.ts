/** The thread for what takes a tenth of a second and more: marks and votes must not wait for it. */
import { dirname, join } from 'node:path'
import { Worker } from 'node:worker_threads'
import type { FirstOdds } from '../../core'
import { forecasts } from '../watching/metrics'
import type { Answered, Asked, EndAsked, EndTold, LearntAsked, OddsAsked } from './job'

/** Beside the server's entry, where the build puts it. */
const PROGRAM = join(dirname(process.argv[1]), 'workers', 'computing.mjs')

const MOST_WAITING = 6
const waiting = new Map<number, (answer: object) => void>()
let jobs = 0
let worker: Worker | undefined

/** How many wait for an answer. */
export const atWork = (): number => waiting.size
/** So many wait that a page had better do without: its own device is sooner there. */
export const isFull = (): boolean => waiting.size >= MOST_WAITING

function begin(): Worker {
  const begun = new Worker(PROGRAM)
  begun.unref()
  begun.on('message', ({ job, ...answer }: Answered) => {
    waiting.get(job)?.(answer)
    waiting.delete(job)
  })
  // Whoever waits for a thread that is lost is answered nothing; the next one gets a new thread.
  const lost = () => {
    if (worker === begun) worker = undefined
    for (const told of waiting.values()) told({})
    waiting.clear()
  }
  begun.on('error', lost)
  begun.on('exit', lost)
  return begun
}

/** @returns nothing in it where the thread was lost meanwhile */
export function compute(asked: OddsAsked | LearntAsked): Promise<FirstOdds>
export function compute(asked: EndAsked): Promise<EndTold>
export function compute(asked: OddsAsked | LearntAsked | EndAsked): Promise<FirstOdds | EndTold> {
  const job = ++jobs
  const done = forecasts.startTimer({ kind: asked.kind })
  return new Promise(told => {
    waiting.set(job, answer => {
      done()
      told(answer)
    })
    worker ??= begin()
    worker.postMessage({ ...asked, job } satisfies Asked)
  })
}
