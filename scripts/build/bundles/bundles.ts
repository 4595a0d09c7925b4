/** Which modules lie together in a file that a browser fetches: of pages, and of their workers. */
import { join } from 'node:path'
import { COMPUTATION_FILES, computationFileOf } from './computation'
import { INTERFACE_FILES, interfaceFileOf } from './interface'
import { filesFor, whoUses } from './who-uses'

type FileOf = (id: string) => string | undefined
/** From what rests on nothing to what rests on all others: each takes along what it needs that none before it took. */
const groups = (files: readonly string[], of: FileOf) =>
  files.map((file, i) => ({
    name: (id: string) => {
      const own = of(id)
      return own && (file.endsWith('-') ? own.startsWith(file) : own === file) ? own : null
    },
    priority: files.length - i,
    debugName: file,
  }))
/** In one file too: what three in four of all pages, and of parts that are fetched later, share. */
const COMMON = { name: 'common', minShareCount: 36 }
/** What the application begins with, apart from what pages share: no page's part takes it along. */
const BEGIN = { name: 'begin', tags: ['$initial' as const] }

/** @param root folder of the project @returns settings of the bundler */
export async function bundles(root: string) {
  const { users, all } = await whoUses(root)
  const ofCatalogue = filesFor(users, all)
  const fileOf: FileOf = id => computationFileOf(id, ofCatalogue)
  /** Those that a few demonstrations share: what more of them rest on comes first. */
  const shared = [...new Set(ofCatalogue.values())]
    .filter(name => name.startsWith('shared-'))
    .sort((a, b) => b.split('+').length - a.split('+').length)
  const catalogue = ['family-', ...shared, 'demonstration-']
  const ofPages = [
    ...groups([...COMPUTATION_FILES, ...catalogue], fileOf),
    ...[COMMON, BEGIN],
    ...groups(INTERFACE_FILES, interfaceFileOf),
  ].map((group, i, { length }) => ({ ...group, priority: length - i }))
  /** A worker is one file, but for the demonstrations: it reads those that it is asked about. */
  const ofWorkers = groups(['computing', ...catalogue], id => {
    const own = fileOf(id)
    return catalogue.some(part => own?.startsWith(part)) ? own : 'computing'
  })
  const core = join(root, 'core/')
  /** A module of the computation does nothing by being read: what is not used of it is not fetched. */
  const treeshake = { moduleSideEffects: (id: string) => !id.startsWith(core) }
  const settings = <Group>(files: Group[]) => ({ output: { codeSplitting: { groups: files } }, treeshake })
  return { OF_PAGES: settings(ofPages), OF_WORKERS: settings(ofWorkers) }
}
