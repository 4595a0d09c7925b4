/** What was practised, and by whom; what was taken away stays as a row without words. */
import type pg from 'pg'
import type { PracticeDocument, StoredPractice } from '../../core'
import { pool, takeReceipt, transaction } from './pool'

const COLUMNS = `id, learner, document - 'acts' - 'staging' || jsonb_build_object('title', document->'staging'->'title',
  'demonstration', demonstration) as document`

/** Newest first. @param most of them */
export async function listPractice(most: number): Promise<StoredPractice[]> {
  const { rows } = await pool().query<StoredPractice>(
    `select ${COLUMNS} from practice where document is not null order by practised_at desc, id limit $1`,
    [most],
  )
  return rows
}

/** Keeps an attempt; a retry with the same write id changes nothing. @param learner a person's id */
export async function addPractice(
  id: string,
  writeId: string,
  document: PracticeDocument,
  learner: string | null,
): Promise<void> {
  await transaction(async client => {
    if (await takeReceipt(client, writeId, [id, document, learner]))
      await client.query(
        `insert into practice (id, learner, demonstration, exercise, practised_at, document)
         values ($1, $2, $3, $4, $5, $6)`,
        [id, learner, document.staging.demonstration, document.exercise, document.practisedAt, document],
      )
  })
}

const TAKEN_AWAY = 'update practice set document = null, learner = null, updated_at = now()'

export async function removePractice(id: string): Promise<void> {
  await pool().query(`${TAKEN_AWAY} where id = $1`, [id])
}
export async function removePracticeOf(client: pg.ClientBase | pg.Pool, learner: string): Promise<void> {
  await client.query(`${TAKEN_AWAY} where learner = $1`, [learner])
}
