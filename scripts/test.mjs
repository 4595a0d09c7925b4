/** One command: installs what is missing, runs every suite, and closes with the count of all of them together. */
import { spawn } from 'node:child_process'
import { existsSync, mkdtempSync, readFileSync, realpathSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { chromiumProgram, ensureDebianPackages } from './install/debian-packages.mjs'
import { ensureNodePackages } from './install/node-packages.mjs'
import { withLock } from './lock.mjs'

const root = realpathSync(dirname(dirname(fileURLToPath(import.meta.url))))
const say = line => console.log(line)
let passed = 0
let failed = 0

/** Runs a program of node_modules. @returns {Promise<{ ok: boolean, output: string }>} */
function program(name, args, environment = {}) {
  return new Promise((resolve) => {
    const child = spawn(join(root, 'node_modules', '.bin', name), args, {
      cwd: root, env: { ...process.env, NUXT_TELEMETRY_DISABLED: '1', NO_COLOR: '1', ...environment }, stdio: ['ignore', 'pipe', 'pipe'],
    })
    let output = ''
    child.stdout.on('data', (text) => { output += text })
    child.stderr.on('data', (text) => { output += text })
    child.on('error', error => resolve({ ok: false, output: error.message }))
    child.on('close', code => resolve({ ok: code === 0, output }))
  })
}

function count(name, ok, bad, output) {
  passed += ok
  failed += bad
  say(`${bad === 0 ? 'ok  ' : 'FAIL'} ${name}: ${ok} passed, ${bad} failed`)
  if (bad > 0) say(output)
}

async function check(name, args, label) {
  const { ok, output } = await program(name, args)
  count(label, ok ? 1 : 0, ok ? 0 : 1, output)
}

async function vitest(project, folder, environment) {
  const report = join(folder, `${project}.json`)
  const { output } = await program('vitest', ['run', '--project', project, '--reporter=default', '--reporter=json', `--outputFile.json=${report}`], environment)
  const result = existsSync(report) ? JSON.parse(readFileSync(report, 'utf8')) : { numPassedTests: 0, numFailedTests: 0, numTotalTestSuites: 0, testResults: [] }
  // A file that could not be loaded has no tests of its own; it counts as one failure.
  const broken = result.testResults.filter(f => f.status === 'failed' && f.assertionResults.length === 0).length
  const bad = result.numFailedTests + broken
  count(`${project} tests`, result.numPassedTests, result.numPassedTests + bad === 0 ? 1 : bad, output)
}

async function browser(folder, environment) {
  const report = join(folder, 'browser.json')
  const { output } = await program('playwright', ['test'], { ...environment, HUSH_TEST_REPORT: report, HUSH_CHROMIUM: chromiumProgram() })
  const stats = existsSync(report) ? JSON.parse(readFileSync(report, 'utf8')).stats : undefined
  const bad = stats ? stats.unexpected + stats.flaky : 1
  count('browser tests', stats?.expected ?? 0, stats && stats.expected + bad === 0 ? 1 : bad, bad > 0 && existsSync(report) ? failures(JSON.parse(readFileSync(report, 'utf8'))) + output : output)
}

/** What Playwright's report says of the tests that failed. */
function failures(report) {
  const lines = []
  const walk = (suite) => {
    for (const spec of suite.specs ?? []) {
      if (!spec.ok) lines.push(spec.title, ...spec.tests.flatMap(t => t.results.flatMap(r => (r.errors ?? []).map(e => e.message))))
    }
    for (const inner of suite.suites ?? []) walk(inner)
  }
  for (const suite of report.suites) walk(suite)
  return [...lines, ...(report.errors ?? []).map(e => e.message)].join('\n')
}

const folder = mkdtempSync(join(tmpdir(), 'zealous-hush-reports-'))
const clusterFolder = join(tmpdir(), `zealous-hush-test-${process.pid}`)
let cluster
async function end(code) {
  await cluster?.close()
  rmSync(folder, { recursive: true, force: true })
  rmSync(clusterFolder, { recursive: true, force: true })
  process.exit(code)
}
process.on('SIGINT', () => end(130))
process.on('SIGTERM', () => end(143))

/** `npm run check`: style, types and the quick unit tests, for while one works. */
const QUICK = process.argv.includes('--quick')
class Done extends Error {}

/** What Prettier lays out; screens and scripts keep to their own. */
const LAID_OUT = ['*.ts', 'core/**/*.ts', 'app/**/*.ts', 'server/**/*.ts', 'tests/**/*.ts', 'scripts/**/*.ts']

try {
  if (!QUICK) ensureDebianPackages(['postgresql', 'chromium'], say)
  await ensureNodePackages(root, say)
  const { mkdirSync } = await import('node:fs')
  mkdirSync(join(root, '.builds'), { recursive: true })
  await withLock(join(root, '.builds', 'lock'), say, async () => {
    const { ok, output } = await program('nuxt', ['prepare'])
    if (!ok) throw new Error(`nuxt prepare failed:\n${output}`)
  })
  say('Checking style, directions and types, and running the unit tests…')
  await Promise.all([
    check('eslint', ['.', '--max-warnings=0'], 'lint').then(() => check('prettier', ['--check', '--log-level=warn', ...LAID_OUT], 'layout')).then(() => check('knip', ['--no-progress'], 'no export that nobody uses')),
    check('tsc', ['-p', 'core/tsconfig.json'], 'types of core, without browser or Node')
      .then(() => check('tsc', ['-p', 'core/tsconfig.tests.json'], 'types of core’s tests')).then(() => check('vue-tsc', ['-b', '--noEmit'], 'types of the application')),
  ])
  await vitest('unit', folder)
  if (QUICK) throw new Done()
  await vitest('thorough', folder)

  const { ensureBuild } = await import('./build/build.mjs')
  const { openCluster } = await import('./database/cluster.mjs')
  await ensureBuild(root, say)
  cluster = await openCluster(clusterFolder, say)
  const environment = { HUSH_TEST_CLUSTER: clusterFolder }
  say('Running the server and browser tests…')
  await vitest('integration', folder, environment)
  await browser(folder, environment)
} catch (error) {
  if (!(error instanceof Done)) {
    console.error(error.message)
    failed++
  }
}
await cluster?.close()
cluster = undefined
say(`${passed} passed, ${failed} failed`)
await end(failed > 0 ? 1 : 0)
