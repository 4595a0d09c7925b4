/**
 * Who the server runs as. Started by root it runs as an ordinary user who owns nothing: it needs no file but its own
 * program, and whoever broke into it would have no more than that.
 */
import { spawnSync } from 'node:child_process'
import { cpSync, existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs'
import { basename, dirname, join } from 'node:path'
import { withLock } from '../install/lock.mjs'
import type { Say } from '../root'

const USER = 'nobody'
/** Copies of builds that every user may read; a clone may lie where only root may enter. */
const READABLE = '/var/lib/zealous-hush/builds'
const KEPT = 4

export interface Program {
  entry: string
  /** left out: as whoever starts it */ user?: { uid: number; gid: number }
}

const idOf = (flag: string): number => Number(spawnSync('id', [flag, USER], { encoding: 'utf8' }).stdout.trim())

/** Whether that user can run the Node that runs this. */
const mayRunNode = (): boolean =>
  spawnSync('runuser', ['-u', USER, '--', process.execPath, '--version'], { cwd: '/', stdio: 'ignore' }).status === 0

/** @param entry of a build, in a folder of its own two levels up */
export async function unprivileged(entry: string, say: Say): Promise<Program> {
  if (process.getuid?.() !== 0) return { entry }
  if (!mayRunNode()) {
    say(`${process.execPath} can be run by root alone, so the server runs as root. Install Node where all may use it.`)
    return { entry }
  }
  const build = dirname(dirname(entry))
  const copy = join(READABLE, basename(build))
  mkdirSync(READABLE, { recursive: true, mode: 0o755 })
  await withLock(join(READABLE, 'lock'), say, () => {
    if (existsSync(copy)) return
    const partial = `${copy}.${process.pid}`
    cpSync(build, partial, { recursive: true })
    spawnSync('chmod', ['-R', 'a+rX', partial])
    renameSync(partial, copy)
    const old = readdirSync(READABLE)
      .map(name => join(READABLE, name))
      .filter(path => path !== copy && statSync(path).isDirectory())
      .sort((a, b) => statSync(b).ctimeMs - statSync(a).ctimeMs)
    for (const path of old.slice(KEPT)) rmSync(path, { recursive: true, force: true })
  })
  return { entry: join(copy, 'server', basename(entry)), user: { uid: idOf('-u'), gid: idOf('-g') } }
}
