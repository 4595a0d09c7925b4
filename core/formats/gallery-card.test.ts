import { describe, expect, it } from 'vitest'
import { DEMONSTRATIONS, findDemonstration } from '../catalogue/everything'
import { galleryCard, usualStaging } from './gallery-card'
import { shelfItemSchema, type ShelfItemDocument } from './shelf'

const thing = (document: Record<string, unknown>): ShelfItemDocument => shelfItemSchema.parse(document)
const plate = (name: string, watts: number) =>
  thing({ kind: 'heater', name, heaterKind: 'plate', ratedPower: { value: watts, unit: 'W' } })
const pump = (name: string, pumpKind: string) => thing({ kind: 'pump', name, pumpKind })
const bath = thing({ kind: 'bath', name: 'bowl', water: { value: 6, unit: 'L' } })
const card = (id: string, items: ShelfItemDocument[] = [], room = {}) =>
  galleryCard(findDemonstration(id)!, room, items)!

describe('a card of the gallery', () => {
  it.each(DEMONSTRATIONS.map(d => [d.id, d] as const))('%s: says what it takes and shows it at its moment', (id, d) => {
    const { minutes, missing, kit, still, with: own } = card(id)
    const { values } = usualStaging(d, {})
    const { stages } = d.simulate(values, 'trace').trace
    expect(minutes).toBe(Math.max(1, Math.ceil(stages.at(-1)!.end / 60)))
    // An empty Shelf has nothing for it.
    expect(own).toEqual([])
    expect(missing).toEqual(d.shelf.map(p => p.kind))
    // Where nothing comes from the Shelf the kit says what is needed; a thought experiment needs nothing.
    expect(kit.length > 0).toBe(d.shelf.length === 0 && !d.gallery.whatIf)
    expect(still.shapes.length).toBeGreaterThan(0)
    // It goes to a page as it is: no number in it is lost on the way.
    expect(JSON.stringify(still)).not.toContain('null')
  })
  it('starts what is large with the strongest heater, and what is small with the first', () => {
    const heaters = [plate('small', 500), plate('strong', 2500), plate('middling', 1000)]
    const volumeOf = (id: string) => findDemonstration(id)!.inputs.find(i => i.id === 'vesselVolume')!.default as number
    expect(volumeOf('can-plunge')).toBeLessThan(3e-3)
    expect(card('can-plunge', [...heaters, bath]).with).toContain(0)
    expect(volumeOf('sealed-drum')).toBeGreaterThan(3e-3)
    expect(card('sealed-drum', [...heaters, bath]).with).toContain(1)
  })
  it('takes a pump of the usual kind where there is one, otherwise what there is', () => {
    const usual = findDemonstration('bell-jar-balloon')!.inputs.find(i => i.id === 'pump')!.default as string
    const other = usual === 'hand' ? 'membrane' : 'hand'
    expect(card('bell-jar-balloon', [pump('a', other), pump('b', usual)]).with).toContain(1)
    expect(card('bell-jar-balloon', [pump('a', other)]).with).toContain(0)
  })
  it('follows the room: higher up water boils sooner', () => {
    const still = card('low-pressure-boil').still
    expect(card('low-pressure-boil', [], { altitude: { value: 2500, unit: 'm' } }).still).not.toEqual(still)
  })
})
