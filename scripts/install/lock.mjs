/** A lock between processes: a file that is made by one of them only, with what tells that process inside. */
import { linkSync, readFileSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { setTimeout as sleep } from 'node:timers/promises'

/** The code that Node gives a failed call of the system. @param {unknown} error */
const codeOf = error => (error instanceof Error && 'code' in error ? error.code : undefined)

/** Whether a process runs. @param {number} pid */
function alive(pid) {
  try {
    process.kill(pid, 0)
    return true
  } catch (error) {
    return codeOf(error) === 'EPERM'
  }
}

/**
 * Tells a process from a later one that was given the same number: when it began, and since which start of the machine.
 * @param {number} pid
 * @returns {string} the number alone where the system does not say more
 */
export function identityOf(pid) {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8')
    const fields = stat.slice(stat.lastIndexOf(')') + 2).split(' ')
    const boot = readFileSync('/proc/sys/kernel/random/boot_id', 'utf8').trim()
    // One that has ended and was not fetched yet does nothing any more.
    return fields[0] === 'Z' ? `${pid} ended` : `${pid} ${fields[19]} ${boot}`
  } catch {
    return String(pid)
  }
}

/** Whether the process of an identity still runs. @param {string} identity */
export function lives(identity) {
  const [number = ''] = identity.split(' ')
  const pid = Number(number)
  if (!(pid > 0) || !alive(pid)) return false
  const now = identityOf(pid)
  return !identity.includes(' ') || !now.includes(' ') ? !now.endsWith(' ended') : now === identity
}

/** An empty lock this old was left by something that could not even write its name, ms. */
const NAMELESS = 10_000

/** @param {string} file @param {string} holder */
function isLeft(file, holder) {
  if (holder.trim() !== '') return !lives(holder.trim())
  try {
    return Date.now() - statSync(file).mtimeMs > NAMELESS
  } catch {
    return false
  }
}

/**
 * Takes a left lock away, and nobody else's that came in its place meanwhile.
 * @param {string} file @param {string} left
 */
function clear(file, left) {
  const aside = `${file}.left-${process.pid}`
  try {
    renameSync(file, aside)
    if (readFileSync(aside, 'utf8') !== left) linkSync(aside, file)
  } catch {
    /* somebody else cleared it */
  }
  rmSync(aside, { force: true })
}

/**
 * Runs `work` while holding the lock; waits for another process that has it, and takes over from one that died.
 * @template T
 * @param {string} file @param {(line: string) => void} say @param {() => T | Promise<T>} work
 * @returns {Promise<T>}
 */
export async function withLock(file, say, work) {
  let told = false
  const own = `${file}.${process.pid}-${Math.random().toString(36).slice(2)}`
  for (;;) {
    try {
      // Written whole before it counts: a full disk leaves no lock without a name.
      writeFileSync(own, identityOf(process.pid))
      linkSync(own, file)
      break
    } catch (error) {
      if (codeOf(error) !== 'EEXIST') throw error
      let holder
      try {
        holder = readFileSync(file, 'utf8')
      } catch {
        continue // It has just been released.
      }
      if (isLeft(file, holder)) {
        clear(file, holder)
        continue
      }
      if (!told) say('Waiting for another copy that is working in the same folder…')
      told = true
      await sleep(300)
    } finally {
      rmSync(own, { force: true })
    }
  }
  try {
    return await work()
  } finally {
    rmSync(file, { force: true })
  }
}
