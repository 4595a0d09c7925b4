/** Installs the locked npm packages when they are missing or the lock has changed. Uses nothing but Node itself. */
import { createHash } from 'node:crypto'
import { copyFileSync, existsSync, mkdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { addressed } from './addresses.mjs'
import { withLock } from './lock.mjs'
import { run } from './run-program.mjs'

/** @param {string} folder @param {string[]} args */
const npm = (folder, ...args) => run('npm', args, { folder })
/** @param {string} folder @returns {Promise<string | undefined>} why it failed */
async function cleanInstall(folder) {
  const { ok, output } = await npm(folder, 'ci', '--no-audit', '--no-fund', '--loglevel=error')
  return ok ? undefined : `npm ci failed:\n${output}`
}

/**
 * Installs beside the clone, by a lock with addresses, and moves what came into it.
 * @param {string} root @returns {Promise<string | undefined>} why it failed
 */
async function installByAddress(root) {
  const beside = join(root, '.data', 'packages')
  const modules = join(root, 'node_modules')
  try {
    rmSync(beside, { recursive: true, force: true })
    mkdirSync(beside, { recursive: true })
    for (const file of ['package.json', '.npmrc']) copyFileSync(join(root, file), join(beside, file))
    const registry = (await npm(root, 'config', 'get', 'registry')).printed.trim()
    const lock = addressed(JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8')), registry)
    writeFileSync(join(beside, 'package-lock.json'), JSON.stringify(lock))
    const failure = await cleanInstall(beside)
    if (failure) return failure
    rmSync(modules, { recursive: true, force: true })
    renameSync(join(beside, 'node_modules'), modules)
    return undefined
  } catch (error) {
    return String(error)
  } finally {
    rmSync(beside, { recursive: true, force: true })
  }
}

/** @param {string} root of the clone @param {(line: string) => void} say */
export async function ensureNodePackages(root, say) {
  const wanted = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex')
  const stamp = join(root, 'node_modules', '.hush-installed')
  const current = () => existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted
  if (current()) return
  mkdirSync(join(root, '.data'), { recursive: true })
  await withLock(join(root, '.data', 'install.lock'), say, async () => {
    if (current()) return
    say('Installing npm packages (a minute or two the first time)…')
    let failure = await installByAddress(root)
    // A registry may keep its packages elsewhere, and node_modules may be a disk of its own.
    if (failure && /E404|EXDEV|EBUSY/.test(failure)) failure = await cleanInstall(root)
    if (failure) throw new Error(failure)
    writeFileSync(stamp, wanted)
  })
}
