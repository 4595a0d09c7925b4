import type { H3Event } from 'h3'
import { refusal } from './faults'

/** For so long after a refusal what still comes is thrown away, so that the refusal can be read, ms. */
const LINGER = 5000

/**
 * The body of a request as text, counted while it comes: what says nothing of its length may have none.
 *
 * @param most bytes
 * @throws a refusal, 413, as soon as there is more; the rest is thrown away as it comes
 */
export async function readLimitedBody(event: H3Event, most: number): Promise<string> {
  const { req } = event.node
  // What the server asks of itself while it draws a page comes whole.
  const { body } = req as { body?: unknown }
  if (typeof body === 'string') return body
  const tooLarge = (given: string) => {
    req.resume()
    const cut = setTimeout(() => req.socket.destroy(), LINGER)
    req.once('close', () => clearTimeout(cut))
    req.once('end', () => clearTimeout(cut))
    return refusal([{ input: '', message: `given ${given} bytes; accepted: at most ${most}` }], 413)
  }
  const said = Number(req.headers['content-length'] ?? 0)
  if (said > most) throw tooLarge(String(said))
  const parts: Buffer[] = []
  let bytes = 0
  return new Promise((resolve, reject) => {
    const stop = () => {
      req.off('data', take)
      req.off('end', end)
      req.off('error', reject)
    }
    const take = (part: Buffer) => {
      bytes += part.length
      if (bytes <= most) return void parts.push(part)
      stop()
      reject(tooLarge(`more than ${most}`))
    }
    const end = () => {
      stop()
      resolve(Buffer.concat(parts).toString('utf8'))
    }
    req.on('data', take)
    req.once('end', end)
    req.once('error', reject)
  })
}
