import { describe, expect, it } from 'vitest'
import { DEMONSTRATIONS } from '~~/core'
import { namesLiving } from './namesLiving'

describe('living things under the jar', () => {
  it('are known by any name', () => {
    for (const words of ['mouse', 'a hamster in a jar', 'Snails', 'butterflies', 'goldfish', 'stick insect', 'pot plant', 'gecko', 'worms', 'my cat', 'a child’s hand']) expect(namesLiving(words), words).toBe(true)
  })
  it('are not what people look for otherwise', () => {
    for (const d of DEMONSTRATIONS) for (const words of [d.name, ...d.gallery.topics]) expect(namesLiving(words), words).toBe(false)
    for (const words of ['balloon', 'candle', 'bang', 'marshmallow', 'cloud', 'seal', 'catch', 'plane']) expect(namesLiving(words), words).toBe(false)
  })
})
