/** Documents of which there is one: the room, the school. */
import type { PoolClient } from 'pg'
import { pool } from './pool'
import { saveIfUnchanged, type Saved, type Write } from './saving'

export interface Single<D> {
  version: number
  document: D
}

/** @param table with one row at most @param first what holds before there is one */
export function singleDocument<D>(table: 'room' | 'school', first: D) {
  async function current(client: Pick<PoolClient, 'query'> = pool()): Promise<Single<D>> {
    const { rows } = await client.query<Single<D>>(`select version, document from ${table}`)
    return rows[0] ?? { version: 0, document: first }
  }
  /** Changes it; see `saveIfUnchanged`. */
  const save = (write: Write, document: D): Promise<Saved<Single<D>> | undefined> =>
    saveIfUnchanged<Single<D>>(
      write,
      document,
      async client => {
        await client.query(`lock table ${table} in share row exclusive mode`)
        return current(client)
      },
      async client =>
        (
          await client.query<Single<D>>(
            `insert into ${table} (version, document) values (1, $1)
             on conflict (single) do update
             set version = ${table}.version + 1, document = excluded.document, updated_at = now()
             returning version, document`,
            [document],
          )
        ).rows[0],
    )
  return { current, save }
}
