import { Readable } from 'node:stream'
import { createGzip } from 'node:zlib'
import { backupLines } from '../backup/write'
import { pool } from '../database/pool'

/** Everything that is kept, in one file that is made while it is sent. */
export default defineEventHandler(async event => {
  const client = await pool().connect()
  const lines = Readable.from(backupLines(client), { objectMode: false })
  // Sent, or cut off by whoever asked: either way the connection goes back.
  lines.once('close', () => client.release())
  const packed = createGzip()
  lines.once('error', error => packed.destroy(error))
  event.node.res.once('close', () => lines.destroy())
  setResponseHeaders(event, {
    'content-type': 'application/gzip',
    'content-disposition': `attachment; filename="zealous-hush-${new Date().toISOString().slice(0, 10)}.jsonl.gz"`,
    'cache-control': 'no-store',
  })
  return sendStream(event, lines.pipe(packed))
})
