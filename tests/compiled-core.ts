/**
 * Tests call the computation hundreds of thousands of times: it is compiled into one file for all of them, as it is for
 * the application, instead of being run by the test runner, which looks every import up at each use.
 */
import { existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { dirname, join, relative } from 'node:path'
import { build } from 'esbuild'
import type { Plugin } from 'vite'
import { fingerprint } from '../scripts/build/fingerprint'

const isModule = (file: string) => file.endsWith('.ts') && !file.endsWith('.test.ts')
const compiledName = (file: string) => file.replace(/\.ts$/, '.mjs')
const DAY = 24 * 3600 * 1000
/** No run that is under way can have begun with it. */
const isOld = (path: string) => Date.now() - statSync(path).mtimeMs > DAY

/**
 * Compiles core where it has not been yet, one file with all of it, and one for each module that hands on what that
 * module exports.
 *
 * @returns folder of what was compiled
 */
async function compile(root: string, core: string): Promise<string> {
  const name = `core-of-tests-${fingerprint(root, ['core', 'package-lock.json', 'tests/compiled-core.ts'])}`
  const builds = join(root, '.builds')
  const whole = join(builds, name)
  if (existsSync(whole)) return whole
  // In a folder of its own until it is complete: another run may be doing the same.
  const folder = join(builds, `core-of-tests-${process.pid}`)
  const files = readdirSync(core, { recursive: true, encoding: 'utf8' }).filter(isModule)
  const all = join(folder, 'all.mjs')
  await build({
    stdin: { contents: files.map((file, i) => `export * as m${i} from './${file}'`).join('\n'), resolveDir: core },
    ...{ outfile: all, sourcemap: true, logLevel: 'error' },
    ...{ bundle: true, format: 'esm', platform: 'node', packages: 'external' },
  })
  const modules = (await import(all)) as Record<string, object>
  for (const [i, file] of files.entries()) {
    const path = join(folder, compiledName(file))
    mkdirSync(dirname(path), { recursive: true })
    const from = relative(dirname(path), all).replace(/^(?!\.)/, './')
    const names = Object.keys(modules[`m${i}`]!).join(', ')
    writeFileSync(path, `import { m${i} } from '${from}'\nexport const { ${names} } = m${i}\n`)
  }
  for (const old of readdirSync(builds))
    if (old.startsWith('core-of-tests-') && join(builds, old) !== folder && isOld(join(builds, old)))
      rmSync(join(builds, old), { recursive: true, force: true })
  try {
    renameSync(folder, whole)
  } catch {
    // The other one was first.
    rmSync(folder, { recursive: true, force: true })
  }
  return whole
}

/**
 * Lets tests import core as it was compiled.
 *
 * @param root folder of the project
 * @param asWritten of the test files that are about the modules themselves, such as which of them are fetched when
 */
export async function compiledCore(root: string, asWritten: RegExp): Promise<Plugin> {
  const core = join(root, 'core')
  const compiled = await compile(root, core)
  const isCore = (file: string) => file.startsWith(`${core}/`) && isModule(file)
  return {
    name: 'compiled-core',
    enforce: 'pre',
    async resolveId(source, importer) {
      if (importer === undefined || !/^[.~/]/.test(source) || asWritten.test(importer) || isCore(importer)) return null
      const found = await this.resolve(source, importer, { skipSelf: true })
      if (!found || !isCore(found.id)) return null
      return { id: join(compiled, compiledName(relative(core, found.id))), external: true }
    },
  }
}
