import { describe, expect, it } from 'vitest'
import { DEMONSTRATIONS, findDemonstration } from '../catalogue/everything'
import { fits } from './shelf-fit'
import { shelfItemSchema } from './shelf'
import { checkShelfItem } from './shelf-values'
import { readStaging } from './staging'
import { TYPICAL_THINGS, inputsFromTypical } from './typical-things'

const placed = DEMONSTRATIONS.flatMap(d =>
  TYPICAL_THINGS.filter(t => d.shelf.some(place => fits(t.document, place))).map(t => [d.id, t.id, t] as const),
)

describe('a typical thing', () => {
  it.each(TYPICAL_THINGS.map(t => [t.id, t] as const))('%s: has measures that go together', (_, thing) => {
    expect(() => checkShelfItem(shelfItemSchema.parse(thing.document))).not.toThrow()
  })
  it('has an id of its own, and one at least stands in each place that asks for a vessel or a heater', () => {
    expect(new Set(TYPICAL_THINGS.map(t => t.id)).size).toBe(TYPICAL_THINGS.length)
    for (const id of ['can-plunge', 'sealed-tin', 'sealed-drum', 'bottle-fill', 'flask-fountain', 'hot-water-bottle'])
      for (const place of findDemonstration(id)!.shelf.filter(p => p.kind === 'vessel' || p.kind === 'heater'))
        expect(
          TYPICAL_THINGS.some(t => fits(t.document, place)),
          `${id}: ${place.step}`,
        ).toBe(true)
  })
  it.each(placed)('%s takes %s with every number less certain than a measured one', (id, _, thing) => {
    const demonstration = findDemonstration(id)!
    const inputs = inputsFromTypical(thing, demonstration)
    expect(Object.keys(inputs).length).toBeGreaterThan(0)
    // Nobody has looked whether it is sound.
    expect(inputs.vesselCondition).toBeUndefined()
    const { given } = readStaging({ demonstration: id, inputs })
    const plain = readStaging({
      demonstration: id,
      inputs: Object.fromEntries(
        Object.entries(inputs).map(([input, x]) => [input, typeof x === 'string' ? x : { ...x, spread: undefined }]),
      ),
    })
    for (const input of demonstration.inputs) {
      if (input.kind !== 'quantity' || typeof inputs[input.id] !== 'object') continue
      const spread = given.spreads[input.id]
      expect(spread, input.id).toBeDefined()
      expect(plain.given.spreads[input.id]).toBeUndefined()
      // Told as a share of the value, it is no narrower than what one who measured it is taken to know.
      const usual = input.spread
      if ('relative' in usual && 'relative' in spread)
        expect(spread.relative, input.id).toBeGreaterThanOrEqual(usual.relative)
    }
  })
})
