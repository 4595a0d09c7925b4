/** The names that a department keeps, so that its entries can say whose they are. */
import type { Person } from '../../core'
import { pool, transaction } from './pool'
import { removePracticeOf } from './practice'

/** A very large department. */
const MOST = 500

export async function listPeople(): Promise<Person[]> {
  const { rows } = await pool().query<Person>(
    'select id, name from person where name is not null order by lower(name), id',
  )
  return rows
}

export type Naming = 'named' | 'taken' | 'too many' | 'gone'

/** Adds a name, or gives a person another one; done twice it is as done once. */
export async function namePerson({ id, name }: Person): Promise<Naming> {
  return transaction(async client => {
    // Two who add the same name at once come one after the other.
    await client.query('lock table person in share row exclusive mode')
    const { rows } = await client.query<Person & { name: string | null }>('select id, name from person')
    const there = rows.filter(p => p.name !== null)
    const own = rows.find(p => p.id === id)
    if (own && own.name === null) return 'gone'
    if (there.some(p => p.id !== id && p.name.toLowerCase() === name.toLowerCase())) return 'taken'
    if (!own && there.length >= MOST) return 'too many'
    await client.query(
      `insert into person (id, name) values ($1, $2)
       on conflict (id) do update set name = excluded.name, updated_at = now() where person.name <> excluded.name`,
      [id, name],
    )
    return 'named'
  })
}

/** Where a person's id stands. */
const MENTIONS: readonly (readonly [string, string])[] = [
  ['device', 'person_id'],
  ['staging', 'made_by'],
  ['staging_version', 'saved_by'],
  ['running_order', 'made_by'],
  ['running_order', 'saved_by'],
  ['run', 'logged_by'],
  ['show', 'begun_by'],
]

/**
 * Takes a name away; what it stood on stays, without it. What that person practised goes: it is of nobody else.
 * @returns false where there is no such name
 */
export async function removePerson(id: string): Promise<boolean> {
  return transaction(async client => {
    const { rowCount } = await client.query('update person set name = null, updated_at = now() where id = $1', [id])
    await removePracticeOf(client, id)
    for (const [table, column] of MENTIONS)
      await client.query(`update ${table} set ${column} = null where ${column} = $1`, [id])
    return rowCount === 1
  })
}
