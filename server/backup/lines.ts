import { createGunzip } from 'node:zlib'
import { PassThrough, Readable, pipeline } from 'node:stream'
import { BackupFault } from './restore'

/** A row with the largest photo has 3 MB; a line longer than this is no row, bytes. */
const LONGEST = 64 << 20
/** Unpacked; what is packed may be a thousand times as long, bytes. */
const MOST = 16 * 2 ** 30
const GZIP = 0x1f
const NEWLINE = 10

/** A stream with its first bytes looked at, opened if it is packed. */
async function unpacked(source: Readable): Promise<Readable> {
  const parts = source[Symbol.asyncIterator]() as AsyncIterator<Buffer>
  const first = await parts.next()
  const whole = Readable.from(
    (async function* () {
      if (first.done) return
      yield first.value
      for (let next = await parts.next(); !next.done; next = await parts.next()) yield next.value
    })(),
    { objectMode: false },
  )
  // A fault on the way ends the reader too, with its reason.
  return pipeline(whole, first.value?.[0] === GZIP ? createGunzip() : new PassThrough(), () => {})
}

/**
 * Lines of a file, packed with gzip or plain, without their ends.
 * @throws BackupFault where it can't be unpacked, or a line has no end
 */
export async function* linesOf(source: Readable): AsyncGenerator<string> {
  let parts: Buffer[] = []
  let length = 0
  let all = 0
  try {
    for await (const part of await unpacked(source)) {
      let rest = part as Buffer
      if ((all += rest.length) > MOST) throw new BackupFault('given more than 16 GiB; accepted: less')
      for (let at = rest.indexOf(NEWLINE); at >= 0; at = rest.indexOf(NEWLINE)) {
        parts.push(rest.subarray(0, at))
        yield Buffer.concat(parts).toString('utf8')
        parts = []
        length = 0
        rest = rest.subarray(at + 1)
      }
      length += rest.length
      if (length > LONGEST) throw new BackupFault('the file is not a backup: a line of it has no end')
      if (rest.length > 0) parts.push(rest)
    }
  } catch (error) {
    if ((error as { code?: string }).code?.startsWith('Z_')) throw new BackupFault('the file is cut short or damaged')
    throw error
  }
  if (parts.length > 0) yield Buffer.concat(parts).toString('utf8')
}
