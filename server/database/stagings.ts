import type { PoolClient } from 'pg'
import type { StagingDocument } from '../../core'
import { pool, takeReceipt, transaction } from './pool'

export interface StoredStaging {
  id: string
  version: number
  document: StagingDocument
  updatedAt: string
}

const CURRENT = `
  select s.id, s.version, v.document, s.updated_at as "updatedAt"
  from staging s join staging_version v on v.staging_id = s.id and v.version = s.version`

export async function listStagings(): Promise<(StoredStaging & { runs: number })[]> {
  const { rows } = await pool().query(`
    select c.*, (select count(*)::int from run r where r.staging_id = c.id) as runs
    from (${CURRENT}) c order by c."updatedAt" desc, c.id`)
  return rows
}

export async function findStaging(
  id: string,
  client: Pick<PoolClient, 'query'> = pool(),
): Promise<StoredStaging | undefined> {
  const { rows } = await client.query(`${CURRENT} where s.id = $1`, [id])
  return rows[0]
}

export async function findStagingVersion(id: string, version: number): Promise<StagingDocument | undefined> {
  const { rows } = await pool().query('select document from staging_version where staging_id = $1 and version = $2', [
    id,
    version,
  ])
  return rows[0]?.document
}

/** Adds a staging; a retry with the same write id changes nothing. */
export async function addStaging(id: string, writeId: string, document: StagingDocument): Promise<StoredStaging> {
  return transaction(async client => {
    if (await takeReceipt(client, writeId)) {
      await client.query('insert into staging (id, demonstration, title) values ($1, $2, $3)', [
        id,
        document.demonstration,
        document.title,
      ])
      await client.query('insert into staging_version (staging_id, version, document) values ($1, 1, $2)', [
        id,
        document,
      ])
    }
    return (await findStaging(id, client))!
  })
}

/**
 * Saves the next version.
 * @returns the stored staging, and `saved: false` with the newer one if somebody saved since `baseVersion`
 */
export async function saveStaging(
  id: string,
  writeId: string,
  baseVersion: number,
  document: StagingDocument,
): Promise<{ saved: boolean; staging: StoredStaging } | undefined> {
  return transaction(async client => {
    const { rows } = await client.query('select version from staging where id = $1 for update', [id])
    if (rows.length === 0) return undefined
    const { rowCount: done } = await client.query('select 1 from write_receipt where id = $1', [writeId])
    if (done) return { saved: true, staging: (await findStaging(id, client))! }
    if (rows[0].version !== baseVersion) return { saved: false, staging: (await findStaging(id, client))! }
    await takeReceipt(client, writeId)
    const version = baseVersion + 1
    await client.query('insert into staging_version (staging_id, version, document) values ($1, $2, $3)', [
      id,
      version,
      document,
    ])
    await client.query('update staging set version = $2, title = $3, updated_at = now() where id = $1', [
      id,
      version,
      document.title,
    ])
    return { saved: true, staging: (await findStaging(id, client))! }
  })
}
