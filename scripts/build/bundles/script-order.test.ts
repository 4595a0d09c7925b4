/** Scripts one after the other: none before what it needs. */
import { expect, it } from 'vitest'
import { orderOf } from './script-order'

it('a script comes after all that it imports, once, and what is no script is left out', () => {
  const order = orderOf({
    'page.vue': { file: 'p.js', imports: ['_shared', 'entry'] },
    'entry': { file: 'e.js', imports: ['_vue', 'entry.css'] },
    '_shared': { file: 's.js', imports: ['entry'] },
    '_vue': { file: 'v.js' },
    'entry.css': { file: 'e.css' },
  })
  expect([...order].sort()).toEqual(['e.js', 'p.js', 's.js', 'v.js'])
  for (const [before, after] of ['ve', 'es', 'sp'])
    expect(order.indexOf(`${before}.js`)).toBeLessThan(order.indexOf(`${after}.js`))
})
it('two that need one another come both', () => {
  expect(orderOf({ a: { file: 'a.js', imports: ['b'] }, b: { file: 'b.js', imports: ['a'] } })).toEqual([
    'b.js',
    'a.js',
  ])
})
