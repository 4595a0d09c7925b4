import { createWriteStream, renameSync, rmSync } from 'node:fs'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { createGzip } from 'node:zlib'
import pg from 'pg'
import { backupLines } from '../../server/backup/write'

/** Writes everything into a file that is there only when it is whole; packed where its name ends in .gz. */
export async function writeBackup(databaseUrl: string, file: string): Promise<void> {
  const partial = `${file}.${process.pid}.partial`
  const client = new pg.Client({ connectionString: databaseUrl })
  try {
    await client.connect()
    const lines = Readable.from(backupLines(client), { objectMode: false })
    const to = createWriteStream(partial, { mode: 0o600, flush: true })
    await (file.endsWith('.gz') ? pipeline(lines, createGzip(), to) : pipeline(lines, to))
    renameSync(partial, file)
  } finally {
    rmSync(partial, { force: true })
    await client.end()
  }
}
