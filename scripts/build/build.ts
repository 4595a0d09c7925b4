/**
 * Builds the application into a folder named for what went into it, so that nothing is built twice or under a running
 * copy.
 */
import { execFile } from 'node:child_process'
import { existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { build } from 'esbuild'
import { fingerprint } from './fingerprint'
import { withLock } from '../install/lock.mjs'
import { installedBuild, isInstalled, type Say } from '../root'

/** What a build is made of, and by. */
export const SOURCES = [
  'app',
  'core',
  'server',
  'public',
  'db/migrations',
  'nuxt.config.ts',
  'scripts/build',
  'package-lock.json',
  'tsconfig.json',
  'package.json',
]
const KEPT = 4
const QUIETLY = { NUXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production', CI: '1' }
/** What is made and thrown away is kept apart for longer: a fifth of the time would go into clearing up. */
const ROOM_TO_WORK = '--max-semi-space-size=128'

/** Builds what changed. @returns the server's entry file @throws Error with what the build printed */
export async function ensureBuild(root: string, say: Say): Promise<string> {
  if (isInstalled) return installedBuild
  const builds = join(root, '.builds')
  const folder = join(builds, `app-${fingerprint(root, SOURCES)}`)
  const complete = join(folder, 'complete')
  const entry = join(folder, 'server', 'index.mjs')
  if (existsSync(complete)) return entry
  mkdirSync(builds, { recursive: true })
  await withLock(join(builds, 'lock'), say, async () => {
    if (existsSync(complete)) return
    say('Building the application (about a minute)…')
    const building = promisify(execFile)(
      process.execPath,
      [ROOM_TO_WORK, join(root, 'node_modules', 'nuxt', 'bin', 'nuxt.mjs'), 'build'],
      { cwd: root, maxBuffer: 1 << 28, env: { ...process.env, ...QUIETLY, HUSH_BUILD_DIR: folder } },
    )
    // Ended meanwhile, it leaves no build behind that writes where the next one does.
    const end = () => building.child.kill()
    process.once('exit', end)
    try {
      await building
    } catch (error) {
      const { message, stdout, stderr } = error as Error & { stdout?: string; stderr?: string }
      throw new Error(`the build failed:\n${message}\n${stdout}${stderr}`, { cause: error })
    } finally {
      process.off('exit', end)
    }
    writeFileSync(complete, '')
    const old = readdirSync(builds)
      .filter(name => name.startsWith('app-') && join(builds, name) !== folder)
      .map(name => ({ name, at: statSync(join(builds, name)).mtimeMs }))
      .sort((a, b) => b.at - a.at)
    // Older builds may still be running elsewhere; a few are kept.
    for (const { name } of old.slice(KEPT)) rmSync(join(builds, name), { recursive: true, force: true })
  })
  return entry
}

/**
 * Bundles TypeScript for the command line, where a development loader would cost half the speed.
 * @param name of the bundle
 * @returns its file
 */
export async function bundle(root: string, entry: string, name: string): Promise<string> {
  const builds = join(root, '.builds')
  const file = join(builds, `${name}-${fingerprint(root, ['core', 'scripts', 'package-lock.json'])}.mjs`)
  if (existsSync(file)) return file
  mkdirSync(builds, { recursive: true })
  const partial = `${file}.${process.pid}`
  await build({
    entryPoints: [entry],
    bundle: true,
    platform: 'node',
    format: 'esm',
    // It looks for its program beside itself.
    external: ['highs'],
    outfile: partial,
    logLevel: 'error',
  })
  renameSync(partial, file)
  return file
}

/** Core as one file. */
export const ensureCoreBundle = (root: string) => bundle(root, join(root, 'scripts', 'build', 'whole-core.ts'), 'core')
