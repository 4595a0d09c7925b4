import type { ItemKind, ShelfItemDocument, StoredItem } from '~~/core'

/** Kinds of thing in the order of the Shelf, with what one of each is called. */
export const KINDS: readonly { kind: ItemKind; title: string; one: string }[] = [
  { kind: 'vessel', title: 'Vessels', one: 'a vessel' },
  { kind: 'heater', title: 'Heaters', one: 'a heater' },
  { kind: 'bath', title: 'Baths and ice', one: 'a bath' },
  { kind: 'pump', title: 'Pumps', one: 'a pump' },
  { kind: 'closure', title: 'Bungs and caps', one: 'a bung or cap' },
  { kind: 'thermometer', title: 'Thermometers', one: 'a thermometer' },
  { kind: 'protection', title: 'Gloves, goggles, screens', one: 'gloves or a screen' },
  { kind: 'consumable', title: 'Consumables', one: 'a consumable' },
]

/** What a search looks through. */
function textOf(document: ShelfItemDocument): string {
  const own = document.kind === 'vessel' ? `${document.wallMaterial} ${document.condition} ${document.shape}` : ''
  return `${document.name} ${document.place} ${document.note} ${own}`.toLowerCase()
}

/** Things that have every word searched for, by kind. */
export function matchingItems(
  items: readonly StoredItem[],
  search: string,
  withRetired: boolean,
): Map<ItemKind, StoredItem[]> {
  const wanted = search.toLowerCase().split(/\s+/).filter(Boolean)
  const byKind = new Map<ItemKind, StoredItem[]>()
  for (const item of items) {
    if (item.retired && !withRetired) continue
    const text = wanted.length > 0 ? textOf(item.document) : ''
    if (!wanted.every(w => text.includes(w))) continue
    const { kind } = item.document
    const list = byKind.get(kind)
    if (list) list.push(item)
    else byKind.set(kind, [item])
  }
  return byKind
}
