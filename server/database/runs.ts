import type pg from 'pg'
import type { FoundRuns, LoggedRun, RunDocument, RunScore, ScoredRun, StoredRun } from '../../core'
import type { Photo } from '../http/photo'
import { contentId } from './content-id'
import { pool, takeReceipt, transaction } from './pool'
import { here } from './put-away'
import { keepStagings } from './stagings'

/** Runs that are not deleted. */
const RUNS = `(select * from run x where ${here('x')}) r`
const FROM = `
  from ${RUNS}
  join staging s on s.id = r.staging_id
  join staging_version v on v.staging_id = r.staging_id and v.version = r.staging_version`
const COLUMNS = `r.id, r.staging_id as "stagingId", r.staging_version as "stagingVersion", s.title, s.demonstration,
  v.document as staging, r.away is not null as archived, r.logged_by as by,
  (select to_char(updated_at, 'YYYYMMDDHH24MISSUS') from run_photo where run_id = r.id) as photo`

export interface RunSearch {
  /** words, each of which must be in title, note, date or the name of the outcome */ words: readonly string[]
  /** outcomes whose name has the word, by word: `demonstration/outcome` */ named: readonly (readonly string[])[]
  demonstration?: string
  /** `demonstration/outcome` of what is wanted */ wanted: readonly string[]
  ended?: 'wanted' | 'other' | 'rehearsal'
  /** logged with this person's devices */ by?: string
  /** those that were archived, instead of the others */ archived?: boolean
  offset: number
  limit: number
}

const ENDED = "s.demonstration || '/' || r.outcome"
const REHEARSAL = 'r.rehearsal'
/** The day in letters and figures, as one may look for it. */
const TEXT = `lower(s.title || ' ' || r.note || ' ' ||
  to_char(r.performed_at, 'FMDay DD FMMonth YYYY YYYY-MM-DD'))`

/** Runs that a search finds, newest first, without readings, which only a run's own page needs. */
export async function searchRuns(search: RunSearch): Promise<FoundRuns> {
  const conditions: string[] = []
  const values: unknown[] = []
  const value = (given: unknown): string => `$${values.push(given)}`
  search.words.forEach((word, i) => {
    const like = value(`%${word.toLowerCase().replace(/[\\%_]/g, '\\$&')}%`)
    conditions.push(`(${TEXT} like ${like} or ${ENDED} = any(${value(search.named[i])}))`)
  })
  if (search.demonstration) conditions.push(`s.demonstration = ${value(search.demonstration)}`)
  const { ended } = search
  if (ended === 'rehearsal') conditions.push(REHEARSAL)
  else if (ended) {
    const not = ended === 'other' ? 'not ' : ''
    conditions.push(`not ${REHEARSAL} and ${not}${ENDED} = any(${value(search.wanted)})`)
  }
  if (search.by) conditions.push(`r.logged_by = ${value(search.by)}`)
  conditions.push(search.archived ? "r.away = 'archived'" : 'r.away is null')
  // The documents are read of the page alone, and the two questions are asked at once.
  const listing = pool().query<StoredRun & { found?: number }>(
    `with hit as (
       select r.id, count(*) over ()::int as found from ${RUNS} join staging s on s.id = r.staging_id
       where ${conditions.join(' and ')}
       order by r.performed_at desc, r.id limit ${value(search.limit)} offset ${value(search.offset)})
     select ${COLUMNS}, r.document - 'readings' as document, hit.found ${FROM} join hit on hit.id = r.id
     order by r.performed_at desc, r.id`,
    values,
  )
  const summing = pool().query<Pick<FoundRuns, 'real' | 'wanted' | 'demonstrations'>>(
    `select count(*) filter (where not ${REHEARSAL})::int as real,
       count(*) filter (where not ${REHEARSAL} and ${ENDED} = any($1))::int as wanted,
       coalesce(array_agg(distinct s.demonstration), '{}') as demonstrations
     from ${RUNS} join staging s on s.id = r.staging_id`,
    [search.wanted],
  )
  const [{ rows }, whole] = await Promise.all([listing, summing])
  // Past the last page there is none to say how many there are.
  const found = rows[0]?.found ?? search.offset
  const runs = rows.map(({ found: _, ...run }): StoredRun => run)
  return { runs, found, ...whole.rows[0] }
}

/** The newest runs of a demonstration that teach its forecasts: no rehearsals. */
export async function listTeachers(demonstration: string, most: number): Promise<StoredRun[]> {
  const { rows } = await pool().query<StoredRun>(
    `select ${COLUMNS}, r.document - 'readings' as document ${FROM}
     where s.demonstration = $1 and not ${REHEARSAL} order by r.performed_at desc, r.id limit $2`,
    [demonstration, most],
  )
  return rows
}

/** What is known of how well each run was forecast, by this build of the model. */
export async function listScores(build: string): Promise<ScoredRun[]> {
  const { rows } = await pool().query<ScoredRun>(
    `select r.id, s.demonstration, r.outcome, c.share, c.volume, c.power
     from ${RUNS} join staging s on s.id = r.staging_id join run_score c on c.run_id = r.id and c.build = $1
     where not ${REHEARSAL} and c.share is not null`,
    [build],
  )
  return rows
}

/** Nothing is known of it yet. */
const OPEN = `not ${REHEARSAL} and not exists (select 1 from run_score c where c.run_id = r.id and c.build = $1)`

/** How many runs there are of which nothing is known yet. */
export async function countUnscored(build: string): Promise<number> {
  const { rows } = await pool().query<{ left: number }>(`select count(*)::int as left from ${RUNS} where ${OPEN}`, [
    build,
  ])
  return rows[0].left
}

/** The newest of them, and how many there are. */
export async function listUnscored(build: string, most: number): Promise<{ runs: StoredRun[]; left: number }> {
  const { rows: runs } = await pool().query<StoredRun>(
    `select ${COLUMNS}, r.document - 'readings' as document ${FROM} where ${OPEN}
     order by r.performed_at desc limit $2`,
    [build, most],
  )
  return { runs, left: await countUnscored(build) }
}

/** Keeps scores; those of earlier builds go. */
export async function saveScores(build: string, scores: readonly RunScore[]): Promise<void> {
  await transaction(async client => {
    await client.query(
      `insert into run_score (run_id, build, share, volume, power)
       select r.id, $1, row.share, row.volume, row.power
       from unnest($2::uuid[], $3::float8[], $4::float8[], $5::float8[]) as row (id, share, volume, power)
       join run r on r.id = row.id order by r.id
       on conflict (run_id) do update set build = excluded.build, share = excluded.share, volume = excluded.volume,
         power = excluded.power`,
      [build, scores.map(c => c.run), scores.map(c => c.share), scores.map(c => c.volume), scores.map(c => c.power)],
    )
  })
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

const insertRun = async (
  client: pg.PoolClient,
  id: string,
  stagingId: string,
  stagingVersion: number,
  document: RunDocument,
  who: string | null,
): Promise<void> => {
  await keepStagings([stagingId], client)
  await client.query(
    'insert into run (id, staging_id, staging_version, performed_at, outcome, document, logged_by) values ($1, ' +
      '$2, $3, $4, $5, $6, $7)',
    [id, stagingId, stagingVersion, document.performedAt, document.outcome, document, who],
  )
}

/** Logs a run; a retry with the same write id changes nothing. @param who a person's id */
export async function addRun(
  id: string,
  writeId: string,
  stagingId: string,
  stagingVersion: number,
  document: RunDocument,
  who: string | null,
): Promise<StoredRun> {
  await transaction(async client => {
    if (await takeReceipt(client, writeId, [id, stagingId, stagingVersion, document]))
      await insertRun(client, id, stagingId, stagingVersion, document, who)
  })
  return (await findRun(id))!
}

/** Adds runs, and those of their stagings that are not here in the very same words. @returns how many were new */
export async function importRuns(runs: readonly LoggedRun[], writeId: string): Promise<{ added: number }> {
  return transaction(async client => {
    const { rowCount: before } = await client.query(`select 1 from ${RUNS} where id = any($1::uuid[])`, [
      runs.map(r => r.id),
    ])
    if (!(await takeReceipt(client, writeId, runs))) return { added: 0 }
    // One that was deleted is wanted again.
    await client.query("update run set away = null, away_at = null where id = any($1::uuid[]) and away = 'deleted'", [
      runs.map(r => r.id),
    ])
    for (const { id, stagingId, stagingVersion, staging, document } of runs) {
      const { rowCount: known } = await client.query('select 1 from run where id = $1', [id])
      if (known) continue
      const { rowCount: same } = await client.query(
        'select 1 from staging_version where staging_id = $1 and version = $2 and document = $3',
        [stagingId, stagingVersion, staging],
      )
      if (same) {
        await insertRun(client, id, stagingId!, stagingVersion!, document, null)
        continue
      }
      // Equal stagings of a file share one record.
      const own = contentId(staging)
      await client.query('insert into staging (id, demonstration, title) values ($1, $2, $3) on conflict do nothing', [
        own,
        staging.demonstration,
        staging.title,
      ])
      await client.query(
        'insert into staging_version (staging_id, version, document) values ($1, 1, $2) on conflict do nothing',
        [own, staging],
      )
      await insertRun(client, id, own, 1, document, null)
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
