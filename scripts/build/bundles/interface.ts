/**
 * Which file the parts of the interface that several pages share go into: a few files, as each costs a request and its
 * headers, but none for what only some pages need. What three in four of all pages need is in one of its own, see
 * `bundles.ts`; what one page needs is in that page's.
 */
const REKA = 'node_modules/reka-ui/dist/'
const nuxtUi = (...names: string[]) => [
  `node_modules/@nuxt/ui/dist/runtime/components/(${names.join('|')})\\.vue`,
  // The looks of a part, as its virtual module names it.
  `ui/(${names.map(name => name.replace(/(?!^)[A-Z]/g, '-$&').toLowerCase()).join('|')})\\.ts$`,
]
const reka = (...paths: string[]) => `${REKA}(${paths.join('|')})`
const composables = (...names: string[]) => `/app/composables/(${names.map(name => `use${name}`).join('|')})\\.ts`
const components = (...paths: string[]) => `/app/components/(${paths.join('|')})\\.vue`

/** By name of the file, from what rests on nothing to what rests on the others: paths of its modules. */
export const FILES: Readonly<Record<string, readonly string[]>> = {
  /** what is typed into, chosen or folded */
  fields: [
    reka('Label/', 'Presence/', 'Collapsible/', 'shared/useId\\.'),
    ...nuxtUi('Input', 'FormField', 'Collapsible'),
    components('ChoiceButton', 'ChoiceField', 'Folded'),
  ],
  /** what is ticked, and lists that one goes through by keys */
  ticked: [
    reka('Checkbox/', 'Collection/', 'RovingFocus/', 'VisuallyHidden/', 'Primitive/usePrimitiveElement\\.'),
    reka('shared/(nullish|getActiveElement|useFormControl|useDirection|useForwardScopeId)\\.'),
    ...nuxtUi('Checkbox'),
  ],
  /** what is asked about a staging wherever one is shown, and how its parts look */
  staged: [
    composables('Demonstrations', 'Drafts', 'ForecastWorker', 'Missing', 'Simulated', 'Subject', 'Taught', 'Undo'),
    '/app/(stores/(school|shelf)|stagings/(lean-run|open-staging)|workers/pool)\\.ts',
    components('LanguageNote', 'UndoButtons', 'WhenNear', 'school/SchoolCautions', 'drawing/SceneDrawing'),
    components('bench/(OutcomeMark|OutcomeShape|ThingNotices|VerdictPanel)'),
  ],
  /** what changes one staging, and draws it */
  bench: [
    composables('Forecast', 'Levers', 'OpenStaging', 'Scrubber', 'ShownInput', 'ShownStaging', 'StagingEditor'),
    '/app/components/bench/typed-inputs\\.ts',
    components('bench/(BlankButton|CautionNote|HushLine|TimeScrubber)'),
  ],
}
const PATTERNS = Object.entries(FILES).map(([name, paths]) => [name, new RegExp(paths.join('|'))] as const)

/** Names of the files, each after those that it may rest on. */
export const INTERFACE_FILES: readonly string[] = Object.keys(FILES)

/** @param id path of a module @returns the file that it goes into, if it is one that pages share */
export const interfaceFileOf = (id: string): string | undefined => PATTERNS.find(([, paths]) => paths.test(id))?.[0]
