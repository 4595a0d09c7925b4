/** Finds programs that come from Debian's packages; installs them as root, or says what an administrator must do. */
import { existsSync, readdirSync } from 'node:fs'
import { delimiter, join } from 'node:path'
import { run } from './run-program.mjs'

/** @param {string} name */
export const onPath = name =>
  (process.env.PATH ?? '')
    .split(delimiter)
    .map(folder => join(folder, name))
    .find(existsSync)

/** Folder with initdb and postgres of the newest server installed, or undefined. */
export function postgresPrograms() {
  const base = '/usr/lib/postgresql'
  const versions = existsSync(base) ? readdirSync(base).filter(v => existsSync(join(base, v, 'bin', 'initdb'))) : []
  const newest = versions.sort((a, b) => Number(b) - Number(a))[0]
  if (newest) return join(base, newest, 'bin')
  const found = onPath('initdb')
  return found && onPath('postgres') ? join(found, '..') : undefined
}

export const chromiumProgram = () => onPath('chromium')

/** @typedef {'postgresql' | 'chromium' | 'libnss3-tools'} DebianPackage */

const NEEDS = {
  postgresql: { found: postgresPrograms, what: 'the PostgreSQL server' },
  chromium: { found: chromiumProgram, what: 'the Chromium browser, for the browser tests' },
  'libnss3-tools': { found: () => onPath('certutil'), what: 'certutil, for the browser tests over https' },
}

/**
 * Something else can be fetched meanwhile; that an administrator is needed is thrown before anything is begun.
 * @param {DebianPackage[]} packages @param {(line: string) => void} say
 * @returns {Promise<void>}
 */
export function ensureDebianPackages(packages, say) {
  const missing = packages.filter(name => !NEEDS[name].found())
  if (missing.length === 0) return Promise.resolve()
  const line = `apt-get install -y --no-install-recommends ${missing.join(' ')}`
  if (process.getuid?.() !== 0) {
    const what = missing.map(name => NEEDS[name].what).join(' and ')
    throw new Error(`Missing: ${what}. Ask an administrator to run:\n  sudo apt-get update && sudo ${line}`)
  }
  say(`Installing ${missing.map(name => NEEDS[name].what).join(' and ')} from Debian's packages…`)
  return install(missing, line)
}

/** @param {DebianPackage[]} missing @param {string} line */
async function install(missing, line) {
  const { output } = await run('sh', ['-c', `apt-get update -qq; ${line}`], {
    environment: { DEBIAN_FRONTEND: 'noninteractive' },
  })
  if (missing.some(name => !NEEDS[name].found())) throw new Error(`${line} did not help:\n${output}`)
}
