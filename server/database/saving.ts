/** Saving without losing what somebody else saved meanwhile, and without doing a retried write twice. */
import type { PoolClient } from 'pg'
import { takeReceipt, transaction } from './pool'

/** `saved: false` with what is stored now, if somebody saved since `baseVersion`. */
export interface Saved<T> {
  saved: boolean
  record: T
}

export interface Write {
  writeId: string
  baseVersion: number
}

/**
 * Saves a record if nobody did since it was read. A retry with the same write id changes nothing.
 *
 * @param content what the write brings
 * @param locked reads it and holds it against other writers; undefined if there is none
 * @param save writes the next version and reads it back
 */
export function saveIfUnchanged<T extends { version: number }>(
  { writeId, baseVersion }: Write,
  content: unknown,
  locked: (client: PoolClient) => Promise<T | undefined>,
  save: (client: PoolClient, before: T) => Promise<T>,
): Promise<Saved<T> | undefined> {
  return transaction(async client => {
    const before = await locked(client)
    if (!before) return undefined
    const { rowCount: done } = await client.query('select 1 from write_receipt where id = $1', [writeId])
    if (!done && before.version !== baseVersion) return { saved: false, record: before }
    if (!(await takeReceipt(client, writeId, content))) return { saved: true, record: before }
    return { saved: true, record: await save(client, before) }
  })
}
