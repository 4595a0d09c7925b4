/**
 * Which file of the client a module of the computation goes into: each demonstration is one, so that a page fetches
 * those that it is about; what several share, and the rest, are few. Left to itself the bundler would make a file for
 * each set of demonstrations that happen to share a module. Nothing in a file may be needed by one that it needs
 * itself, so what all of them rest on is named here too.
 */
const FILE_OF_PACKAGE = [
  ...[
    'math-base-special-erfc',
    'math-base-special-erfinv',
    'stats-base-dists-normal-cdf',
    'stats-base-dists-normal-quantile',
  ].map(name => [`@stdlib/${name}`, 'normal'] as const),
  ['@stdlib', 'matter'],
  ['js-quantities', 'words'],
  ['zod', 'documents'],
  ['papaparse', 'tables'],
  // What every page begins with lies in several files, each of which is read in a task of its own (early/turns.js).
  ...['vue-router', 'pinia', 'unhead', 'petite-vue-i18n', '@intlify', 'ofetch', 'ufo', 'devalue'].map(
    name => [name, 'frame'] as const,
  ),
  ...['tailwind-variants', 'tailwindcss', '@iconify'].map(name => [name, 'looks'] as const),
] as const

/** Rooms that a page fetches together; what one of these needs is of it, or of one above it. */
const FILE_OF_ROOM: Readonly<Record<string, string>> = {
  ...{ units: 'words', sentence: 'words' },
  ...{ elementary: 'matter', substances: 'matter', place: 'matter', vessels: 'matter' },
  ...{ cautions: 'contract', demonstration: 'contract', picture: 'contract' },
  ...{ 'forecast': 'core', 'running-order': 'order', 'live': 'live', 'lesson': 'lesson' },
  ...{ readings: 'readings', practice: 'practice', hearing: 'hearing' },
  // The rooms that read and check documents stand above all others: pages that only show something do without.
  ...{ formats: 'documents', records: 'documents' },
}
/** Of the documents, what is asked of those that were read before. */
const OF_READ = new RegExp(
  '^(formats/(document-values|same-item|typical-things|shelf-(fields|fit|things|values|words)|' +
    '(staging|room)-reading|school-words|gallery-card)|records/first-odds)\\.ts$',
)
/** Of these rooms, what only a few pages need, or none but a worker: left to the bundler, it lies beside those. */
const OF_FEW = new RegExp(
  '/core/(forecast/(scoring|why-words)|readings/(sensors|simulated-logger|what-they-say)|' +
    'vessels/(crushed-shape|weighing-afterwards|photo-scale)|mechanisms/heater-efficiency|' +
    'formats/(run-reading|shelf-words)|demonstration/(pupils-sheet|particles))\\.ts',
)
/** Cautions that many demonstrations share, and as many don't. */
const OF_SOME_STAGINGS = /^cautions\/(closed-vessels|flames|glass|moving|syringes)\.ts$/
/** What draws a staging many times over; pages that show what a worker drew do without. */
const DRAWS = /\/core\/forecast\/(distributions|latin-hypercube|lessons|normal-scores)\.ts|\/pure-rand\//

/** From what rests on nothing to what rests on all others, without the catalogue. */
export const COMPUTATION_FILES: readonly string[] = [
  ...['vue', 'frame', 'looks', 'words', 'matter', 'contract', 'cautions', 'physics', 'normal', 'core', 'draws'],
  ...['documents', 'tables'],
  ...['order', 'lesson', 'live', 'practice', 'readings', 'hearing'],
]

/**
 * @param id path of a module
 * @param ofCatalogue files of the catalogue's families and of what only they rest on, by path below core
 * @returns the file that it goes into; undefined where that is left to the bundler
 */
export function computationFileOf(id: string, ofCatalogue: ReadonlyMap<string, string>): string | undefined {
  // With what the bundler adds, which all others use.
  if (/\/node_modules\/(@vue|vue)\/|preload-helper|plugin-vue:export-helper/.test(id)) return 'vue'
  // Of the first page as of all others.
  if (id.endsWith('/app/api/new-id.ts')) return 'frame'
  if (OF_FEW.test(id)) return undefined
  if (DRAWS.test(id)) return 'draws'
  if (id.includes('/node_modules/')) return FILE_OF_PACKAGE.find(([name]) => id.includes(`/node_modules/${name}/`))?.[1]
  const [, path] = /\/core\/(.*\.ts)$/.exec(id) ?? []
  if (path === undefined) return undefined
  if (OF_READ.test(path)) return 'core'
  if (path.endsWith('-csv.ts') || path === 'formats/logbook.ts') return 'tables'
  if (OF_SOME_STAGINGS.test(path)) return 'cautions'
  const [room, family, demonstration] = path.split('/')
  if (room === 'catalogue' && demonstration === undefined && family?.endsWith('.ts')) return 'contract'
  return FILE_OF_ROOM[room] ?? ofCatalogue.get(path) ?? (room === 'catalogue' ? 'contract' : 'matter')
}
