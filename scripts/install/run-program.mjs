/** Runs a program to its end. Uses nothing but Node itself. */
import { spawn } from 'node:child_process'
import { constants, getPriority, setPriority } from 'node:os'

/**
 * @param {string} program @param {string[]} args
 * @param {{ environment?: Record<string, string>, folder?: string, nice?: boolean }} [how] what it has beside our own
 * environment; where it runs; whether it is done in the time that others leave
 * @returns {Promise<{ ok: boolean, printed: string, output: string }>} what it printed, alone and with what it said
 * beside that; or why it could not be started
 */
export const run = (program, args, { environment, folder, nice = false } = {}) =>
  new Promise(resolve => {
    const child = spawn(program, args, {
      cwd: folder,
      env: { ...process.env, ...environment },
      stdio: ['ignore', 'pipe', 'pipe'],
    })
    // What it starts itself takes after it.
    if (nice && child.pid) setPriority(child.pid, Math.min(getPriority() + 10, constants.priority.PRIORITY_LOW))
    let printed = ''
    let output = ''
    child.stdout.on('data', text => {
      printed += text
      output += text
    })
    child.stderr.on('data', text => {
      output += text
    })
    child.on('error', error => resolve({ ok: false, printed, output: error.message }))
    child.on('close', code => resolve({ ok: code === 0, printed, output }))
  })
