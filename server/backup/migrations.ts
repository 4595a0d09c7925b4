import type { Migration } from './restore'

/** The migrations of this build, in order. */
export async function ownMigrations(): Promise<Migration[]> {
  const files = useStorage('assets:migrations')
  const names = (await files.getKeys()).filter(name => name.endsWith('.sql')).sort()
  return Promise.all(names.map(async name => ({ name, sql: String(await files.getItemRaw(name)) })))
}
