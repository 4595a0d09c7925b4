/** Which tables a backup holds, read from the database itself, so that one added later is in it without being told. */
import type { ClientBase } from 'pg'

/** Of this machine, not of the work: receipts, passphrase and guesses, which migrations ran, what can be worked out. */
const LEFT_OUT = ['migration', 'write_receipt', 'access', 'sign_in_failure', 'run_score', 'device']

export interface Table {
  name: string
  /** without those that follow from others */ columns: string[]
  /** columns of the primary key */ key: string[]
}

/** @returns tables of a schema, each after those that it refers to */
export async function tablesOf(client: ClientBase, schema: string): Promise<Table[]> {
  const { rows } = await client.query<Table & { refers: string[] }>(
    `select c.relname as name,
       (select array_agg(a.attname::text order by a.attnum) from pg_attribute a
         where a.attrelid = c.oid and a.attnum > 0 and not a.attisdropped and a.attgenerated = '') as columns,
       (select array_agg(a.attname::text order by a.attnum) from pg_constraint p
         join pg_attribute a on a.attrelid = c.oid and a.attnum = any(p.conkey)
         where p.conrelid = c.oid and p.contype = 'p') as key,
       coalesce((select array_agg(distinct r.relname::text) from pg_constraint f join pg_class r on r.oid = f.confrelid
         where f.conrelid = c.oid and f.contype = 'f' and f.confrelid <> c.oid), '{}') as refers
     from pg_class c join pg_namespace n on n.oid = c.relnamespace
     where n.nspname = $1 and c.relkind = 'r' and c.relname <> all($2::text[])
     order by c.relname`,
    [schema, LEFT_OUT],
  )
  const ordered: Table[] = []
  let rest = rows
  while (rest.length > 0) {
    const ready = rest.filter(t => t.refers.every(r => ordered.some(o => o.name === r)))
    if (ready.length === 0)
      throw new Error(`tables refer to one another in a circle: ${rest.map(t => t.name).join(', ')}`)
    ordered.push(...ready.map(({ name, columns, key }) => ({ name, columns, key })))
    rest = rest.filter(t => !ready.includes(t))
  }
  return ordered
}
