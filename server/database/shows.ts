import type { ListedShow, Mark, ShowDocument, StoredShow } from '../../core'
import { announce } from '../live/announcements'
import { pool, takeReceipt, transaction } from './pool'
import { here } from './put-away'
import { keepStagings } from './stagings'

const COLUMNS = 'id, document, created_at as "createdAt", begun_by as by'

export async function listShows(): Promise<ListedShow[]> {
  const { rows } = await pool().query<ListedShow>(
    `select ${COLUMNS}, away is not null as archived from show s where ${here('s')}
     order by created_at desc, id limit 100`,
  )
  return rows
}

export async function findShow(id: string): Promise<StoredShow | undefined> {
  const { rows } = await pool().query<StoredShow>(`select ${COLUMNS} from show where id = $1`, [id])
  return rows[0]
}

/** Begins a show; a retry with the same write id changes nothing. @param who a person's id */
export async function addShow(
  id: string,
  writeId: string,
  document: ShowDocument,
  who: string | null,
): Promise<StoredShow> {
  return transaction(async client => {
    if (await takeReceipt(client, writeId, [id, document])) {
      await keepStagings(
        document.acts.map(a => a.stagingId),
        client,
      )
      await client.query('insert into show (id, title, document, begun_by) values ($1, $2, $3, $4)', [
        id,
        document.title,
        document,
        who,
      ])
    }
    const { rows } = await client.query<StoredShow>(`select ${COLUMNS} from show where id = $1`, [id])
    return rows[0]
  })
}

export async function listMarks(showId: string): Promise<Mark[]> {
  type Row = Omit<Mark, 'value'> & { value: string | null }
  const { rows } = await pool().query<Row>(
    'select id, act, kind, at, value from mark where show_id = $1 order by at, id',
    [showId],
  )
  return rows.map(({ value, ...mark }) => (value === null ? mark : { ...mark, value }))
}

/**
 * Keeps marks; one that is there already, by its id, is left as it is.
 * @returns ids that belong to other marks; then none is kept
 */
export async function addMarks(showId: string, given: readonly Mark[]): Promise<string[]> {
  // In one order, whichever way they came, so that two writers never wait for one another.
  const marks = [...given].sort((a, b) => (a.id < b.id ? -1 : 1))
  return transaction(async client => {
    const { rows: others } = await client.query<{ id: string }>(
      `select m.id from mark m
         join unnest($2::uuid[], $3::text[], $4::text[], $5::float8[], $6::text[]) as row (id, act, kind, at, value)
         using (id)
       where (m.show_id, m.act, m.kind, m.at) is distinct from ($1::uuid, row.act, row.kind, row.at)
         or m.value is distinct from row.value`,
      columnsOf(showId, marks),
    )
    if (others.length > 0) return others.map(o => o.id)
    const { rowCount } = await client.query(
      `insert into mark (id, show_id, act, kind, at, value)
       select id, $1, act, kind, at, value
       from unnest($2::uuid[], $3::text[], $4::text[], $5::float8[], $6::text[]) as row (id, act, kind, at, value)
       on conflict (id) do nothing`,
      columnsOf(showId, marks),
    )
    if (rowCount) await announce(client, showId, 'marks')
    if (!marks.some(m => m.kind === 'sealed')) return []
    // Nobody guesses any more once it is sealed, whoever forgot to close the vote.
    const { rowCount: closed } = await client.query(
      `update vote_round r set closed_at = now() where show_id = $1 and closed_at is null
         and exists (select 1 from mark m where m.show_id = r.show_id and m.act = r.act and m.kind = 'sealed')`,
      [showId],
    )
    if (closed) await announce(client, showId, 'votes')
    return []
  })
}

const columnsOf = (showId: string, marks: readonly Mark[]) => [
  showId,
  marks.map(m => m.id),
  marks.map(m => m.act),
  marks.map(m => m.kind),
  marks.map(m => m.at),
  marks.map(m => m.value ?? null),
]

export interface ReadingBatch {
  act: string
  source: string
  readings: { channel: string; time: number; value: number }[]
}

/** Keeps a batch of readings, once. @returns false if its id belongs to another batch */
export async function addReadings(showId: string, id: string, { act, ...document }: ReadingBatch): Promise<boolean> {
  return transaction(async client => {
    const row = [id, showId, act, document]
    const { rowCount } = await client.query(
      'insert into reading_batch (id, show_id, act, document) values ($1, $2, $3, $4) on conflict (id) do nothing',
      row,
    )
    if (rowCount) await announce(client, showId, 'readings')
    const { rowCount: own } = await client.query(
      'select 1 from reading_batch where id = $1 and show_id = $2 and act = $3 and document = $4',
      row,
    )
    return own === 1
  })
}

export async function listReadings(showId: string, act: string): Promise<ReadingBatch[]> {
  const { rows } = await pool().query<{ act: string; document: Omit<ReadingBatch, 'act'> }>(
    'select act, document from reading_batch where show_id = $1 and act = $2 order by received_at, id',
    [showId, act],
  )
  return rows.map(r => ({ act: r.act, ...r.document }))
}
