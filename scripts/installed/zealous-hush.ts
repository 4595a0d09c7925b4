/** `zealous-hush`, as it is on PATH where it is installed: the service and its data, for who keeps it. */
import { spawnSync } from 'node:child_process'
import { cpSync, existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { parseEnv } from 'node:util'
import { messageOf, root } from '../root'

const SERVICE = 'zealous-hush'
const STATE = '/var/lib/zealous-hush/service'
const SETTINGS = '/etc/zealous-hush/zealous-hush.env'

/** What each does, in the words of its help. */
const OF_SERVICE = ['start', 'stop', 'restart', 'status'] as const
const COMMANDS: Readonly<Record<string, { words: string; takes?: 'file to write' | 'file' | 'folder' }>> = {
  'passphrase': { words: 'sets the passphrase; everybody signs in again' },
  'backup': { words: 'FILE: everything in one file', takes: 'file to write' },
  'restore': { words: 'FILE: takes a backup in; nothing comes twice', takes: 'file' },
  'import': { words: 'FOLDER: takes in every document of a folder', takes: 'folder' },
  'certificate': { words: 'with what it speaks https, and the fingerprint to compare' },
  'keep-backup': { words: "the day's backup now, beside the data" },
}

const help = () =>
  [
    'zealous-hush COMMAND',
    ...OF_SERVICE.map(name => `  ${name.padEnd(12)} the service`),
    ...Object.entries(COMMANDS).map(([name, { words }]) => `  ${name.padEnd(12)} ${words}`),
  ].join('\n')

/** Runs a program in the terminal. @returns its exit code */
function run(program: string, args: string[], environment: NodeJS.ProcessEnv = process.env): number {
  const { status, error } = spawnSync(program, args, { stdio: 'inherit', env: environment })
  if (error) throw error
  return status ?? 1
}

/** The settings of the service, so that a command sees what the service sees. */
function settings(): NodeJS.ProcessEnv {
  const given = existsSync(SETTINGS) ? parseEnv(readFileSync(SETTINGS, 'utf8')) : {}
  return { ...process.env, ...given, HUSH_DATA: join(STATE, 'data') }
}

/**
 * Runs a command as the service's own user, whom the data belongs to. Files of whoever called are handed over: that
 * user may neither read nor write where they are.
 */
function asService(name: string, given: string[]): number {
  const { takes } = COMMANDS[name] ?? {}
  if (given.length !== (takes ? 1 : 0))
    throw new Error(`${name}: given ${given.length} names; accepted: ${takes ? `one ${takes}` : 'none'}`)
  const [path] = given.map(one => resolve(one))
  if (path && takes === 'file to write' && existsSync(path))
    throw new Error(`file: "${path}" is there already; accepted: a name that is not taken`)
  if (path && takes !== 'file to write' && !existsSync(path)) throw new Error(`${takes}: there is no "${path}"`)
  const handover = mkdtempSync(join(STATE, 'handover-'))
  try {
    const there = path ? join(handover, takes === 'file to write' ? 'backup.jsonl.gz' : 'given') : undefined
    if (path && there && takes !== 'file to write') cpSync(path, there, { recursive: true })
    run('chown', ['-R', `${SERVICE}:`, handover])
    // Its name tells whether it is packed.
    const named = there && takes === 'file to write' && !path.endsWith('.gz') ? there.replace(/\.gz$/, '') : there
    const command = join(root, 'commands', `${name}.mjs`)
    const code = run('runuser', ['-u', SERVICE, '--', process.execPath, command, ...(named ? [named] : [])], settings())
    if (code === 0 && path && named && takes === 'file to write') {
      cpSync(named, path)
      console.log(`It is in ${path}.`)
    }
    return code
  } finally {
    rmSync(handover, { recursive: true, force: true })
  }
}

const [name = '', ...rest] = process.argv.slice(2)
try {
  if (['', 'help', '--help', '-h'].includes(name)) console.log(help())
  else if (process.getuid?.() !== 0 && name !== 'status') throw new Error(`Only root may: sudo zealous-hush ${name}`)
  else if (OF_SERVICE.some(known => known === name)) process.exitCode = run('systemctl', [name, '--no-pager', SERVICE])
  else if (COMMANDS[name]) process.exitCode = asService(name, rest)
  else throw new Error(`command: given "${name}"; accepted: ${[...OF_SERVICE, ...Object.keys(COMMANDS)].join(', ')}`)
} catch (error) {
  console.error(messageOf(error))
  process.exitCode = 2
}
