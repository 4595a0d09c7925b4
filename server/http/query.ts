import { getQuery, type H3Event } from 'h3'
import * as z from 'zod'

/** A word of the address's query; empty where it is missing, or was given more than once. */
export function queryWord(event: H3Event, name: string): string {
  const given: unknown = getQuery(event)[name]
  return typeof given === 'string' ? given : ''
}

/** A record's id in the address's query; undefined where it is missing, or no id. */
export const idAsked = (event: H3Event, name: string): string | undefined =>
  z.uuid().safeParse(queryWord(event, name)).data
