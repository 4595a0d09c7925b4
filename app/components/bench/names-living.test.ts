import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { DEMONSTRATIONS } from '~~/core/catalogue/everything'
import { namesLiving } from './names-living'

describe('living things under the jar', () => {
  it('are known by any name', () => {
    for (const words of [
      'mouse',
      'a hamster in a jar',
      'Snails',
      'butterflies',
      'goldfish',
      'stick insect',
      'pot plant',
      'gecko',
      'worms',
      'my cat',
      'a child’s hand',
      'gerbils',
    ])
      expect(namesLiving(words), words).toBe(true)
  })
  it('are not in a title of the demo, nor what people look for otherwise', () => {
    const stagings = JSON.parse(readFileSync('db/demo/stagings.json', 'utf8')) as { versions: { title: string }[] }[]
    expect(stagings.length).toBeGreaterThan(10)
    for (const { versions } of stagings) for (const { title } of versions) expect(namesLiving(title), title).toBe(false)
    for (const d of DEMONSTRATIONS)
      for (const words of [d.name, ...d.gallery.topics]) expect(namesLiving(words), words).toBe(false)
    for (const words of [
      'balloon',
      'candle',
      'bang',
      'marshmallow',
      'cloud',
      'seal',
      'catch',
      'plane',
      'hand pump',
      'PET bottle',
      'swift release',
      'flying ball',
    ])
      expect(namesLiving(words), words).toBe(false)
  })
})
