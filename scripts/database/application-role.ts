/**
 * The role that the application works with: it owns its databases, and is no superuser, so that whoever got hold of its
 * connection could neither read the server's files nor run programs there.
 */
import { createHash } from 'node:crypto'
import pg from 'pg'

const ROLE = 'hush_app'

/** Any number; the same for every copy. */
const LOCK = 7_203_118

/** Gives the application what an earlier version made as the superuser. */
async function handOver(admin: string, database: string): Promise<void> {
  const url = new URL(admin)
  url.pathname = `/${database}`
  const client = new pg.Client({ connectionString: url.href })
  await client.connect()
  try {
    const { rows } = await client.query<{ line: string }>(
      `select format('alter table public.%I owner to ${ROLE}', c.relname) as line
       from pg_class c join pg_namespace n on n.oid = c.relnamespace
       where n.nspname = 'public' and c.relkind in ('r', 'v', 'S') and c.relowner <> '${ROLE}'::regrole`,
    )
    for (const { line } of rows) await client.query(line)
    await client.query(`alter database ${client.escapeIdentifier(database)} owner to ${ROLE}`)
  } finally {
    await client.end()
  }
}

/**
 * Makes the role if it is missing.
 * @param admin address of the cluster as its superuser
 * @param secret of the cluster, from which the role's password follows
 * @returns `name:password`
 */
export async function applicationRole(admin: string, secret: string): Promise<string> {
  const password = createHash('sha256').update(`${secret} ${ROLE}`).digest('base64url')
  const client = new pg.Client({ connectionString: admin })
  await client.connect()
  try {
    await client.query('select pg_advisory_lock($1)', [LOCK])
    const { rowCount } = await client.query('select 1 from pg_roles where rolname = $1', [ROLE])
    if (!rowCount) await client.query(`create role ${ROLE} login createdb nosuperuser nocreaterole`)
    await client.query(`alter role ${ROLE} password ${client.escapeLiteral(password)}`)
    const { rows } = await client.query<{ name: string }>(
      `select datname as name from pg_database
       where not datistemplate and datname <> 'postgres' and datdba <> '${ROLE}'::regrole`,
    )
    for (const { name } of rows) await handOver(admin, name)
  } finally {
    await client.end()
  }
  return `${ROLE}:${password}`
}
