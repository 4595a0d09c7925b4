/**
 * Plans shows one at a time in a thread of their own. For one order the newest question counts: one that is still being
 * worked on is answered with what can be told at once, unless the newest is the same.
 */
import { dirname, join } from 'node:path'
import { isDeepStrictEqual } from 'node:util'
import { Worker } from 'node:worker_threads'
import { forecasts } from '../watching/metrics'
import { quickAnswer, type Job, type Planned } from './job'

/** Longer than any plan and its mends may take, s; a solver that does not come back is ended. */
const LONGEST = 12
/** Orders that may wait; more at once is nobody planning a lesson. */
const MOST_WAITING = 20

interface Asked {
  order: string
  job: Job
  /** all that asked it */ told: ((answer: Planned) => void)[]
}
const tellAll = (asked: Asked | undefined, answer: Planned) => asked?.told.forEach(told => told(answer))

/** Beside the server's entry, where the build puts it. */
const PROGRAM = join(dirname(process.argv[1]), 'workers', 'planner.mjs')

let worker: Worker | undefined
let current: Asked | undefined
let limit: NodeJS.Timeout | undefined
const waiting: Asked[] = []

function end(answer: Planned): void {
  clearTimeout(limit)
  const asked = current
  current = undefined
  tellAll(asked, answer)
  next()
}

/** The work at hand can't be stopped but with its thread; the next job gets a new one. */
function giveUp(): void {
  const lost = worker
  worker = undefined
  lost?.removeAllListeners()
  // A thread that is being ended may still report; nobody is left to hear it.
  lost?.on('error', () => {})
  void lost?.terminate()
  if (current) end(quickAnswer(current.job))
}

function next(): void {
  if (current || waiting.length === 0) return
  current = waiting.shift()!
  if (!worker) {
    worker = new Worker(PROGRAM)
    worker.unref()
    worker.on('message', end)
    worker.on('error', giveUp)
    worker.on('exit', giveUp)
  }
  limit = setTimeout(giveUp, LONGEST * 1000)
  worker.postMessage(current.job)
}

/** @returns the plan; never later than the ones before it take */
export function planInTurn(order: string, job: Job): Promise<Planned> {
  const done = forecasts.startTimer({ kind: 'plan' })
  return new Promise(answered => {
    const told = (answer: Planned) => {
      done()
      answered(answer)
    }
    const same = [current, ...waiting].find(a => a?.order === order && isDeepStrictEqual(a.job, job))
    if (same) return void same.told.push(told)
    const older = waiting.findIndex(w => w.order === order)
    if (older >= 0) {
      const [left] = waiting.splice(older, 1)
      tellAll(left, quickAnswer(left.job))
    }
    if (waiting.length >= MOST_WAITING) return told(quickAnswer(job))
    waiting.push({ order, job, told: [told] })
    if (current?.order === order) giveUp()
    else next()
  })
}
