/** Everything that a prep room keeps, as lines of JSON; the format is told in docs/formats/backup.md. */
import type { ClientBase } from 'pg'
import { BACKUP_FORMAT, BACKUP_VERSION, rowLine, type BackupHead } from './format'
import { PATIENTLY } from './patience'
import { tablesOf } from './tables'

/** Rows that are read at once; photos are in them. */
const AT_ONCE = 50

/** One consistent state of the database, whatever is written meanwhile. */
export async function* backupLines(client: ClientBase): AsyncGenerator<string> {
  await client.query('begin transaction isolation level repeatable read read only')
  await client.query(PATIENTLY)
  try {
    const { rows: migrations } = await client.query<{ name: string }>('select name from migration order by name')
    const head: BackupHead = {
      format: BACKUP_FORMAT,
      version: BACKUP_VERSION,
      made: new Date().toISOString(),
      migrations: migrations.map(m => m.name),
    }
    yield `${JSON.stringify(head)}\n`
    let count = 0
    for (const { name, key } of await tablesOf(client, 'public')) {
      const table = client.escapeIdentifier(name)
      const order = key.map(k => client.escapeIdentifier(k)).join(', ')
      await client.query(
        `declare rows no scroll cursor for select to_jsonb(t)::text as row from ${table} t order by ${order}`,
      )
      for (;;) {
        const { rows } = await client.query<{ row: string }>(`fetch ${AT_ONCE} from rows`)
        if (rows.length === 0) break
        for (const { row } of rows) yield rowLine(name, row)
        count += rows.length
      }
      await client.query('close rows')
    }
    yield `${JSON.stringify({ end: true, rows: count })}\n`
  } finally {
    await client.query('rollback')
  }
}
