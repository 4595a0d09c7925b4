/**
 * Takes a backup into a database that may hold data already, doubling nothing.
 *
 * The rows go into tables beside the real ones, made by the migrations that they had been through; the migrations since
 * then bring them up to date as they would a whole database; then they are merged. All of it is one transaction: a file
 * that is cut short or broken changes nothing.
 */
import type { ClientBase } from 'pg'
import { backupEndSchema, backupHeadSchema, readRowLine, type BackupHead } from './format'
import { PATIENTLY } from './patience'
import { tablesOf, type Table } from './tables'

export interface Migration {
  name: string
  sql: string
}

export interface Restored {
  table: string
  added: number
  /** brought to a later state */ changed: number
  /** here already */ same: number
}

/** A file that is no backup, or one that this copy can't read; the message says why. */
export class BackupFault extends Error {}

/** Tables beside the real ones, in which the backup is brought up to date. */
const BESIDE = 'restoring'
/** Rows that are written at once, and bytes after which fewer are. */
const [AT_ONCE, BYTES_AT_ONCE] = [100, 4 << 20]
/** Any number: two restores at once come one after the other. */
const LOCK = 7_203_117

function readHead(line: string | undefined, migrations: readonly Migration[]): BackupHead {
  let json: unknown
  try {
    json = JSON.parse(line ?? '')
  } catch {
    throw new BackupFault('the file is not a backup: its first line is not JSON')
  }
  const head = backupHeadSchema.safeParse(json)
  if (!head.success)
    throw new BackupFault('the file is not a backup of this application, or of a version not known here')
  const unknown = head.data.migrations.filter(name => !migrations.some(m => m.name === name))
  if (unknown.length > 0)
    throw new BackupFault(
      `the backup was made by a newer version (it has ${unknown.join(', ')}); upgrade this one first`,
    )
  return head.data
}

/** Runs migrations in the tables beside. */
async function migrateBeside(client: ClientBase, migrations: readonly Migration[]): Promise<void> {
  for (const { sql } of migrations) await client.query(sql)
}

async function load(client: ClientBase, lines: AsyncIterator<string>): Promise<void> {
  const known = new Map((await tablesOf(client, BESIDE)).map(t => [t.name, t]))
  let [table, batch, bytes, count, at] = ['', [] as string[], 0, 0, 1]
  const write = async () => {
    if (batch.length === 0) return
    const name = client.escapeIdentifier(table)
    const columns = known
      .get(table)!
      .columns.map(c => client.escapeIdentifier(c))
      .join(', ')
    const rows = `[${batch.join(',')}]`
    try {
      await client.query(
        `insert into ${name} (${columns}) select ${columns} from jsonb_populate_recordset(null::${name}, $1::jsonb)`,
        [rows],
      )
    } catch (error) {
      throw new BackupFault(`lines up to ${at}: ${error instanceof Error ? error.message : String(error)}`)
    }
    batch = []
    bytes = 0
  }
  for (;;) {
    const { value: line, done } = await lines.next()
    if (done) throw new BackupFault('the file is cut short: its last line is missing')
    at++
    const read = readRowLine(line)
    if (!read) {
      await write()
      let end: unknown
      try {
        end = JSON.parse(line)
      } catch {
        throw new BackupFault(`line ${at} is not JSON`)
      }
      const parsed = backupEndSchema.safeParse(end)
      if (!parsed.success) throw new BackupFault(`line ${at} is no row of a backup`)
      if (parsed.data.rows !== count) throw new BackupFault(`it has ${count} rows, and says it has ${parsed.data.rows}`)
      return
    }
    if (!known.has(read.table)) throw new BackupFault(`line ${at}: there is no table "${read.table}"`)
    if (read.table !== table || batch.length >= AT_ONCE || bytes > BYTES_AT_ONCE) await write()
    table = read.table
    batch.push(read.row)
    bytes += read.row.length
    count++
  }
}

/**
 * A staging whose history went on differently here and there becomes two: the backup's gets an id of its own, always
 * the same one, and its runs go with it.
 */
async function partStagings(client: ClientBase): Promise<void> {
  await client.query(`
    create temporary table parted on commit drop as
      select v.staging_id as old,
        md5(v.staging_id::text || string_agg(v.document::text, ' ' order by v.version))::uuid as new
      from ${BESIDE}.staging_version v
      where v.staging_id in (
        select b.staging_id from ${BESIDE}.staging_version b
        join public.staging_version h using (staging_id, version) where h.document <> b.document)
      group by v.staging_id`)
  await client.query(`
    insert into ${BESIDE}.staging select (jsonb_populate_record(s, jsonb_build_object('id', p.new))).*
      from ${BESIDE}.staging s join parted p on p.old = s.id`)
  await client.query(`
    insert into ${BESIDE}.staging_version
      select (jsonb_populate_record(v, jsonb_build_object('staging_id', p.new))).*
      from ${BESIDE}.staging_version v join parted p on p.old = v.staging_id`)
  await client.query(`update ${BESIDE}.run r set staging_id = p.new from parted p where p.old = r.staging_id`)
  await client.query(`delete from ${BESIDE}.staging_version v using parted p where p.old = v.staging_id`)
  await client.query(`delete from ${BESIDE}.staging s using parted p where p.old = s.id`)
}

/** A code on the screen is one round's: where another round has it here, the backup's gets another. */
async function partCodes(client: ClientBase): Promise<void> {
  await client.query(`
    update ${BESIDE}.vote_round b set code = upper(substr(md5(b.show_id::text || b.act), 1, 8))
    from public.vote_round h where h.code = b.code and (h.show_id, h.act) <> (b.show_id, b.act)`)
}

async function merge(client: ClientBase, { name, columns, key }: Table): Promise<Restored> {
  const id = (c: string) => client.escapeIdentifier(c)
  const table = `public.${id(name)}`
  const others = columns.filter(c => !key.includes(c))
  // What was saved last stays; a page that still shows the other state must see that it changed.
  const next =
    name === 'staging' ? 'greatest(here.version, excluded.version)' : 'greatest(here.version + 1, excluded.version)'
  const set = others.map(c => `${id(c)} = ${c === 'version' ? next : `excluded.${id(c)}`}`).join(', ')
  const onConflict = columns.includes('updated_at')
    ? `(${key.map(id).join(', ')}) do update set ${set} where excluded.updated_at > here.updated_at`
    : 'do nothing'
  const list = columns.map(id).join(', ')
  const { rows } = await client.query<{ added: number; changed: number; all: number }>(
    `with written as (
       insert into ${table} as here (${list}) select ${list} from ${BESIDE}.${id(name)}
       on conflict ${onConflict} returning xmax = 0 as fresh)
     select count(*) filter (where fresh)::int as added, count(*) filter (where not fresh)::int as changed,
       (select count(*)::int from ${BESIDE}.${id(name)}) as all from written`,
  )
  const { added, changed, all } = rows[0]
  return { table: name, added, changed, same: all - added - changed }
}

/**
 * @param lines of the backup, without their ends
 * @param migrations of this copy, in order; the database has been through all of them
 * @throws BackupFault, and changes nothing
 */
export async function restore(
  client: ClientBase,
  lines: AsyncIterable<string>,
  migrations: readonly Migration[],
): Promise<Restored[]> {
  const reading = lines[Symbol.asyncIterator]()
  const head = readHead((await reading.next()).value as string | undefined, migrations)
  const been = (m: Migration): boolean => head.migrations.includes(m.name)
  await client.query('begin')
  try {
    await client.query(PATIENTLY)
    await client.query('select pg_advisory_xact_lock($1)', [LOCK])
    await client.query(`create schema ${BESIDE}`)
    await client.query(`set local search_path to ${BESIDE}`)
    await migrateBeside(client, migrations.filter(been))
    await load(client, reading)
    await migrateBeside(
      client,
      migrations.filter(m => !been(m)),
    )
    await partStagings(client)
    await partCodes(client)
    await client.query('set local search_path to public')
    const restored: Restored[] = []
    for (const table of await tablesOf(client, BESIDE)) restored.push(await merge(client, table))
    await client.query(`drop schema ${BESIDE} cascade`)
    await client.query('commit')
    return restored
  } catch (error) {
    await client.query('rollback').catch(() => {})
    throw error
  } finally {
    await reading.return?.()
  }
}
