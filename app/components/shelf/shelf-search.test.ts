import { describe, expect, it } from 'vitest'
import type { ShelfItemDocument, StoredItem } from '../../../core'
import { matchingItems } from './shelf-search'

const item = (document: Partial<ShelfItemDocument>, retired = false): StoredItem => ({
  id: crypto.randomUUID(),
  version: 1,
  retired,
  photo: null,
  document: { place: '', note: '', ...document } as ShelfItemDocument,
})
const can = item({ kind: 'vessel', name: 'Pear can', place: 'window sill', wallMaterial: 'aluminium' } as never)
const drum = item({ kind: 'vessel', name: 'Olive drum', condition: 'dented' } as never, true)
const ring = item({ kind: 'heater', name: 'Ring', note: 'window side' } as never)
const found = (search: string, withRetired = false) =>
  [...matchingItems([can, drum, ring], search, withRetired).values()].flat().map(i => i.document.name)

describe('search of the Shelf', () => {
  it('finds every word, in name, place, note and what a vessel is made of, in any case', () => {
    expect(found('WINDOW')).toEqual(['Pear can', 'Ring'])
    expect(found('window aluminium')).toEqual(['Pear can'])
    expect(found('window nowhere')).toEqual([])
  })
  it('leaves out what is retired until it is asked for', () => {
    expect(found('')).toEqual(['Pear can', 'Ring'])
    expect(found('dented')).toEqual([])
    expect(found('dented', true)).toEqual(['Olive drum'])
  })
  it('keeps the kinds apart', () => {
    expect([...matchingItems([can, drum, ring], '', true).keys()]).toEqual(['vessel', 'heater'])
  })
})
