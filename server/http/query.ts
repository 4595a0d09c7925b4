import { getQuery, type H3Event } from 'h3'

/** A word of the address's query; empty where it is missing, or was given more than once. */
export function queryWord(event: H3Event, name: string): string {
  const given: unknown = getQuery(event)[name]
  return typeof given === 'string' ? given : ''
}
