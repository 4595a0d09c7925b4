import { spawn } from 'node:child_process'
import { ANNOUNCED } from '../../server/https/names'
import { onPath } from '../install/debian-packages.mjs'

export interface Announcement {
  stop: () => void
}

/** The network is asked first whether another machine has the name, ms. */
const PATIENCE = 5000

/**
 * Makes the name known in the building's network by Debian's avahi, where it runs.
 * @param address of this machine in that network
 * @returns once it is known; undefined where it can't be, in silence: most machines have no avahi
 */
export function announce(address: string, program = onPath('avahi-publish')): Promise<Announcement | undefined> {
  if (!program) return Promise.resolve(undefined)
  return new Promise(resolve => {
    const child = spawn(program, ['-a', '-R', ANNOUNCED, address], { stdio: ['ignore', 'pipe', 'pipe'] })
    const end = () => {
      child.kill()
      resolve(undefined)
    }
    const limit = setTimeout(end, PATIENCE)
    const hear = (text: Buffer) => {
      if (!text.toString().includes('Established')) return
      clearTimeout(limit)
      resolve({ stop: () => void child.kill() })
    }
    child.stdout.on('data', hear)
    child.stderr.on('data', hear)
    child.on('error', end)
    child.on('close', () => {
      clearTimeout(limit)
      resolve(undefined)
    })
  })
}
