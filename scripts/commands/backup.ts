/** `npm run backup -- FILE`: everything that this copy keeps, in one file. */
import { createWriteStream, existsSync, renameSync, rmSync } from 'node:fs'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { createGzip } from 'node:zlib'
import pg from 'pg'
import { backupLines } from '../../server/backup/write'
import { clusterFolder, openCluster } from '../database/cluster'
import { messageOf, root } from '../root'

const [file, ...rest] = process.argv.slice(2)
try {
  if (!file || rest.length > 0) throw new Error('file: give one name, such as prep-room.jsonl.gz')
  if (existsSync(file)) throw new Error(`file: "${file}" is there already; accepted: a name that is not taken`)
  const cluster = await openCluster(clusterFolder(root), line => console.error(line))
  const partial = `${file}.${process.pid}.partial`
  const client = new pg.Client({ connectionString: cluster.url })
  try {
    await client.connect()
    const lines = Readable.from(backupLines(client), { objectMode: false })
    const to = createWriteStream(partial, { mode: 0o600, flush: true })
    await (file.endsWith('.gz') ? pipeline(lines, createGzip(), to) : pipeline(lines, to))
    renameSync(partial, file)
    console.log(`Everything is in ${file}. It has names, photos and votes of your lessons: keep it as you keep those.`)
  } finally {
    rmSync(partial, { force: true })
    await client.end()
    await cluster.close()
  }
} catch (error) {
  console.error(messageOf(error))
  process.exit(1)
}
