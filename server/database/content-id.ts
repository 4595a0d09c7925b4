import { createHash } from 'node:crypto'

/** An id that follows from what a document says, in the form of a random one: equal documents share one record. */
export function contentId(document: unknown): string {
  const hex = createHash('sha256').update(JSON.stringify(document)).digest('hex')
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20, 32)}`
}
