/** A copy of the application for the campaign: its own cluster, servers that can be killed, requests that are timed. */
import { readFileSync, rmSync } from 'node:fs'
import { randomUUID } from 'node:crypto'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { startServer, type RunningServer } from '../application'
import { ensureBuild } from '../build/build'
import { freePort, openCluster, type Cluster } from '../database/cluster'
import { migrate } from '../database/migrate'
import { root, type Say } from '../root'

/** One figure, with what it must keep to. */
export interface Figure {
  part: string
  measure: string
  value: number
  unit: string
  /** at most */ limit: number
}

export interface Answer {
  status: number
  /** ms */ took: number
  body: unknown
}

export class Stage {
  private constructor(
    private readonly folder: string,
    readonly cluster: Cluster,
    private readonly entry: string,
    private readonly port: number,
    private server: RunningServer,
  ) {}

  static async open(say: Say): Promise<Stage> {
    // A cluster of root's belongs to another user, who must be able to enter its folder.
    const folder = join(tmpdir(), `zealous-hush-campaign-${process.pid}`)
    const entry = await ensureBuild(root, say)
    const cluster = await openCluster(folder, say)
    await migrate(root, cluster.url, say)
    const port = await freePort()
    const start = { entry, databaseUrl: cluster.url, host: '127.0.0.1', port, quiet: true }
    return new Stage(folder, cluster, entry, port, await startServer(start))
  }

  get url(): string {
    return this.server.url
  }

  /** MB that the server holds. */
  memory(): number {
    return residentOf(this.server.child.pid!)
  }

  /** Ends the server as a crash does, and starts it again. */
  async killServer(): Promise<void> {
    this.server.child.kill('SIGKILL')
    await this.server.ended
    const start = { entry: this.entry, databaseUrl: this.cluster.url, host: '127.0.0.1', port: this.port, quiet: true }
    this.server = await startServer(start)
  }

  /** Ends the database as a crash does, and starts it again. */
  async killDatabase(): Promise<void> {
    process.kill(postmasterOf(this.folder), 'SIGKILL')
    while (!(await this.cluster.revive())) await new Promise(resolve => setTimeout(resolve, 50))
  }

  async send(method: string, path: string, body?: unknown, headers: Record<string, string> = {}): Promise<Answer> {
    const start = performance.now()
    const response = await fetch(this.url + path, {
      method,
      headers: { 'content-type': 'application/json', ...headers },
      ...(body !== undefined && { body: typeof body === 'string' ? body : JSON.stringify(body) }),
      signal: AbortSignal.timeout(30_000),
    })
    const text = await response.text()
    const took = performance.now() - start
    return { status: response.status, took, body: /^[[{]/.test(text) ? JSON.parse(text) : text }
  }

  /** Begins a show of one act. */
  async beginShow(): Promise<string> {
    const staging = { demonstration: 'can-plunge', title: 'Campaign', inputs: {} }
    const stagingId = randomUUID()
    await this.send('POST', '/api/stagings', { id: stagingId, writeId: randomUUID(), document: staging })
    const id = randomUUID()
    const stored = (await this.send('GET', `/api/stagings/${stagingId}`)).body as { document: unknown }
    const act = { id: 'can', run: randomUUID(), stagingId, stagingVersion: 1, staging: stored.document }
    const document = { title: 'Campaign', acts: [act] }
    const { status, body } = await this.send('POST', '/api/live', { id, writeId: randomUUID(), document })
    if (status !== 200) throw new Error(`no show could be begun: ${JSON.stringify(body)}`)
    return id
  }

  async close(): Promise<void> {
    await this.server.stop()
    await this.cluster.close()
    rmSync(this.folder, { recursive: true, force: true })
  }
}

const postmasterOf = (folder: string): number =>
  Number(readFileSync(join(folder, 'data', 'postmaster.pid'), 'utf8').split('\n', 1)[0])

function residentOf(pid: number): number {
  const [, kilobytes] = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8')) ?? []
  return Number(kilobytes) / 1024
}

/** The value that so many of a hundred stay below. */
export function percentile(values: readonly number[], hundred: number): number {
  const sorted = [...values].sort((a, b) => a - b)
  return sorted[Math.min(sorted.length - 1, Math.floor((hundred / 100) * sorted.length))] ?? NaN
}

export const mark = (kind: string, at = Date.now()) => ({ id: randomUUID(), act: 'can', kind, at })
