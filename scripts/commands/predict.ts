/** `npm run -s predict -- staging.json [--samples 2000] [--seed 1]`: prints a prediction document. */
import { readFileSync } from 'node:fs'
import { pathToFileURL } from 'node:url'
import { parseArgs } from 'node:util'
import { ensureCoreBundle } from '../build/build'
import { modelOf } from '../build/fingerprint'
import { messageOf, root } from '../root'

function refuse(lines: string[]): never {
  for (const line of lines) console.error(line)
  process.exit(2)
}

/** Does it, or ends with what is said of the failure. */
function orRefuse<T>(work: () => T, told: (error: unknown) => string): T {
  try {
    return work()
  } catch (error) {
    refuse([told(error)])
  }
}

function wholeNumber(name: string, text: string, least: number, most: number) {
  const number = Number(text)
  if (!/^\d+$/.test(text) || number < least || number > most) {
    refuse([`--${name}: given "${text}"; accepted: a whole number from ${least} to ${most}`])
  }
  return number
}

const ACCEPTED = 'FILE or -, --samples N (0 leaves the forecast out), --seed N'
const { values, positionals } = orRefuse(
  () =>
    parseArgs({
      allowPositionals: true,
      options: { samples: { type: 'string', default: '2000' }, seed: { type: 'string', default: '1' } },
    }),
  error => `arguments: ${messageOf(error)}; accepted: ${ACCEPTED}`,
)
const [file, ...others] = positionals
if (file === undefined || others.length > 0) {
  refuse([`arguments: given ${positionals.length} files; accepted: one staging document, or - for standard input`])
}
const samples = wholeNumber('samples', values.samples, 0, 100000)
const seed = wholeNumber('seed', values.seed, 0, 2 ** 31 - 1)
const text = orRefuse(
  () => readFileSync(file === '-' ? 0 : file, 'utf8'),
  error => `${file}: can't be read (${messageOf(error)}); accepted: a staging document, or - for standard input`,
)
const staging: unknown = orRefuse(
  () => JSON.parse(text),
  error => `${file}: is not JSON (${messageOf(error)}); accepted: a staging document`,
)
const core = (await import(pathToFileURL(await ensureCoreBundle(root)).href)) as typeof import('../build/whole-core')
try {
  process.stdout.write(`${JSON.stringify(core.predict(staging, { samples, seed, model: modelOf(root) }), null, 2)}\n`)
} catch (error) {
  if (!(error instanceof core.StagingFaults)) throw error
  refuse(
    error.faults.map(({ input, message }) => {
      const told = core.tell(message, core.METRIC)
      return input ? `${input}: ${told}` : told
    }),
  )
}
