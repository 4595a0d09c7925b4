import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { CUSTOMARY, METRIC, tell } from '../sentence'
import { shelfItemSchema, type ShelfItemDocument } from './shelf'
import { itemLine } from './shelf-words'

const item = (document: object) => shelfItemSchema.parse({ name: 'Thing', place: '', note: '', ...document })
const lines = (document: ShelfItemDocument) => [METRIC, CUSTOMARY].map(reader => tell(itemLine(document), reader))

describe('a thing on the Shelf in a line', () => {
  it('tells of a heater what is on its label and what gets in, or that it was not measured', () => {
    const ring = { kind: 'heater', heaterKind: 'gas', ratedPower: { value: 2, unit: 'kW' } }
    expect(lines(item(ring))).toEqual([
      'gas, 2 kW on its label; share that gets in not measured',
      'gas, 6820 BTU/h on its label; share that gets in not measured',
    ])
    expect(lines(item({ ...ring, efficiency: { value: 45, unit: '%', spread: 0.1 } }))[0]).toBe(
      'gas, 2 kW on its label; 45 % ± 10 % of it gets in',
    )
  })
  it('tells of a bath its water, ice and warmth in the reader’s units', () => {
    const bath = { kind: 'bath', water: { value: 8, unit: 'L' }, temperature: { value: 4, unit: 'degC' } }
    expect(lines(item(bath))).toEqual(['8 L of water, no ice, 4 °C', '8.45 qt of water, no ice, 39.2 °F'])
    expect(lines(item({ ...bath, ice: { value: 1.5, unit: 'kg' } }))[1]).toContain('3.31 lb of ice')
  })
  it('tells of a consumable when to get more', () => {
    const cans = { kind: 'consumable', count: 3, restockAt: 4 }
    expect(lines(item(cans))[0]).toBe('3 left: get more')
    expect(lines(item({ ...cans, count: 30 }))[0]).toBe('30 left')
  })
  it('has a whole line for all of the demo’s things but vessels, which are told by more', () => {
    const shelf = JSON.parse(readFileSync('db/demo/shelf.json', 'utf8')) as { document: ShelfItemDocument }[]
    for (const { document } of shelf)
      for (const line of lines(document)) {
        expect(line === '', document.name).toBe(document.kind === 'vessel')
        expect(line).not.toMatch(/undefined|NaN|\[object|, ,|,$|× $/)
      }
  })
})
