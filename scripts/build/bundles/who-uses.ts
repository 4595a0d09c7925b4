/**
 * Which demonstrations need which modules of the computation, so that a page fetches what its own one needs, in few
 * files.
 */
import { readdirSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { build, type Metafile } from 'esbuild'

/** Modules by path below core, each with the demonstrations (family/name) that rest on it. */
export type Users = ReadonlyMap<string, readonly string[]>

const foldersIn = (path: string) =>
  readdirSync(path, { withFileTypes: true })
    .filter(entry => entry.isDirectory())
    .map(entry => entry.name)

/** @param catalogue its folder @returns family/name of each demonstration */
export const demonstrationsIn = (catalogue: string): string[] =>
  foldersIn(catalogue).flatMap(family =>
    foldersIn(join(catalogue, family))
      .map(name => `${family}/${name}`)
      // A folder that a family's demonstrations share has none in it.
      .filter(name => readdirSync(join(catalogue, name)).includes('simulate.ts')),
  )

/** All modules that one rests on, itself among them; not those that it only fetches once it runs. */
function reached(inputs: Metafile['inputs'], from: string): Set<string> {
  const met = new Set<string>()
  const open = [from]
  for (let file = open.pop(); file !== undefined; file = open.pop()) {
    if (met.has(file)) continue
    met.add(file)
    for (const { path, kind } of inputs[file]?.imports ?? []) if (kind === 'import-statement') open.push(path)
  }
  return met
}

/**
 * @param root folder of the project
 * @returns all demonstrations, and for each module that one of them rests on those that do; without what stands below
 *   the contract, or beside it: other pages fetch that too
 */
export async function whoUses(root: string): Promise<{ users: Users; all: readonly string[] }> {
  const all = demonstrationsIn(join(root, 'core/catalogue'))
  const entries = all.map(name => `core/catalogue/${name}/index.ts`)
  const { metafile } = await build({
    ...{ absWorkingDir: root, entryPoints: ['core/index.ts', ...entries], outdir: 'nowhere', write: false },
    ...{ bundle: true, metafile: true, packages: 'external', format: 'esm' },
  })
  const everyones = reached(metafile.inputs, 'core/index.ts')
  const users = new Map<string, string[]>()
  all.forEach((name, i) => {
    for (const file of reached(metafile.inputs, entries[i])) {
      if (everyones.has(file)) continue
      const path = file.replace(/^core\//, '')
      users.set(path, [...(users.get(path) ?? []), name])
    }
  })
  return { users, all }
}

/**
 * Which file each of these modules goes into: what most demonstrations rest on is one; what half of a family does, and
 * hardly anyone else, is one; and a few that share something have a file of their own for it. A demonstration's own
 * modules are of its own file, even where another one rests on them. Whoever needs a module needs all that it rests on,
 * so that no two files need one another.
 *
 * @returns names by module: `physics`, `family-…`, `shared-…`, `demonstration-…`
 */
export function filesFor(users: Users, all: readonly string[]): Map<string, string> {
  const familyOf = (name: string) => name.slice(0, name.indexOf('/'))
  const ownName = (name: string) => name.slice(name.indexOf('/') + 1)
  const sizes = new Map<string, number>()
  for (const name of all) sizes.set(familyOf(name), (sizes.get(familyOf(name)) ?? 0) + 1)
  const fileFor = (names: readonly string[]): string => {
    if (names.length === 1) return `demonstration-${ownName(names[0])}`
    if (2 * names.length > all.length) return 'physics'
    const shares = [...sizes].map(([family, size]) => {
      const inIt = names.filter(name => familyOf(name) === family).length
      return { family, share: inIt / size, of: inIt / names.length }
    })
    const { family, share, of } = shares.reduce((most, other) => (other.share > most.share ? other : most))
    return share >= 0.5 && of >= 0.8 ? `family-${family}` : `shared-${names.map(ownName).join('+')}`
  }
  const own = new Map(all.map(name => [`catalogue/${name}`, `demonstration-${ownName(name)}`]))
  return new Map([...users].map(([path, names]) => [path, own.get(dirname(path)) ?? fileFor(names)]))
}
