import { siOf } from './document-values'
import type { ShelfItemDocument } from './shelf'
import { SHELF_FIELDS } from './shelf-fields'
import type { QuantityDocument } from './staging'

/** Digits in which two measures are one, whatever units they are written in. */
const DIGITS = 6

/**
 * What an item says, in one way of saying it: two with the same are one thing. Units do not count.
 */
export function itemWords(item: ShelfItemDocument): string {
  const record = item as unknown as Partial<Record<string, string | number | boolean | QuantityDocument>>
  const said = SHELF_FIELDS[item.kind].map(f => {
    const value = record[f.field]
    return f.type === 'quantity' && typeof value === 'object'
      ? [Number(siOf(value, f.quantity).toPrecision(DIGITS)), value.spread ?? null]
      : (value ?? '')
  })
  return JSON.stringify([item.kind, item.name, item.place ?? '', item.note ?? '', ...said])
}
