/**
 * One command: installs what is missing, starts the database, migrates, builds what changed, serves, and stops
 * cleanly.
 */
import { dirname } from 'node:path'
import { realpathSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { ensureDebianPackages } from './install/debian-packages.mjs'
import { ensureNodePackages } from './install/node-packages.mjs'

const root = realpathSync(dirname(dirname(fileURLToPath(import.meta.url))))
const say = line => console.log(line)
let cluster
let server
let stopping = false

async function stop(code) {
  if (stopping) return
  stopping = true
  say('\nStopping…')
  await server?.stop()
  await cluster?.close()
  say('Stopped.')
  process.exit(code)
}

process.on('SIGINT', () => stop(0))
process.on('SIGTERM', () => stop(0))
process.on('SIGHUP', () => stop(0))

try {
  ensureDebianPackages(['postgresql'], say)
  await ensureNodePackages(root, say)
  const { ensureBuild } = await import('./build/build.mjs')
  const { clusterFolder, freePort, openCluster } = await import('./database/cluster.mjs')
  const { migrate } = await import('./database/migrate.mjs')
  const { ensurePassphrase } = await import('./access/passphrase.mjs')
  const { startServer } = await import('./application.mjs')
  const entry = await ensureBuild(root, say)
  cluster = await openCluster(clusterFolder(root), say)
  await migrate(root, cluster.url, say)
  const host = process.env.HOST || '127.0.0.1'
  const asked = process.env.PORT
  if (asked && !(Number.isInteger(Number(asked)) && Number(asked) > 0 && Number(asked) < 65536)) {
    throw new Error(`PORT: given "${asked}"; accepted: a whole number from 1 to 65535`)
  }
  if (!['127.0.0.1', 'localhost', '::1'].includes(host)) await ensurePassphrase(cluster.url, say)
  const port = asked ? Number(asked) : await freePort(4870)
  server = await startServer({ entry, databaseUrl: cluster.url, host, port })
  say(`Zealous Hush is open at ${server.url}  (Ctrl-C stops it)`)
  const { code, signal } = await server.ended
  if (!stopping) {
    console.error(`The server ended by itself (${signal ?? code}).`)
    await stop(1)
  }
} catch (error) {
  if (!stopping) {
    console.error(error.message)
    await server?.stop()
    await cluster?.close()
    process.exit(1)
  }
}
