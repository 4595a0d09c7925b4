/** What is left out of packages: a change that no longer fits stops the build. */
import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { CHANGES, leftOut } from './left-out'

type Hooks = Record<'transform' | 'buildEnd', (...given: unknown[]) => { code: string } | undefined>
const hooks = () => leftOut() as unknown as Hooks
const installed = (file: string) => readFileSync(`node_modules${file}`, 'utf8')

it('changes each of its files as it is installed, and no other', () => {
  const { transform, buildEnd } = hooks()
  for (const { file, from, to } of CHANGES) {
    const { code } = transform(installed(file), `/somewhere/node_modules${file}`)!
    expect(code).toContain(to)
    expect(code).not.toContain(from)
  }
  expect(transform('import * as Vue from "vue"', '/somewhere/node_modules/other.mjs')).toBeUndefined()
  buildEnd()
})
it('stops where a package says it in other words, or is built no more', () => {
  const { transform, buildEnd } = hooks()
  expect(() => transform('export default {}', `/node_modules${CHANGES[0].file}`)).toThrow('no longer says')
  expect(() => buildEnd()).toThrow(`not built any more: ${CHANGES[0].file}`)
  // The build's own error is told, not this one.
  expect(() => buildEnd(new Error('another'))).not.toThrow()
})
