import { createHash } from 'node:crypto'
import type pg from 'pg'
import type { LoggedRun, RunDocument, StagingDocument, StoredRun } from '../../core'
import type { Photo } from '../http/photo'
import { pool, takeReceipt, transaction } from './pool'

const FROM = `
  from run r
  join staging s on s.id = r.staging_id
  join staging_version v on v.staging_id = r.staging_id and v.version = r.staging_version`
const COLUMNS = `r.id, r.staging_id as "stagingId", r.staging_version as "stagingVersion", s.title, s.demonstration,
  v.document as staging,
  (select to_char(updated_at, 'YYYYMMDDHH24MISSUS') from run_photo where run_id = r.id) as photo`

/** All runs, newest first; without readings, which only a run's own page needs. */
export async function listRuns(): Promise<StoredRun[]> {
  const { rows } = await pool().query<StoredRun>(
    `select ${COLUMNS}, r.document - 'readings' as document ${FROM} order by r.performed_at desc, r.id`,
  )
  return rows
}

/** The same, readings and all, for a file. */
export async function exportRuns(): Promise<StoredRun[]> {
  const { rows } = await pool().query<StoredRun>(`select ${COLUMNS}, r.document ${FROM} order by r.performed_at, r.id`)
  return rows
}

export async function findRun(id: string): Promise<StoredRun | undefined> {
  const { rows } = await pool().query<StoredRun>(`select ${COLUMNS}, r.document ${FROM} where r.id = $1`, [id])
  return rows[0]
}

const insertRun = (
  client: pg.PoolClient,
  id: string,
  stagingId: string,
  stagingVersion: number,
  document: RunDocument,
) =>
  client.query(
    'insert into run (id, staging_id, staging_version, performed_at, outcome, document) values ($1, ' +
      '$2, $3, $4, $5, $6)',
    [id, stagingId, stagingVersion, document.performedAt, document.outcome, document],
  )

/** Logs a run; a retry with the same write id changes nothing. */
export async function addRun(
  id: string,
  writeId: string,
  stagingId: string,
  stagingVersion: number,
  document: RunDocument,
): Promise<StoredRun> {
  await transaction(async client => {
    if (await takeReceipt(client, writeId, [id, stagingId, stagingVersion, document]))
      await insertRun(client, id, stagingId, stagingVersion, document)
  })
  return (await findRun(id))!
}

/** Equal stagings of a file share one record: its id follows from what it says. */
function stagingIdFor(staging: StagingDocument): string {
  const hex = createHash('sha256').update(JSON.stringify(staging)).digest('hex')
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20, 32)}`
}

/** Adds runs, and those of their stagings that are not here in the very same words. @returns how many were new */
export async function importRuns(runs: readonly LoggedRun[], writeId: string): Promise<{ added: number }> {
  return transaction(async client => {
    const { rowCount: before } = await client.query('select 1 from run where id = any($1::uuid[])', [
      runs.map(r => r.id),
    ])
    if (!(await takeReceipt(client, writeId, runs))) return { added: 0 }
    for (const { id, stagingId, stagingVersion, staging, document } of runs) {
      const { rowCount: known } = await client.query('select 1 from run where id = $1', [id])
      if (known) continue
      const { rowCount: same } = await client.query(
        'select 1 from staging_version where staging_id = $1 and version = $2 and document = $3',
        [stagingId, stagingVersion, staging],
      )
      if (same) {
        await insertRun(client, id, stagingId!, stagingVersion!, document)
        continue
      }
      const own = stagingIdFor(staging)
      await client.query('insert into staging (id, demonstration, title) values ($1, $2, $3) on conflict do nothing', [
        own,
        staging.demonstration,
        staging.title,
      ])
      await client.query(
        'insert into staging_version (staging_id, version, document) values ($1, 1, $2) on conflict do nothing',
        [own, staging],
      )
      await insertRun(client, id, own, 1, document)
    }
    return { added: runs.length - (before ?? 0) }
  })
}

export async function readRunPhoto(id: string): Promise<Photo | undefined> {
  const { rows } = await pool().query<Photo>('select type, bytes from run_photo where run_id = $1', [id])
  return rows[0]
}

/** Sets or, with no photo, removes it. */
export async function saveRunPhoto(id: string, photo: Photo | undefined): Promise<void> {
  if (!photo) await pool().query('delete from run_photo where run_id = $1', [id])
  else {
    await pool().query(
      'insert into run_photo (run_id, type, bytes) values ($1, $2, $3) on conflict (run_id) do update ' +
        'set type = excluded.type, bytes = excluded.bytes, updated_at = now()',
      [id, photo.type, photo.bytes],
    )
  }
}
