/** What has become of the things on the Shelf that a staging was made with. */
import { SHELF_KINDS, type Demonstration, type ShelfKind } from '../demonstration'
import type { ShelfItemDocument } from './shelf'
import { fits } from './shelf-fit'
import { inputsFromItem } from './shelf-values'
import type { StagingDocument } from './staging'

export interface ThingOnShelf {
  id: string
  version: number
  retired: boolean
  document: ShelfItemDocument
}

/** How a staging remembers the things that it was made with. */
export const thingsFrom = (items: readonly Omit<ThingOnShelf, 'retired'>[]): StagingDocument['things'] =>
  Object.fromEntries(
    items.flatMap(({ id, version, document: { kind } }) =>
      SHELF_KINDS.some(k => k === kind) ? [[kind, { id, version }]] : [],
    ),
  )

/**
 * `unfit`: it may not be used for this any more, and nothing is forecast with it. `retired`: it is not on the Shelf any
 * more. `measured`: other numbers hold of it now.
 */
export interface ThingChange {
  kind: ShelfKind
  name: string
  now: 'unfit' | 'retired' | 'measured'
  version: number
  /** what holds of it now */ inputs: StagingDocument['inputs']
}

const sameInput = (a: unknown, b: unknown): boolean => {
  if (typeof a !== 'object' || a === null || typeof b !== 'object' || b === null) return a === b
  const [x, y] = [a, b] as [{ value?: unknown; unit?: unknown }, { value?: unknown; unit?: unknown }]
  return x.value === y.value && x.unit === y.unit
}

/** Things that somebody changed since they were taken; of one that is not on this Shelf nothing is known. */
export function changedThings(
  staging: Pick<StagingDocument, 'inputs' | 'things'>,
  demonstration: Pick<Demonstration, 'inputs' | 'shelf'>,
  items: readonly ThingOnShelf[],
): ThingChange[] {
  return SHELF_KINDS.flatMap((kind): ThingChange[] => {
    const taken = staging.things?.[kind]
    const item = taken && items.find(i => i.id === taken.id)
    if (!item) return []
    const { document, version, retired } = item
    const fitting = demonstration.shelf.some(place => place.kind === kind && fits(document, place))
    const inputs = fitting ? inputsFromItem(document, demonstration) : {}
    const told = { kind, name: document.name, version, inputs }
    if (!fitting) return [{ ...told, now: 'unfit' }]
    if (retired) return [{ ...told, now: 'retired' }]
    const changed = Object.entries(inputs).some(([id, now]) => !sameInput(staging.inputs[id], now))
    return version > taken.version && changed ? [{ ...told, now: 'measured' }] : []
  })
}

/** Names of things that may not be used for it any more. */
export const unfitThings = (...asked: Parameters<typeof changedThings>): string[] =>
  changedThings(...asked).flatMap(change => (change.now === 'unfit' ? [change.name] : []))
