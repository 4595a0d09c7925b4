/** `npm test`: runs every suite, and closes with the count of all of them together. */
import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { JSONReport, JSONReportSuite } from '@playwright/test/reporter'
import type { JsonTestResults } from 'vitest/node'
import { ensureBuild } from '../build/build'
import { openCluster, type Cluster } from '../database/cluster'
import { withLock } from '../install/lock.mjs'
import { run } from '../install/run-program.mjs'
import { messageOf, root } from '../root'

const say = (line: string) => console.log(line)
let passed = 0
let failed = 0

type Environment = Record<string, string>

/** Runs a program of node_modules. @param nice whether it is done in the time that what takes longest leaves */
const program = (name: string, args: string[], environment: Environment = {}, nice = false) =>
  run(join(root, 'node_modules', '.bin', name), args, {
    folder: root,
    environment: { NUXT_TELEMETRY_DISABLED: '1', NO_COLOR: '1', ...environment },
    nice,
  })

function count(name: string, ok: number, bad: number, output: string) {
  passed += ok
  failed += bad
  say(`${bad === 0 ? 'ok  ' : 'FAIL'} ${name}: ${ok} passed, ${bad} failed`)
  if (bad > 0) say(output)
}

/** What compilers make and throw away is kept apart for longer: a fifth of their time would go into clearing up. */
const ROOM_TO_WORK = { NODE_OPTIONS: `${process.env.NODE_OPTIONS ?? ''} --max-semi-space-size=64`.trim() }

async function check(name: string, args: string[], label: string) {
  const { ok, output } = await program(name, args, ROOM_TO_WORK, true)
  count(label, ok ? 1 : 0, ok ? 0 : 1, output)
}

/** A report that a program wrote, or undefined where it wrote none. */
function reportIn<T>(file: string): T | undefined {
  return existsSync(file) ? (JSON.parse(readFileSync(file, 'utf8')) as T) : undefined
}

/** Counts a suite; one that ran no test at all has failed once. */
function countSuite(name: string, ok: number, bad: number, output: string) {
  count(name, ok, ok + bad === 0 ? 1 : bad, output)
}

async function vitest(projects: readonly string[], environment?: Environment) {
  const name = projects.join(' and ')
  const file = join(folder, `${projects.join('-')}.json`)
  const chosen = projects.flatMap(project => ['--project', project])
  const args = ['run', ...chosen, '--reporter=default', '--reporter=json', `--outputFile.json=${file}`]
  const { ok, output } = await program('vitest', args, { ...ROOM_TO_WORK, ...environment }, true)
  const report = reportIn<JsonTestResults>(file)
  // A file that could not be loaded has no tests of its own; it counts as one failure.
  const broken = report?.testResults.filter(f => f.status === 'failed' && f.assertionResults.length === 0).length ?? 0
  const bad = (report?.numFailedTests ?? 0) + broken
  // An error that no test waited for: all tests pass, and yet something went wrong.
  const beside = bad === 0 && !ok ? 1 : 0
  countSuite(`${name} tests`, report?.numPassedTests ?? 0, bad + beside, output)
}

async function browser(environment: Environment) {
  const file = join(folder, 'browser.json')
  const { output } = await program('playwright', ['test'], { ...environment, HUSH_TEST_REPORT: file })
  const report = reportIn<JSONReport>(file)
  const bad = report ? report.stats.unexpected + report.stats.flaky : 1
  countSuite('browser tests', report?.stats.expected ?? 0, bad, (report ? `${failures(report)}\n` : '') + output)
}

/** What Playwright's report says of the tests that failed. */
function failures(report: JSONReport): string {
  const ofSuite = (suite: JSONReportSuite): string[] => [
    ...suite.specs
      .filter(spec => !spec.ok)
      .flatMap(spec => [spec.title, ...spec.tests.flatMap(t => t.results.flatMap(r => r.errors.map(e => e.message)))]),
    ...(suite.suites ?? []).flatMap(ofSuite),
  ]
  return [...report.suites.flatMap(ofSuite), ...report.errors.map(e => e.message ?? '')].join('\n')
}

const folder = mkdtempSync(join(tmpdir(), 'zealous-hush-reports-'))
const clusterFolder = join(tmpdir(), `zealous-hush-test-${process.pid}`)
let cluster: Cluster | undefined
async function end(code: number) {
  await cluster?.close()
  rmSync(folder, { recursive: true, force: true })
  rmSync(clusterFolder, { recursive: true, force: true })
  process.exit(code)
}
process.on('SIGINT', () => void end(130))
process.on('SIGTERM', () => void end(143))

/** `npm run check`: style, types and the quick unit tests, for while one works. */
const QUICK = process.argv.includes('--quick')
/** What is laid out by rule. */
const LAID_OUT = ['*.ts', '*.mjs', '{core,app,server,tests,scripts}/**/*.{ts,mjs,vue}']

/** Writes the types that Nuxt makes of the folders: the checks of types and the unit tests need them. */
async function prepare() {
  mkdirSync(join(root, '.builds'), { recursive: true })
  await withLock(join(root, '.builds', 'lock'), say, async () => {
    const { ok, output } = await program('nuxt', ['prepare'])
    if (!ok) throw new Error(`nuxt prepare failed:\n${output}`)
  })
}

/** In a third of the time; what is in a `.vue` file only vue-tsc can read, which needs the other one. */
const NATIVE_COMPILER = '../typescript-native/bin/tsc'
const PROJECTS = {
  'core/tsconfig.json': 'types of core, without browser or Node',
  'tests/tsconfig.json': 'types of the commands and of the tests',
  '.nuxt/tsconfig.server.json': 'types of the server',
  '.nuxt/tsconfig.shared.json': 'types of what server and browser share',
  '.nuxt/tsconfig.node.json': 'types of the settings of the build',
}

/** Style, directions and types. */
async function checkCode() {
  const style = async () => {
    await check('oxlint', ['-c', 'oxlint.config.mjs', '--type-aware', '--deny-warnings'], 'lint')
    await check('eslint', ['.', '--max-warnings=0', '--cache', '--cache-location=.builds/eslint'], 'lint of templates')
    await check('oxfmt', ['--check', ...LAID_OUT], 'layout')
    await check('knip', ['--no-progress'], 'no export that nobody uses')
  }
  const types = async () => {
    for (const [project, label] of Object.entries(PROJECTS))
      await check(NATIVE_COMPILER, ['--noEmit', '-p', project], label)
    await check('vue-tsc', ['--noEmit', '-p', '.nuxt/tsconfig.app.json'], 'types of the application')
  }
  await Promise.all([style(), types()])
}

/** The suites that take minutes: the server with its database, the browser. */
async function application() {
  cluster = await openCluster(clusterFolder, say)
  const environment = { HUSH_TEST_CLUSTER: clusterFolder }
  say('Running the tests of the parts, of the server and in the browser…')
  // The browser's take longest, one after the other, and often wait: all else is done meanwhile. Those of the parts in
  // one run: where one file is long, others are tested beside it.
  const parts = ['unit', 'component', 'thorough']
  await Promise.all([browser(environment), vitest(parts), vitest(['integration'], environment)])
}

/** No core waits for another's end: the checks go on beside the tests. These wait for the build, which they need. */
async function all() {
  const checks = checkCode()
  try {
    await ensureBuild(root, say)
    await application()
  } finally {
    await checks
  }
}

try {
  say('Checking style, directions and types…')
  await prepare()
  if (QUICK) {
    await Promise.all([checkCode(), vitest(['unit'])])
  } else {
    await all()
  }
} catch (error) {
  console.error(messageOf(error))
  failed++
}
await cluster?.close()
cluster = undefined
say(`${passed} passed, ${failed} failed`)
await end(failed > 0 ? 1 : 0)
