/** Which file of the client a module goes into: a page fetches what its demonstration rests on, and little else. */
import { describe, expect, it } from 'vitest'
import { DEMONSTRATIONS } from '../../../core/catalogue/everything'
import { demonstrationsIn, filesFor, whoUses } from './who-uses'

const own = (name: string) => name.slice(name.indexOf('/') + 1)

describe('modules of the catalogue', async () => {
  const { users, all } = await whoUses(process.cwd())
  const files = filesFor(users, all)
  it('are of all demonstrations that there are', () => {
    expect(all.map(own).sort()).toEqual(DEMONSTRATIONS.map(d => d.id).sort())
    expect(demonstrationsIn('core/catalogue')).toEqual(all)
  })
  it('lie in the file of their own one, even where another rests on them', () => {
    for (const name of all)
      for (const part of ['index', 'inputs', 'simulate'])
        expect(files.get(`catalogue/${name}/${part}.ts`), `${name} ${part}`).toBe(`demonstration-${own(name)}`)
  })
  it('leave out what the rooms below share with all pages', () => {
    for (const path of ['mechanisms/bath.ts', 'demonstration/index.ts', 'units/index.ts', 'substances/water.ts'])
      expect(files.has(path), path).toBe(false)
  })
  it('bring a page of a can no glass, no pump and no balloon', () => {
    const brought = [...users].filter(([, names]) => names.includes('steam/can-plunge')).map(([path]) => path)
    const its = new Set(brought.map(path => files.get(path)))
    expect(its).toContain(files.get('mechanisms/cooling-vessel.ts'))
    for (const other of ['pump-down', 'moist-expansion', 'rubber-balloon', 'rinse', 'reinflation'])
      expect(its, other).not.toContain(files.get(`mechanisms/${other}.ts`))
  })
})

it('what most need, what half of a family needs, and what a few share have a file each', () => {
  const all = ['a/one', 'a/two', 'a/three', 'b/four', 'b/five', 'b/six', 'c/seven']
  const users = new Map([
    ['mechanisms/most.ts', all.slice(0, 4)],
    ['mechanisms/family.ts', ['a/one', 'a/two']],
    ['mechanisms/few.ts', ['a/one', 'b/four']],
    ['mechanisms/single.ts', ['c/seven']],
    ['catalogue/a/one/index.ts', ['a/one', 'a/two']],
  ])
  expect(Object.fromEntries(filesFor(users, all))).toEqual({
    'mechanisms/most.ts': 'physics',
    'mechanisms/family.ts': 'family-a',
    'mechanisms/few.ts': 'shared-one+four',
    'mechanisms/single.ts': 'demonstration-seven',
    'catalogue/a/one/index.ts': 'demonstration-one',
  })
})
