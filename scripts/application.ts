/** The built application as a child process, with its database. */
import { spawn, type ChildProcess } from 'node:child_process'
import type { Writable } from 'node:stream'
import { setTimeout as sleep } from 'node:timers/promises'
import { unprivileged } from './build/unprivileged'
import { freePort } from './database/cluster'
import type { Shown } from './https/certificate'

export interface ServerOptions {
  /** file of the built server */ entry: string
  databaseUrl: string
  host: string
  port: number
  /** leaves out what it prints */ quiet?: boolean
  /** where else what it prints goes */ log?: Writable
  /** besides this process's own */ environment?: Record<string, string>
  /** serves https on host and port with it, and redirects plain http */ secure?: Secure
}

/** With what a server speaks https. */
export interface Secure extends Shown {
  /** names and addresses for other devices, the best for a phone first */ names: string[]
}

export interface Ended {
  code: number | null
  signal: NodeJS.Signals | null
}

export interface RunningServer {
  url: string
  child: ChildProcess
  ended: Promise<Ended>
  /** shows another certificate, without ending a connection */ renew: (secure: Secure) => Promise<void>
  stop: () => Promise<void>
}

/** Characters of what it printed that are told where it fails to start. */
const LAST_WORDS = 4000

/** Tells the server where and with which certificate to speak https. @throws Error where it can't */
function show(child: ChildProcess, front: Secure & { host: string; port: number }): Promise<void> {
  return new Promise((resolve, reject) => {
    child.once('message', (answer: { front?: string; why?: string }) =>
      answer.front === 'open' ? resolve() : reject(new Error(`https: ${answer.why}`)),
    )
    child.send(front, error => error && reject(error))
  })
}

const inUrl = (host: string) => (host.includes(':') ? `[${host}]` : host)

/** Starts the server and waits until it answers. @throws Error with what it printed, where it ends or stays silent */
export async function startServer({
  entry,
  databaseUrl,
  host,
  port,
  quiet = false,
  log,
  environment = {},
  secure,
}: ServerOptions): Promise<RunningServer> {
  const program = await unprivileged(entry, quiet ? () => {} : line => console.log(line))
  // Behind the port for https the server itself is this machine's own affair.
  const own = secure ? { host: '127.0.0.1', port: await freePort() } : { host, port }
  const child = spawn(process.execPath, [program.entry], {
    cwd: '/',
    ...program.user,
    detached: true, // so that Ctrl-C reaches this process first, which then stops things in order
    stdio: ['ignore', quiet ? 'ignore' : 'pipe', quiet ? 'ignore' : 'pipe', ...(secure ? ['ipc' as const] : [])],
    env: {
      ...process.env,
      ...environment,
      NODE_ENV: 'production',
      HUSH_DATABASE_URL: databaseUrl,
      NITRO_HOST: own.host,
      HOST: own.host,
      NITRO_PORT: String(own.port),
      PORT: String(own.port),
      ...(secure && { HUSH_HTTPS: '1', HUSH_HOST: host }),
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
  const reach = own.host === '0.0.0.0' ? '127.0.0.1' : inUrl(own.host === '::' ? '::1' : own.host)
  const plain = `http://${reach}:${own.port}`
  for (let waited = 0; ; waited += 100) {
    if (exit) throw new Error(`the server ended at once (${exit.signal ?? exit.code}):\n${output}`)
    try {
      const response = await fetch(`${plain}/api/health`)
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
  async function stop() {
    if (exit) return
    child.kill('SIGTERM')
    await Promise.race([ended, sleep(4000)])
    if (!exit) child.kill('SIGKILL')
    await ended
  }
  const renew = (next: Secure) => show(child, { ...next, host, port })
  if (secure)
    try {
      await Promise.race([renew(secure), ended.then(() => Promise.reject(new Error(`the server ended:\n${output}`)))])
    } catch (error) {
      await stop()
      throw error
    }
  started = true
  return { url: secure ? `https://${inUrl(secure.names[0] ?? '127.0.0.1')}:${port}` : plain, child, ended, renew, stop }
}
