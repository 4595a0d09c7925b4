/** What is worked out once nobody waits for something else: one after the other, the first asked for first. */
import { atWork } from './thread'

/** ms in which whoever opened a page works it out, on this machine too perhaps */
const PAUSE = 6000
/** That may wait; of more the oldest are given up. */
const MOST = 20

const waiting = new Map<string, () => Promise<void>>()
let clock: ReturnType<typeof setTimeout> | undefined

async function workOutOne() {
  const [next] = waiting
  if (next && atWork() === 0) {
    const [key, work] = next
    waiting.delete(key)
    await work()
  }
  waitForNext()
}
function waitForNext() {
  clearTimeout(clock)
  if (waiting.size > 0) clock = setTimeout(() => void workOutOne(), PAUSE).unref()
}

/** @param key of what is worked out: asked for once more while it waits, it waits once */
export function inQuiet(key: string, work: () => Promise<void>): void {
  waiting.set(key, work)
  for (const oldest of [...waiting.keys()].slice(0, Math.max(0, waiting.size - MOST))) waiting.delete(oldest)
  waitForNext()
}

/** @returns whether that still waits: it does not once it is being worked out, or was given up */
export const waitsForQuiet = (key: string): boolean => waiting.has(key)
