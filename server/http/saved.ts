import type { Saved } from '../database/saving'
import { conflict } from './conflict'
import { refusal } from './faults'

/** What was saved. @throws 404 where there is no such record, 409 with what is stored where somebody saved first */
export function savedOrRefused<T>(result: Saved<T> | undefined, what: string): T {
  if (!result) throw refusal([{ input: 'id', message: `there is no such ${what}` }], 404)
  if (!result.saved) throw conflict(result.record)
  return result.record
}

/** A record that was looked up. @throws 404 where there is none */
export function foundOrRefused<T>(record: T | undefined, what: string): T {
  if (!record) throw refusal([{ input: 'id', message: `there is no such ${what}` }], 404)
  return record
}
