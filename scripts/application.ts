/** The built application as a child process, with its database. */
import { spawn, type ChildProcess } from 'node:child_process'
import type { Writable } from 'node:stream'
import { setTimeout as sleep } from 'node:timers/promises'
import { unprivileged } from './build/unprivileged'

export interface ServerOptions {
  /** file of the built server */ entry: string
  databaseUrl: string
  host: string
  port: number
  /** leaves out what it prints */ quiet?: boolean
  /** where else what it prints goes */ log?: Writable
  /** besides this process's own */ environment?: Record<string, string>
}

export interface Ended {
  code: number | null
  signal: NodeJS.Signals | null
}

export interface RunningServer {
  url: string
  child: ChildProcess
  ended: Promise<Ended>
  stop: () => Promise<void>
}

/** Characters of what it printed that are told where it fails to start. */
const LAST_WORDS = 4000

/** Starts the server and waits until it answers. @throws Error with what it printed, where it ends or stays silent */
export async function startServer({
  entry,
  databaseUrl,
  host,
  port,
  quiet = false,
  log,
  environment = {},
}: ServerOptions): Promise<RunningServer> {
  const program = await unprivileged(entry, quiet ? () => {} : line => console.log(line))
  const child = spawn(process.execPath, [program.entry], {
    cwd: '/',
    ...program.user,
    detached: true, // so that Ctrl-C reaches this process first, which then stops things in order
    stdio: ['ignore', quiet ? 'ignore' : 'pipe', quiet ? 'ignore' : 'pipe'],
    env: {
      ...process.env,
      ...environment,
      NODE_ENV: 'production',
      HUSH_DATABASE_URL: databaseUrl,
      NITRO_HOST: host,
      HOST: host,
      NITRO_PORT: String(port),
      PORT: String(port),
      NITRO_SHUTDOWN_TIMEOUT: '2000',
    },
  })
  // Only its last words are kept here, for the case that it ends at once.
  let output = ''
  for (const stream of [child.stdout, child.stderr])
    stream?.on('data', (text: Buffer) => {
      output = (output + text.toString()).slice(-LAST_WORDS)
      if (started && !quiet) process.stderr.write(text)
      log?.write(text)
    })
  let started = false
  const ended = new Promise<Ended>(resolve => child.once('exit', (code, signal) => resolve({ code, signal })))
  let exit: Ended | undefined
  void ended.then(result => {
    exit = result
  })
  const reach = host === '0.0.0.0' ? '127.0.0.1' : host.includes(':') ? `[${host === '::' ? '::1' : host}]` : host
  const url = `http://${reach}:${port}`
  for (let waited = 0; ; waited += 100) {
    if (exit) throw new Error(`the server ended at once (${exit.signal ?? exit.code}):\n${output}`)
    try {
      const response = await fetch(`${url}/api/health`)
      if (response.ok) break
    } catch {
      /* not yet */
    }
    if (waited > 60_000) {
      child.kill('SIGKILL')
      throw new Error(`the server did not answer within a minute:\n${output}`)
    }
    await sleep(100)
  }
  started = true
  return {
    url,
    child,
    ended,
    async stop() {
      if (exit) return
      child.kill('SIGTERM')
      await Promise.race([ended, sleep(4000)])
      if (!exit) child.kill('SIGKILL')
      await ended
    },
  }
}
