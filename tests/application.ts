/**
 * The built application for tests: a cluster in a temporary folder, a database of one's own, a server on a free port.
 */
import { realpathSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { startServer, type RunningServer, type Secure } from '../scripts/application'
import { ensureBuild } from '../scripts/build/build'
import { freePort, openCluster } from '../scripts/database/cluster'
import { migrate } from '../scripts/database/migrate'

const root = realpathSync(dirname(dirname(fileURLToPath(import.meta.url))))
const quiet = () => {}

/** Draws of a forecast in a browser's tests: what is tested there is the page, not how sure a share is. */
export const SAMPLES = 200

export const FEWER = { NUXT_PUBLIC_SAMPLES: String(SAMPLES) }

/** Folder of the test run's cluster; the test command sets it, so that all suites share one. */
export const clusterFolder = (): string =>
  process.env.HUSH_TEST_CLUSTER ?? join(tmpdir(), `zealous-hush-test-${process.pid}`)

export interface Application {
  url: string
  databaseUrl: string
  /** ends the server at once, as a crash does */ kill: () => Promise<void>
  /** starts it again on the same database and port */ restart: () => Promise<void>
  /**
   * another server process on the same database; with a host beyond loopback, as open to the network as that makes it;
   * with a certificate, over https
   */
  another: (
    host?: string,
    environment?: Record<string, string>,
    secure?: Secure,
    port?: number,
  ) => Promise<RunningServer>
  close: () => Promise<void>
}

/** @param database name of its own; the demo data is loaded into it */
export async function openApplication(database: string): Promise<Application> {
  const entry = await ensureBuild(root, quiet)
  const cluster = await openCluster(clusterFolder(), quiet)
  const databaseUrl = cluster.url.replace(/\/[^/]*$/, `/${database}`)
  await migrate(root, databaseUrl, quiet)
  const port = await freePort()
  const start = () => startServer({ entry, databaseUrl, host: '127.0.0.1', port, quiet: true, environment: FEWER })
  let server = await start()
  const others: Awaited<ReturnType<typeof startServer>>[] = []
  return {
    url: server.url,
    databaseUrl,
    async kill() {
      server.child.kill('SIGKILL')
      await server.ended
    },
    async restart() {
      server = await start()
    },
    async another(host = '127.0.0.1', environment = {}, secure, asked = 0) {
      const port = asked || (await freePort())
      const second = await startServer({
        ...{ entry, databaseUrl, host, port, secure, quiet: true },
        environment: { ...FEWER, ...environment },
      })
      others.push(second)
      return second
    },
    async close() {
      await Promise.all(others.map(o => o.stop()))
      await server.stop()
      await cluster.close()
    },
  }
}
