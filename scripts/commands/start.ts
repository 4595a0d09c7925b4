/** `npm start`: starts the database, migrates, builds what changed, serves, and stops cleanly. */
import { ensurePassphrase } from '../access/passphrase'
import { startServer, type RunningServer } from '../application'
import { ensureBuild } from '../build/build'
import { clusterFolder, freePort, openCluster, type Cluster } from '../database/cluster'
import { migrate } from '../database/migrate'
import { messageOf, root } from '../root'

const LOOPBACK = ['127.0.0.1', 'localhost', '::1']
const say = (line: string) => console.log(line)
let cluster: Cluster | undefined
let server: RunningServer | undefined
let stopping = false

async function stop(code: number) {
  if (stopping) return
  stopping = true
  say('\nStopping…')
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

for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.on(signal, () => void stop(0))

try {
  const asked = portAskedFor()
  const entry = await ensureBuild(root, say)
  cluster = await openCluster(clusterFolder(root), say)
  await migrate(root, cluster.url, say)
  const host = process.env.HOST || '127.0.0.1'
  if (!LOOPBACK.includes(host)) await ensurePassphrase(cluster.url, say)
  const port = asked ?? (await freePort(4870))
  server = await startServer({ entry, databaseUrl: cluster.url, host, port })
  say(`Zealous Hush is open at ${server.url}  (Ctrl-C stops it)`)
  const { code, signal } = await server.ended
  if (!stopping) {
    console.error(`The server ended by itself (${signal ?? code}).`)
    await stop(1)
  }
} catch (error) {
  if (!stopping) {
    console.error(messageOf(error))
    await server?.stop()
    await cluster?.close()
    process.exit(1)
  }
}
