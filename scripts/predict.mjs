/** `npm run -s predict -- staging.json [--samples 2000] [--seed 1]`: prints a prediction document. */
import { readFileSync } from 'node:fs'
import { dirname } from 'node:path'
import { fileURLToPath, pathToFileURL } from 'node:url'
import { parseArgs } from 'node:util'
import { ensureNodePackages } from './install/node-packages.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))

function refuse(lines) {
  for (const line of lines) console.error(line)
  process.exit(2)
}

function wholeNumber(name, text, least, most) {
  const number = Number(text)
  if (!/^\d+$/.test(text) || number < least || number > most) refuse([`--${name}: given "${text}"; accepted: a whole number from ${least} to ${most}`])
  return number
}

let options
try {
  options = parseArgs({
    allowPositionals: true,
    options: { samples: { type: 'string', default: '2000' }, seed: { type: 'string', default: '1' } },
  })
} catch (error) {
  refuse([`arguments: ${error.message}; accepted: FILE or -, --samples N (0 leaves the forecast out), --seed N`])
}
const { values, positionals } = options
if (positionals.length !== 1) refuse([`arguments: given ${positionals.length} files; accepted: one staging document, or - for standard input`])
const samples = wholeNumber('samples', values.samples, 0, 100000)
const seed = wholeNumber('seed', values.seed, 0, 2 ** 31 - 1)

let text
try {
  text = readFileSync(positionals[0] === '-' ? 0 : positionals[0], 'utf8')
} catch (error) {
  refuse([`${positionals[0]}: can't be read (${error.code}); accepted: a staging document, or - for standard input`])
}
let staging
try {
  staging = JSON.parse(text)
} catch (error) {
  refuse([`${positionals[0]}: is not JSON (${error.message}); accepted: a staging document`])
}
await ensureNodePackages(root, line => console.error(line))
const { ensureCoreBundle } = await import('./build/build.mjs')
const { predict, StagingFaults } = await import(pathToFileURL(await ensureCoreBundle(root)).href)
try {
  process.stdout.write(`${JSON.stringify(predict(staging, { samples, seed }), null, 2)}\n`)
} catch (error) {
  if (!(error instanceof StagingFaults)) throw error
  refuse(error.faults.map(f => f.input ? `${f.input}: ${f.message}` : f.message))
}
