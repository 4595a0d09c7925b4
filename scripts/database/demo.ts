/** The made-up scenario that a new database begins with. */
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import type { ClientBase } from 'pg'
import type {
  RoomDocument,
  RunDocument,
  RunningOrderDocument,
  ShelfItemDocument,
  StagingDocument,
} from '../../core/formats'
import type { Say } from '../root'

/** The files of `db/demo/`. An act of an order there names its staging; the document carries the staging itself. */
interface DemoFiles {
  'room': RoomDocument
  'shelf': { id: string; document: ShelfItemDocument }[]
  'stagings': { id: string; savedAt: string; versions: StagingDocument[] }[]
  'runs': { id: string; stagingId: string; stagingVersion: number; document: RunDocument }[]
  'running-orders': {
    id: string
    document: Omit<RunningOrderDocument, 'acts'> & { acts: (RunningOrderDocument['acts'][number] & { from: string })[] }
  }[]
}

/** From now on it is not loaded into this database any more. */
export const leaveDemoOut = (client: ClientBase) =>
  client.query('insert into loaded (name) values ($1) on conflict do nothing', ['demo'])

/** Loads it into a database that has never had it. @param root of the clone @param client within a transaction */
export async function loadDemo(root: string, client: ClientBase, say: Say) {
  const { rowCount } = await leaveDemoOut(client)
  if (!rowCount) return
  say('Loading the demo data…')
  const read = <N extends keyof DemoFiles>(name: N): DemoFiles[N] =>
    JSON.parse(readFileSync(join(root, 'db', 'demo', `${name}.json`), 'utf8'))
  await client.query('insert into room (document) values ($1) on conflict do nothing', [read('room')])
  for (const { id, document } of read('shelf')) {
    await client.query('insert into shelf_item (id, kind, name, document) values ($1, $2, $3, $4)', [
      id,
      document.kind,
      document.name,
      document,
    ])
  }
  const current = new Map<string, StagingDocument>()
  for (const { id, savedAt, versions } of read('stagings')) {
    const last = versions.at(-1)
    if (!last) throw new Error(`db/demo/stagings.json: ${id} has no version`)
    current.set(id, last)
    await client.query(
      'insert into staging (id, demonstration, title, version, updated_at) values ($1, $2, $3, $4, $5)',
      [id, last.demonstration, last.title, versions.length, savedAt],
    )
    for (const [index, document] of versions.entries()) {
      await client.query(
        'insert into staging_version (staging_id, version, document, saved_at) values ($1, $2, $3, $4)',
        [id, index + 1, document, savedAt],
      )
    }
  }
  for (const { id, stagingId, stagingVersion, document } of read('runs')) {
    await client.query(
      `insert into run (id, staging_id, staging_version, performed_at, outcome, document)
        values ($1, $2, $3, $4, $5, $6)`,
      [id, stagingId, stagingVersion, document.performedAt, document.outcome, document],
    )
  }
  for (const { id, document } of read('running-orders')) {
    const whole = { ...document, acts: document.acts.map(act => ({ ...act, staging: current.get(act.from) })) }
    await client.query('insert into running_order (id, title, starts, document) values ($1, $2, $3, $4)', [
      id,
      whole.title,
      whole.start,
      whole,
    ])
  }
}
