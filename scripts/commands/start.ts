/** `npm start`: starts the database, migrates, builds what changed, serves, looks after both, and stops cleanly. */
import { spawnSync } from 'node:child_process'
import { statfsSync } from 'node:fs'
import { createServer } from 'node:net'
import { join } from 'node:path'
import { setTimeout as sleep } from 'node:timers/promises'
import { createStream } from 'rotating-file-stream'
import { ensurePassphrase } from '../access/passphrase'
import { startServer, type RunningServer } from '../application'
import { keepBeforeUpgrade } from '../backup/before-upgrade'
import { ensureBuild } from '../build/build'
import { clusterFolder, freePort, openCluster, type Cluster } from '../database/cluster'
import { migrate } from '../database/migrate'
import { announce, type Announcement } from '../https/announce'
import { fingerprint } from '../https/certificate'
import { isHttpsAskedFor, secureWith, watchSecure } from '../https/secure'
import { lanAddresses } from '../../server/https/lan-addresses'
import { ANNOUNCED } from '../../server/https/names'
import { messageOf, root } from '../root'

const LOOPBACK = ['127.0.0.1', 'localhost', '::1']
/** The database is looked at so often, ms. */
const LOOK = 1000
/** And at the disk at every so manieth look; with less room than this it is said, MB. */
const [EVERY, LEAST_ROOM] = [30, 300]
/** At the addresses of this machine it looks so often, ms. */
const LOOK_AT_ADDRESS = 60_000
/** A server that ends by itself is started again, but not more often than this in a minute. */
const MOST_STARTS = 4
/** Begins without the demo data; a database that has it already keeps it. */
const EMPTY = process.argv.includes('--empty')
const say = (line: string) => console.log(line)
let cluster: Cluster | undefined
let server: RunningServer | undefined
let announcement: Announcement | undefined
let stopping = false

async function stop(code: number) {
  if (stopping) return
  stopping = true
  say('\nStopping…')
  announcement?.stop()
  await server?.stop()
  await cluster?.close()
  say('Stopped.')
  process.exit(code)
}

/** The port that was asked for, if any. @throws Error that names what is accepted */
function portAskedFor() {
  const asked = process.env.PORT
  if (!asked) return undefined
  const port = Number(asked)
  if (Number.isInteger(port) && port > 0 && port < 65536) return port
  throw new Error(`PORT: given "${asked}"; accepted: a whole number from 1 to 65535`)
}

/** ms in which another copy says that it is one, also on a machine that is busy with something else */
const PATIENCE = 6000

/** @throws Error that says by whom the port is taken */
async function ensureFree(host: string, port: number) {
  const code = await new Promise<string | undefined>(resolve => {
    const probe = createServer()
    probe.once('error', (error: NodeJS.ErrnoException) => resolve(error.code ?? 'taken'))
    probe.listen({ host, port, exclusive: true }, () => probe.close(() => resolve(undefined)))
  })
  if (code === undefined) return
  if (code !== 'EADDRINUSE') throw new Error(`HOST ${host}, PORT ${port}: can't be listened on (${code})`)
  const health = await fetch(`http://127.0.0.1:${port}/api/health`, { signal: AbortSignal.timeout(PATIENCE) })
    .then(answer => answer.json() as Promise<{ application?: string }>)
    .catch(() => undefined)
  const by = health?.application === 'zealous-hush' ? 'another copy of Zealous Hush' : 'another program'
  throw new Error(`PORT: ${port} is taken by ${by}; stop that, or choose another port`)
}

/** Says once that the disk is nearly full, and again when it has had room meanwhile. */
function watchDisk(folder: string) {
  let told = false
  return () => {
    const { bavail, bsize } = statfsSync(folder)
    const left = Math.round((bavail * bsize) / 2 ** 20)
    if (left < LEAST_ROOM && !told)
      console.error(
        `The disk is nearly full: ${left} MB are left where the data is. Nothing can be saved without room.`,
      )
    told = left < LEAST_ROOM
  }
}

/** Tells the service manager, where there is one, that people can come in. */
function tellReady(url: string) {
  if (process.env.NOTIFY_SOCKET) spawnSync('systemd-notify', ['--ready', `--status=Open at ${url}`])
}

/** Starts the database again whenever it dies. */
async function lookAfterDatabase(database: Cluster) {
  let told = ''
  const lookAtDisk = watchDisk(clusterFolder(root))
  for (let turn = 0; ; turn++) {
    await sleep(LOOK)
    if (stopping) return
    if (turn % EVERY === 0) lookAtDisk()
    try {
      if (await database.revive()) say('The database had ended; it runs again.')
      told = ''
    } catch (error) {
      const why = messageOf(error)
      if (why !== told) console.error(`The database has ended and does not start again: ${why}\nTrying on…`)
      told = why
    }
  }
}

/** Calls whenever the address that phones are told is another one. */
async function lookAfterAddress(changed: () => Promise<void>) {
  for (let [last] = lanAddresses(); !stopping;) {
    await sleep(LOOK_AT_ADDRESS, undefined, { ref: false })
    const [now] = lanAddresses()
    if (now === last) continue
    last = now
    await changed()
  }
}

/** Runs the server, again and again if it ends by itself, until it does so too often. */
async function serve(start: () => Promise<RunningServer>) {
  const starts: number[] = []
  for (;;) {
    starts.push(Date.now())
    server = await start()
    const { code, signal } = await server.ended
    if (stopping) return
    const lately = starts.filter(at => at > Date.now() - 60_000).length
    console.error(`The server ended by itself (${signal ?? code}).`)
    if (lately >= MOST_STARTS) return stop(1)
    say('Starting it again…')
  }
}

for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.on(signal, () => void stop(0))

try {
  const asked = portAskedFor()
  const host = process.env.HOST || '127.0.0.1'
  const https = isHttpsAskedFor()
  const entry = await ensureBuild(root, say)
  cluster = await openCluster(clusterFolder(root), say)
  const { url: databaseUrl, logs, hold } = cluster
  if (asked) await ensureFree(host, asked)
  const copy = await keepBeforeUpgrade(root, databaseUrl, join(clusterFolder(root), 'backups'), say)
  try {
    await migrate(root, databaseUrl, say, { demo: EMPTY ? 'never' : true })
  } catch (error) {
    if (!copy) throw error
    const why = `The upgrade failed: ${messageOf(error)}`
    throw new Error(`${why}\nNothing was changed; the earlier version still runs on it. A copy is in ${copy}`, {
      cause: error,
    })
  }
  const open = !LOOPBACK.includes(host)
  if (open || Number(process.env.HUSH_PROXY ?? 0) > 0) await ensurePassphrase(databaseUrl, say)
  const port = asked ?? (await freePort(4870))
  const log = createStream('server.log', { path: logs, size: '2M', maxFiles: 4 })
  log.on('error', error => console.error(`The log can't be written: ${error.message}`))
  void lookAfterDatabase(cluster)
  /** Makes the name known under the address that this machine has now. */
  async function announceHere() {
    announcement?.stop()
    const [address] = lanAddresses()
    announcement = open && address ? await announce(address) : undefined
    return announcement ? [ANNOUNCED] : []
  }
  const certificates = join(clusterFolder(root), 'certificates')
  const first = https ? await secureWith(certificates, host, say) : undefined
  let others = await announceHere()
  let secure = first && { ...first, names: [...first.names, ...others] }
  if (first)
    void watchSecure(certificates, host, say, first, async next => {
      others = await announceHere()
      secure = { ...next, names: [...next.names, ...others] }
      await server?.renew(secure)
    })
  else if (open) void lookAfterAddress(async () => void (others = await announceHere()))
  await serve(async () => {
    const reached: Record<string, string> = open ? { HUSH_REACHED: JSON.stringify({ others, port }) } : {}
    const environment = { ...reached, HUSH_ROOM_OF: clusterFolder(root) }
    const running = await startServer({ entry, databaseUrl, host, port, log, secure, environment })
    hold(running.child.pid!)
    say(`Zealous Hush is open at ${running.url}  (Ctrl-C stops it)`)
    if (secure?.authority)
      say(
        `How a phone comes to trust it: ${running.url.replace('https', 'http')}/trust\n` +
          `  fingerprint to compare there: ${fingerprint(secure.authority)}`,
      )
    tellReady(running.url)
    if (others.length > 0) say(`In this network also as ${https ? 'https' : 'http'}://${ANNOUNCED}:${port}`)
    return running
  })
} catch (error) {
  if (!stopping) {
    stopping = true
    const full = (error as NodeJS.ErrnoException).code === 'ENOSPC'
    console.error(
      full ? `The disk is full: ${messageOf(error)}. Nothing is lost; make room and start again.` : messageOf(error),
    )
    await server?.stop()
    await cluster?.close().catch(() => {})
    process.exit(1)
  }
}
