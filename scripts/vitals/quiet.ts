/**
 * Whether anything else took the processor or its memory while something was measured: another program, or another
 * machine on the same host. What was measured then tells of those, and not of the pages.
 */
import { readFileSync } from 'node:fs'
import { setTimeout as wait } from 'node:timers/promises'

/** How much longer than at its best the same work may take before what is measured and after it. */
const SLOWER = 1.5
/**
 * While it is measured: how much longer than the best glance, since the browser takes the memory, too; in what share of
 * the glances it may be more; and how often one is taken, ms. A glance finds the numbers out of the cache, and takes
 * twice as long as the same work over and over: it is held against glances alone.
 */
const MEANWHILE = { slower: 3, share: 0.2, each: 100 }
/** Glances that are taken before anything is measured. */
const FIRST_GLANCES = 10
/** Share of the time in which something wanted the processor and the host gave it to others. */
const STOLEN = 0.02
/** Nothing is tried more often. */
const AGAIN = 6
/** Of all waiting for moments of quiet, and of all that was disturbed, ms: then each is measured once, as it comes. */
const PATIENCE = 20 * 60_000
/** One that is waited for, ms; and then it is measured all the same. */
const LONGEST = 60_000
let lost = 0

/** Numbers that fit no core's own cache: neighbours slow down the memory as much as the processor. */
const FIELD = new Float64Array(1 << 19)
function once() {
  let x = 1
  for (let i = 0; i < FIELD.length; i++) {
    const at = (i * 7919) & (FIELD.length - 1)
    x = x * 1.0000001 + FIELD[at]
    FIELD[at] = x * 1e-9
  }
}
const TIMES = 6
function sameWork(): number {
  const start = performance.now()
  for (let k = 0; k < TIMES; k++) once()
  return (performance.now() - start) / TIMES
}

let bestGlance = Infinity
/** @returns ms of the processor's own time: what is measured may well take turns with this */
function glance(): number {
  const before = process.cpuUsage()
  once()
  const { user, system } = process.cpuUsage(before)
  const took = (user + system) / 1000
  bestGlance = Math.min(bestGlance, took)
  return took
}

/** Looks from time to time. */
function watching() {
  const glances: number[] = []
  const clock = setInterval(() => glances.push(glance()), MEANWHILE.each)
  return () => {
    clearInterval(clock)
    return glances
  }
}

/** @returns ticks wanted of the processors, and those of them that went to others; none where the system doesn't say */
function ticks(): { wanted: number; stolen: number } {
  try {
    const [user, nice, system, , , interrupts, soft, stolen] = readFileSync('/proc/stat', 'utf8')
      .split('\n')[0]
      .split(/\s+/)
      .slice(1)
      .map(Number)
    return { wanted: user + nice + system + interrupts + soft + stolen, stolen }
  } catch {
    return { wanted: 0, stolen: 0 }
  }
}

let best = Infinity
/** @returns ms that the same work takes just now, once */
function pace(): number {
  const took = Math.min(sameWork(), sameWork(), sameWork())
  best = Math.min(best, took)
  return took
}
const isQuiet = (took: number) => took <= SLOWER * best
const wereQuiet = (glances: readonly number[]) =>
  glances.filter(took => took > MEANWHILE.slower * bestGlance).length <= MEANWHILE.share * glances.length

export interface Measuring<T> {
  measured: T
  /** nothing else took the machine meanwhile, by the most quiet moment that was seen until it is asked */
  readonly quiet: boolean
}

/** Measures in a moment of quiet, where one comes, and tells whether it lasted. */
async function whenQuiet<T>(measuring: () => Promise<T>): Promise<Measuring<T>> {
  if (bestGlance === Infinity)
    for (let k = 0; k < FIRST_GLANCES; k++) {
      await wait(MEANWHILE.each)
      glance()
    }
  const start = performance.now()
  const since = (moment: number) => performance.now() - moment
  let before = pace()
  while (!isQuiet(before) && since(start) < LONGEST && lost + since(start) < PATIENCE) {
    await wait(250)
    before = pace()
  }
  lost += since(start)
  const began = performance.now()
  const first = ticks()
  const end = watching()
  const measured = await measuring().finally(end)
  const glances = end()
  const last = ticks()
  const stolen = (last.stolen - first.stolen) / Math.max(1, last.wanted - first.wanted)
  const slowest = Math.max(before, pace())
  const made = {
    measured,
    get quiet() {
      return isQuiet(slowest) && wereQuiet(glances) && stolen <= STOLEN
    },
  }
  if (!made.quiet) lost += since(began)
  return made
}

/** Measures until nothing disturbs it, a few times at most; what was measured has no say in whether it counts. */
export async function quietly<T>(what: string, measuring: () => Promise<T>): Promise<Measuring<T>> {
  let made = await whenQuiet(measuring)
  for (let again = 1; !made.quiet && again < AGAIN && lost < PATIENCE; again++) {
    console.error(`${what}: disturbed, measured again`)
    made = await whenQuiet(measuring)
  }
  return made
}
