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
it('leaves of a drawn element what says what it should, and nothing that somebody may have changed', async () => {
  const file = '/@vue/runtime-core/dist/runtime-core.esm-bundler.js'
  const { code } = hooks().transform(installed(file), `/somewhere/node_modules${file}`)!
  const [said] = /const resourceProps[^]*?function isUnchangedResourceProp[^]*?\n\}/.exec(code)!
  const source = `${said}\nexport default isUnchangedResourceProp`
  const { default: stays } = (await import(
    /* @vite-ignore */ `data:text/javascript,${encodeURIComponent(source)}`
  )) as { default: (element: unknown, key: string, value: unknown) => boolean }
  const drawn: Record<string, string> = { 'd': 'M0 0', 'tabindex': '0', 'href': '/bench', 'aria-pressed': 'true' }
  const element = { getAttribute: (name: string) => drawn[name] ?? null, innerHTML: '<path/>' }
  const same = [
    ['d', 'M0 0'],
    ['tabindex', 0],
    ['href', '/bench'],
    ['aria-pressed', true],
    ['id', undefined],
  ] as const
  for (const [key, value] of [...same, ['innerHTML', '<path/>'] as const])
    expect(stays(element, key, value), key).toBe(true)
  const other = [
    ['d', 'M1 1'],
    ['id', 'new'],
    ['aria-pressed', false],
    ['d', undefined],
    ['innerHTML', '<g/>'],
  ] as const
  for (const [key, value] of other) expect(stays(element, key, value), key).toBe(false)
  const ofSomebody = ['value', 'modelValue', 'checked', 'selected', 'indeterminate', '.scrollTop', 'textContent']
  for (const key of ofSomebody) expect(stays(element, key, undefined), key).toBe(false)
  expect(stays(element, 'onClick', () => {})).toBe(false)
})
