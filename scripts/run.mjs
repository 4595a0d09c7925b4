/**
 * `node scripts/run.mjs COMMAND …`: installs what is missing, then runs `scripts/commands/COMMAND.ts`.
 *
 * This file and `install/` run before anything is installed, so they are JavaScript and use nothing but Node;
 * everything else here is TypeScript.
 */
import { dirname } from 'node:path'
import { realpathSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { ensureDebianPackages } from './install/debian-packages.mjs'
import { ensureNodePackages } from './install/node-packages.mjs'

/** @type {Record<string, import('./install/debian-packages.mjs').DebianPackage[]>} */
const NEEDS = {
  start: ['postgresql'],
  test: process.argv.includes('--quick') ? [] : ['postgresql', 'chromium', 'libnss3-tools'],
  passphrase: ['postgresql'],
  backup: ['postgresql'],
  'restore': ['postgresql'],
  'import': ['postgresql'],
  'keep-backup': ['postgresql'],
  'certificate': [],
  'package': [],
  predict: [],
  bench: [],
  formats: [],
  screenshots: ['chromium'],
  vitals: ['chromium'],
  campaign: ['postgresql', 'chromium'],
}

const root = realpathSync(dirname(dirname(fileURLToPath(import.meta.url))))
const command = process.argv[2] ?? ''
const needs = NEEDS[command]
if (!needs) {
  console.error(`command: given "${command}"; accepted: ${Object.keys(NEEDS).join(', ')}`)
  process.exit(2)
}
process.argv.splice(2, 1)
/** What a command prints may be read by a program, so that this goes beside it. @param {string} line */
const say = line => (command === 'start' || command === 'test' ? console.log(line) : console.error(line))
try {
  // Where one fails, what the other is installing is not left half installed.
  const both = await Promise.allSettled([ensureDebianPackages(needs, say), ensureNodePackages(root, say)])
  for (const one of both) if (one.status === 'rejected') throw one.reason
} catch (error) {
  console.error(error instanceof Error ? error.message : error)
  process.exit(1)
}
const { register } = await import('tsx/esm/api')
register()
await import(`./commands/${command}.ts`)
