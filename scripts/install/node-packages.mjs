/** Installs the locked npm packages when they are missing or the lock has changed. Uses nothing but Node itself. */
import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { withLock } from './lock.mjs'

/** @param {string} root of the clone @param {(line: string) => void} say */
export async function ensureNodePackages(root, say) {
  const wanted = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex')
  const stamp = join(root, 'node_modules', '.hush-installed')
  const current = () => existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted
  if (current()) return
  mkdirSync(join(root, '.data'), { recursive: true })
  await withLock(join(root, '.data', 'install.lock'), say, () => {
    if (current()) return
    say('Installing npm packages (a minute or two the first time)…')
    const npm = spawnSync('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
      cwd: root,
      stdio: ['ignore', 'pipe', 'pipe'],
      encoding: 'utf8',
    })
    if (npm.status !== 0) throw new Error(`npm ci failed:\n${npm.stdout}${npm.stderr}`)
    writeFileSync(stamp, wanted)
  })
}
