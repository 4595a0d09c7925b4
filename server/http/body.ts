import { getRouterParam, type H3Event } from 'h3'
import * as z from 'zod'
import { refusal } from './faults'
import { readLimitedBody } from './limited-body'
import { unstorable } from './storable'

const MOST_BYTES = 256 * 1024

/**
 * Reads and checks a JSON body of at most `most` bytes.
 * @throws a refusal: 413 if it is too large, 400 if it is not JSON, 422 with the faults if it does not fit
 */
export async function readJson<S extends z.ZodType>(
  event: H3Event,
  schema: S,
  most = MOST_BYTES,
): Promise<z.output<S>> {
  const raw = await readLimitedBody(event, most)
  let json: unknown
  try {
    json = JSON.parse(raw)
  } catch {
    throw refusal([{ input: '', message: 'the request is not JSON' }], 400)
  }
  const found = unstorable(json)
  if (found) throw refusal([{ input: found.place.replace(/^document\./, ''), message: `accepted: ${found.accepted}` }])
  const parsed = schema.safeParse(json, { reportInput: true })
  if (parsed.success) return parsed.data
  throw refusal(
    parsed.error.issues.map(issue => ({
      input: issue.path.filter(p => p !== 'document').join('.'),
      message:
        `given ${JSON.stringify('input' in issue ? issue.input : undefined)?.slice(0, 80) ?? 'nothing'}; ` +
        `accepted: ${issue.message}`,
    })),
  )
}

/** The id in the address. @throws a 404 if it is not an id */
export function routeId(event: H3Event): string {
  const parsed = z.uuid().safeParse(getRouterParam(event, 'id'))
  if (!parsed.success) throw refusal([{ input: 'id', message: 'there is no such record' }], 404)
  return parsed.data
}
