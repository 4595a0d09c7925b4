import type { PoolClient } from 'pg'
import type { ListedStaging, StagingDocument, StoredStaging } from '../../core'
import { pool, takeReceipt, transaction } from './pool'
import { here } from './put-away'
import { saveIfUnchanged, type Write } from './saving'

const CURRENT = `
  select s.id, s.version, v.document, s.updated_at as "updatedAt", v.saved_by as by, s.begun
  from staging s join staging_version v on v.staging_id = s.id and v.version = s.version`

/** @param also id of one that is listed although it was only begun, since it is asked for */
export async function listStagings(also?: string): Promise<ListedStaging[]> {
  const { rows } = await pool().query<ListedStaging>(
    `
    select c.*, (select count(*)::int from run r where r.staging_id = c.id and ${here('r')}) as runs,
      a.away is not null as archived, a.made_by as "madeBy"
    from (${CURRENT}) c join staging a on a.id = c.id where ${here('a')} and (not a.begun or a.id = $1)
    order by c."updatedAt" desc, c.id`,
    [also ?? null],
  )
  return rows
}

export async function findStaging(
  id: string,
  client: Pick<PoolClient, 'query'> = pool(),
): Promise<StoredStaging | undefined> {
  const { rows } = await client.query<StoredStaging>(`${CURRENT} where s.id = $1 and ${here('s')}`, [id])
  return rows[0]
}

export async function findStagingVersion(id: string, version: number): Promise<StagingDocument | undefined> {
  const { rows } = await pool().query<{ document: StagingDocument }>(
    'select document from staging_version where staging_id = $1 and version = $2',
    [id, version],
  )
  return rows[0]?.document
}

/**
 * Adds a staging; a retry with the same write id changes nothing.
 *
 * @param who a person's id
 * @param begun nothing of it was changed yet: see `keepStagings`
 */
export async function addStaging(
  id: string,
  writeId: string,
  document: StagingDocument,
  who: string | null,
  begun = false,
): Promise<StoredStaging> {
  return transaction(async client => {
    if (await takeReceipt(client, writeId, [id, document])) {
      await client.query('insert into staging (id, demonstration, title, made_by, begun) values ($1, $2, $3, $4, $5)', [
        id,
        document.demonstration,
        document.title,
        who,
        begun,
      ])
      await client.query(
        'insert into staging_version (staging_id, version, document, saved_by) values ($1, 1, $2, $3)',
        [id, document, who],
      )
    }
    return (await findStaging(id, client))!
  })
}

/** Saves the next version; see `saveIfUnchanged`. */
export const saveStaging = (id: string, write: Write, document: StagingDocument, who: string | null) =>
  saveIfUnchanged<StoredStaging>(
    write,
    document,
    async client => {
      const { rowCount } = await client.query(`select 1 from staging s where id = $1 and ${here('s')} for update`, [id])
      return rowCount ? findStaging(id, client) : undefined
    },
    async (client, before) => {
      const version = before.version + 1
      await client.query(
        'insert into staging_version (staging_id, version, document, saved_by) values ($1, $2, $3, $4)',
        [id, version, document, who],
      )
      await client.query(
        'update staging set version = $2, title = $3, updated_at = now(), begun = false where id = $1',
        [id, version, document.title],
      )
      return (await findStaging(id, client))!
    },
  )

/** Stagings that were only begun are somebody's from now on: changed, shown or logged. */
export async function keepStagings(ids: readonly string[], client: Pick<PoolClient, 'query'> = pool()): Promise<void> {
  await client.query('update staging set begun = false where begun and id = any($1::uuid[])', [ids])
}

/** Long enough for a page that was left open over the holidays. */
const BEGUN_DAYS = 30

/** Forgets what was begun long ago and never kept. @returns how many */
export const pruneBegun = (): Promise<number> =>
  transaction(async client => {
    const { rows } = await client.query<{ id: string }>(
      `select id from staging where begun and updated_at < now() - make_interval(days => $1) for update skip locked`,
      [BEGUN_DAYS],
    )
    const ids = rows.map(r => r.id)
    await client.query('delete from staging_version where staging_id = any($1::uuid[])', [ids])
    await client.query('delete from staging where id = any($1::uuid[])', [ids])
    return ids.length
  })
