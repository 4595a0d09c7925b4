import { spawnSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { predictionSchema } from '../../core'

const predict = (args: string[], input?: string) => {
  const { status, stdout, stderr } = spawnSync('npm', ['run', '-s', 'predict', '--', ...args], {
    encoding: 'utf8',
    input,
  })
  return { status, stdout, lines: stderr.split('\n').filter(l => l && !l.startsWith('npm ')) }
}

describe('predict', () => {
  it('prints a prediction document, the same for the same seed, from a file or standard input', () => {
    const file = join(mkdtempSync(join(tmpdir(), 'hush-')), 'staging.json')
    writeFileSync(file, '{"demonstration":"can-plunge"}')
    const first = predict([file, '--samples', '100', '--seed', '4'])
    expect(first.status).toBe(0)
    const document = predictionSchema.parse(JSON.parse(first.stdout))
    expect(document.forecast).toMatchObject({ samples: 100, seed: 4 })
    expect(predict(['-', '--samples', '100', '--seed', '4'], '{"demonstration":"can-plunge"}').stdout).toBe(
      first.stdout,
    )
    expect(predict(['-', '--samples', '100', '--seed', '5'], '{"demonstration":"can-plunge"}').stdout).not.toBe(
      first.stdout,
    )
  })
  it('exits with 2, a line a fault, and nothing on standard output for bad input', () => {
    const bad = predict(
      ['-'],
      '{"demonstration":"can-plunge","inputs":{"foo":{"value":1,"unit":"s"},"waterCharge":{"value":3,"unit":"kg"}}}',
    )
    expect(bad.status).toBe(2)
    expect(bad.stdout).toBe('')
    expect(bad.lines).toHaveLength(2)
    expect(bad.lines[0]).toMatch(/^foo: is not an input/)
    expect(bad.lines[1]).toMatch(/^waterCharge: given 3 kg; .*accepted: mL/)
    expect(predict(['-'], 'nonsense')).toMatchObject({ status: 2, stdout: '' })
    expect(predict(['/no/such/file'])).toMatchObject({ status: 2, stdout: '' })
    expect(predict(['-', '--samples', 'many'], '{}').lines[0]).toMatch(
      /--samples: given "many"; accepted: a whole number/,
    )
  })
})
