/** A lock between processes: a file that is made by one of them only, with its process id inside. */
import { openSync, closeSync, readFileSync, rmSync, writeSync } from 'node:fs'
import { setTimeout as sleep } from 'node:timers/promises'

/** The code that Node gives a failed call of the system. @param {unknown} error */
const codeOf = error => (error instanceof Error && 'code' in error ? error.code : undefined)

/** Whether a process runs. @param {number} pid */
export function alive(pid) {
  try {
    process.kill(pid, 0)
    return true
  } catch (error) {
    return codeOf(error) === 'EPERM'
  }
}

/**
 * Runs `work` while holding the lock; waits for another process that has it, and takes over from one that died.
 * @template T
 * @param {string} file @param {(line: string) => void} say @param {() => T | Promise<T>} work
 * @returns {Promise<T>}
 */
export async function withLock(file, say, work) {
  let told = false
  for (;;) {
    try {
      const handle = openSync(file, 'wx')
      writeSync(handle, String(process.pid))
      closeSync(handle)
      break
    } catch (error) {
      if (codeOf(error) !== 'EEXIST') throw error
      let holder = NaN
      try {
        holder = Number(readFileSync(file, 'utf8'))
      } catch {
        /* it has just been released */
      }
      if (holder > 0 && !alive(holder)) {
        rmSync(file, { force: true })
        continue
      }
      if (!told) say('Waiting for another copy that is working in the same folder…')
      told = true
      await sleep(300)
    }
  }
  try {
    return await work()
  } finally {
    rmSync(file, { force: true })
  }
}
