/** What is archived or deleted. It stays in its table, so that a mistake can be taken back. */
import type { Away, DemoState, Kept } from '../../core'
import { pool, transaction } from './pool'

/** Whose ids begin so came with the demo data: it is never removed for good, so that it can be brought back. */
const DEMO = "id::text like '5a1d0000-0000-4000-8000-%'"
const TABLES: Readonly<Record<Kept, string>> = {
  stagings: 'staging',
  orders: 'running_order',
  shows: 'show',
  runs: 'run',
}
/** A mistake is found in the next lesson, not a year later. */
const KEPT_DAYS = 30

/** True where a record is not deleted. @param of the table, or what stands for it in a query */
export const here = (of: string): string => `${of}.away is distinct from 'deleted'`

/** Puts a record away, or takes it out again; done twice it is as done once. @returns false where there is none */
export async function putAway(kind: Kept, id: string, away: Away): Promise<boolean> {
  const { rowCount } = await pool().query(
    `update ${TABLES[kind]} set away = $2, away_at = case when $2::text is null then null else now() end where id = $1`,
    [id, away],
  )
  return rowCount === 1
}

/** Removes for good what was deleted a month ago, with what belongs to it; a staging stays while a run is of it. */
export async function pruneDeleted(): Promise<void> {
  const old = `away = 'deleted' and away_at < now() - make_interval(days => ${KEPT_DAYS}) and not (${DEMO})`
  const runs = `(select id from run where ${old})`
  const shows = `(select id from show where ${old})`
  const stagings = `(select id from staging s where ${old} and not exists (select 1 from run where staging_id = s.id))`
  await transaction(async client => {
    await client.query(`delete from run_photo where run_id in ${runs}`)
    await client.query(`delete from run where id in ${runs}`)
    for (const table of ['vote', 'vote_round', 'reading_batch', 'mark'])
      await client.query(`delete from ${table} where show_id in ${shows}`)
    await client.query(`delete from show where id in ${shows}`)
    await client.query(`delete from running_order where ${old}`)
    await client.query(`delete from staging_version where staging_id in ${stagings}`)
    await client.query(`delete from staging where id in ${stagings}`)
  })
}

/** What holds demo data. */
const DEMO_TABLES = [...Object.values(TABLES), 'shelf_item']

/** Whether the demo data is in the lists, or was taken out, or never came. */
export async function demoState(): Promise<DemoState> {
  const { rows } = await pool().query<{ all: number; here: number }>(
    `select count(*)::int as all, count(*) filter (where ${here('s')})::int as here from staging s where ${DEMO}`,
  )
  const [{ all, here: shown }] = rows
  return all === 0 ? 'none' : shown > 0 ? 'here' : 'away'
}

/** Takes all demo data out of sight, or brings it back. What was made from it since is left alone. */
export async function setDemo(present: boolean): Promise<void> {
  await transaction(async client => {
    for (const table of DEMO_TABLES)
      await client.query(
        present
          ? `update ${table} set away = null, away_at = null where ${DEMO} and away = 'deleted'`
          : `update ${table} set away = 'deleted', away_at = now() where ${DEMO} and away is distinct from 'deleted'`,
      )
  })
}
