import { spawn, type ChildProcess } from 'node:child_process'
import { ANNOUNCED } from './names'
import { onPath } from '../install/debian-packages.mjs'
import type { Say } from '../root'

export interface Announcement {
  stop: () => void
}

/**
 * Makes the name known in the building's network by Debian's avahi, where it runs.
 * @param address of this machine in that network
 * @returns undefined where avahi is not installed
 */
export function announce(address: string, say: Say): Announcement | undefined {
  const program = onPath('avahi-publish')
  if (!program) return undefined
  let stopped = false
  const child: ChildProcess = spawn(program, ['-a', '-R', ANNOUNCED, address], { stdio: ['ignore', 'ignore', 'pipe'] })
  let last = ''
  child.stderr?.on('data', (text: Buffer) => (last = text.toString().trim()))
  child.on('error', error => (last = error.message))
  child.on('close', () => {
    if (!stopped) say(`The name ${ANNOUNCED} is not announced in the network (${last || 'avahi ended'}).`)
  })
  return {
    stop() {
      stopped = true
      child.kill()
    },
  }
}
