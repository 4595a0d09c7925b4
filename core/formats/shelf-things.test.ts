/** Things that a staging was made with: what becomes of them is told, and what is unfit is refused. */
import { describe, expect, it } from 'vitest'
import { DEMONSTRATIONS, findDemonstration } from '../catalogue/everything'
import { shelfItemSchema, type ShelfItemDocument } from './shelf'
import { fits } from './shelf-fit'
import { changedThings, thingsFrom, unfitThings, type ThingOnShelf } from './shelf-things'
import { inputsFromItem } from './shelf-values'
import { readStaging } from './staging'

const ID = '00000000-0000-4000-8000-000000000001'
const thing = (document: Record<string, unknown>, more: Partial<ThingOnShelf> = {}): ThingOnShelf => ({
  id: ID,
  version: 1,
  retired: false,
  document: shelfItemSchema.parse(document),
  ...more,
})
const can = (more: Record<string, unknown> = {}) => ({
  kind: 'vessel',
  name: 'Slim can',
  shape: 'cylinder',
  wallMaterial: 'aluminium',
  condition: 'sound',
  diameter: { value: 58, unit: 'mm' },
  height: { value: 145, unit: 'mm' },
  mouthDiameter: { value: 22, unit: 'mm' },
  wallThickness: { value: 0.1, unit: 'mm' },
  capacity: { value: 350, unit: 'mL' },
  ...more,
})
const demonstration = findDemonstration('can-plunge')!
const stagedWith = (item: ThingOnShelf) =>
  readStaging({
    demonstration: 'can-plunge',
    title: 'Can',
    inputs: inputsFromItem(item.document, demonstration),
    things: thingsFrom([item]),
  }).document

describe('a thing that a staging was made with', () => {
  const taken = thing(can())
  const staging = stagedWith(taken)
  const told = (now: ThingOnShelf) => changedThings(staging, demonstration, [now])
  it('is remembered with its version, and comes back as it went out', () => {
    expect(staging.things).toEqual({ vessel: { id: ID, version: 1 } })
    expect(readStaging(JSON.parse(JSON.stringify(staging))).document).toEqual(staging)
  })
  it('is not spoken of while it is as it was, nor where only its name or place changed', () => {
    expect(told(taken)).toEqual([])
    expect(told(thing(can({ name: 'Slim can, left', place: 'rack' }), { version: 2 }))).toEqual([])
  })
  it('is told with its new numbers where it was measured anew', () => {
    const [change] = told(thing(can({ wallThickness: { value: 0.12, unit: 'mm' } }), { version: 2 }))
    expect(change).toMatchObject({ kind: 'vessel', now: 'measured', version: 2, name: 'Slim can' })
    expect(change.inputs.wallThickness).toEqual({ value: 0.12, unit: 'mm' })
  })
  it('is not told again once its numbers were taken, or kept knowingly', () => {
    const again = thing(can({ wallThickness: { value: 0.12, unit: 'mm' } }), { version: 2 })
    const settled = { ...staging, things: { vessel: { id: ID, version: 2 } } }
    expect(changedThings(settled, demonstration, [again])).toEqual([])
  })
  it('is unfit where it is marked so, whatever else changed, and also where it is retired', () => {
    for (const more of [{}, { retired: true }]) {
      const unfit = thing(can({ condition: 'unfit' }), { version: 2, ...more })
      expect(told(unfit)).toMatchObject([{ now: 'unfit' }])
      expect(unfitThings(staging, demonstration, [unfit])).toEqual(['Slim can'])
    }
  })
  it('is told where it is off the Shelf, and nothing is known of one that never was on this one', () => {
    expect(told(thing(can(), { retired: true }))).toMatchObject([{ now: 'retired' }])
    expect(unfitThings(staging, demonstration, [thing(can(), { retired: true })])).toEqual([])
    expect(changedThings(staging, demonstration, [])).toEqual([])
    expect(changedThings({ inputs: {} }, demonstration, [taken])).toEqual([])
  })
})

describe('glass that was scratched', () => {
  const jar: Record<string, unknown> = {
    kind: 'vessel',
    name: 'Bell jar',
    shape: 'bell-jar',
    wallMaterial: 'glass',
    condition: 'sound',
    diameter: { value: 200, unit: 'mm' },
    height: { value: 260, unit: 'mm' },
    wallThickness: { value: 5, unit: 'mm' },
    capacity: { value: 6, unit: 'L' },
  }
  const sound = thing(jar)
  const under = DEMONSTRATIONS.filter(d => d.shelf.some(place => fits(sound.document, place)))
  it.each(under.map(d => [d.id, d] as const))('is unfit for %s from then on', (_, d) => {
    const things = thingsFrom([sound])
    const inputs = inputsFromItem(sound.document as ShelfItemDocument, d)
    expect(unfitThings({ inputs, things }, d, [sound])).toEqual([])
    expect(unfitThings({ inputs, things }, d, [thing({ ...jar, condition: 'scratched' })])).toEqual(['Bell jar'])
  })
})
