/** Which demonstrations a shelf's things are good for. */
import { knownDemonstrations } from '../catalogue'
import { type Demonstration, type ShelfPlace } from '../demonstration'
import { siOf } from './document-values'
import type { ShelfItemDocument } from './shelf'
import { ShelfFaults, vesselValues } from './shelf-values'

const between = (x: number, [least, most]: readonly [number, number] = [0, Infinity]) => x >= least && x <= most

/** True if an item can stand in a place of a procedure; what is unfit can't stand anywhere. */
export function fits(item: ShelfItemDocument, place: ShelfPlace): boolean {
  if (item.kind !== place.kind) return false
  if (item.kind === 'heater')
    return (
      (!place.heaters || place.heaters.includes(item.heaterKind)) &&
      between(siOf(item.ratedPower, 'power'), place.power)
    )
  if (item.kind !== 'vessel') return true
  if (item.condition === 'unfit' || (item.condition === 'scratched' && item.wallMaterial === 'glass')) return false
  if (place.shapes && !place.shapes.includes(item.shape)) return false
  if (place.materials && !place.materials.includes(item.wallMaterial)) return false
  if (!place.capacity && !place.mouth) return true
  try {
    const { capacity, mouthDiameter } = vesselValues(item)
    return between(capacity, place.capacity) && between(mouthDiameter, place.mouth)
  } catch (error) {
    if (error instanceof ShelfFaults) return false
    throw error
  }
}

export interface Fit {
  demonstration: Demonstration
  /** for each place of its procedure, the items that can stand there */
  places: { place: ShelfPlace; items: number[] }[]
  /** places that nothing on the shelf can fill */
  missing: ShelfPlace[]
}

/** What of `items` fits where in a demonstration; items are told by their index. */
export function fitsOf(demonstration: Demonstration, items: readonly ShelfItemDocument[]): Fit {
  const places = demonstration.shelf.map(place => ({
    place,
    items: items.flatMap((item, i) => (fits(item, place) ? [i] : [])),
  }))
  return { demonstration, places, missing: places.filter(p => p.items.length === 0).map(p => p.place) }
}

/** The same for every demonstration at hand. */
export const fitShelf = (items: readonly ShelfItemDocument[]): Fit[] =>
  knownDemonstrations().map(demonstration => fitsOf(demonstration, items))

/** Of demonstrations those that an item can be staged in. */
export const suitedTo = <D extends Pick<Demonstration, 'shelf'>>(
  item: ShelfItemDocument,
  demonstrations: readonly D[],
): D[] => demonstrations.filter(d => d.shelf.some(place => fits(item, place)))
