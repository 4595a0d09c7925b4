/** What is changed in packages: a change that no longer fits stops the build. */
import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { CHANGES, packageChanges } from './apply'
import { SCALES } from './nuxt-ui'

type Hooks = Record<'transform' | 'buildEnd', (...given: unknown[]) => { code: string } | undefined>
const hooks = (where: Parameters<typeof packageChanges>[0] = 'browser') => packageChanges(where) as unknown as Hooks
const installed = (file: string) => readFileSync(`node_modules${file}`, 'utf8')
const FILES = [...new Set(CHANGES.map(c => c.file))]

it('changes each of its files as it is installed, and no other', () => {
  const { transform, buildEnd } = hooks()
  for (const file of FILES) {
    const { code } = transform(installed(file), `/somewhere/node_modules${file}`)!
    for (const { from, to } of CHANGES.filter(c => c.file === file)) {
      expect(code).toContain(to)
      if (!to.includes(from)) expect(code).not.toContain(from)
    }
  }
  expect(transform('import * as Vue from "vue"', '/somewhere/node_modules/other.mjs')).toBeUndefined()
  buildEnd()
})
it('leaves the server what only browsers do without', () => {
  const { transform } = hooks('server')
  const changed = FILES.filter(file => transform(installed(file), `/node_modules${file}`) !== undefined)
  expect(changed).toEqual([...new Set(CHANGES.filter(c => c.drawing).map(c => c.file))])
})
it('stops where a package says it in other words, or is built no more', () => {
  const { transform, buildEnd } = hooks()
  expect(() => transform('export default {}', `/node_modules${FILES[0]}`)).toThrow('no longer says')
  expect(() => buildEnd()).toThrow(`not built any more: ${FILES[0]}`)
  // The build's own error is told, not this one.
  expect(() => buildEnd(new Error('another'))).not.toThrow()
})
it('leaves all scales of colour that the theme names', () => {
  const [, named] = /colors: \{([^}]*)\}/.exec(readFileSync('app/app.config.ts', 'utf8'))!
  expect([...named!.matchAll(/'(\w+)'/g)].map(([, name]) => name).sort()).toEqual([...SCALES].sort())
})
