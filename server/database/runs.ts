import type { RunDocument, StagingDocument } from '../../core'
import { pool, takeReceipt, transaction } from './pool'

export interface StoredRun {
  id: string
  stagingId: string
  stagingVersion: number
  title: string
  demonstration: string
  document: RunDocument
  /** the staging as it was when the run used it */
  staging: StagingDocument
}

const SELECT = `
  select r.id, r.staging_id as "stagingId", r.staging_version as "stagingVersion", s.title, s.demonstration, r.document, v.document as staging
  from run r
  join staging s on s.id = r.staging_id
  join staging_version v on v.staging_id = r.staging_id and v.version = r.staging_version`

export async function listRuns(): Promise<StoredRun[]> {
  const { rows } = await pool().query(`${SELECT} order by r.performed_at desc, r.id`)
  return rows
}

export async function findRun(id: string): Promise<StoredRun | undefined> {
  const { rows } = await pool().query(`${SELECT} where r.id = $1`, [id])
  return rows[0]
}

/** Logs a run; a retry with the same write id changes nothing. */
export async function addRun(id: string, writeId: string, stagingId: string, stagingVersion: number, document: RunDocument): Promise<StoredRun> {
  await transaction(async (client) => {
    if (!await takeReceipt(client, writeId)) return
    await client.query(
      'insert into run (id, staging_id, staging_version, performed_at, outcome, document) values ($1, $2, $3, $4, $5, $6)',
      [id, stagingId, stagingVersion, document.performedAt, document.outcome, document])
  })
  return (await findRun(id))!
}
