/** What the gallery shows of a demonstration, worked out with usual values in this room and what is on the Shelf. */
import { showingPosition, timeAt, type Demonstration, type Gallery, type Scene, type ShelfKind } from '../demonstration'
import { lessonCandidate, type LessonCandidate } from '../lesson'
import type { Sentence } from '../sentence'
import { siOf, withRoom } from './document-values'
import type { RoomDocument, ShelfItemDocument } from './shelf'
import { fitsOf } from './shelf-fit'
import { attemptReading, resolveStaging, type ReadStaging } from './staging-reading'

/** From this capacity on a strong heater is wanted, m3. */
const LARGE = 3e-3
/** Things of a kit that a card names. */
const NAMED = 6

export interface GalleryCard {
  id: string
  name: string
  summary: string
  gallery: Gallery
  /** that it takes, at least one */ minutes: number
  /** where nothing of it comes from the Shelf */ kit: Sentence[]
  /** things on the Shelf that it would be started with, by their place in the list */ with: number[]
  missing: ShelfKind[]
  /** at the moment that shows most */ still: Scene
  /** for a lesson; left out where it is only told of */ lesson?: LessonCandidate
}

/** A demonstration with usual values in a room. @throws StagingFaults where it can't be staged so there */
export const usualStaging = (demonstration: Demonstration, room: RoomDocument): ReadStaging =>
  resolveStaging(
    withRoom(
      { format: 'zealous-hush/staging', version: 1, demonstration: demonstration.id, title: '', inputs: {} },
      room,
      demonstration,
    ),
  )

/** The item to start with: of heaters the strongest for what is large, otherwise the first. */
function pick(
  demonstration: Demonstration,
  items: readonly ShelfItemDocument[],
  candidates: readonly number[],
): number {
  const usual = demonstration.inputs.find(i => i.onShelf === 'pumpKind')?.default
  const [first] = candidates
  // A pump of the kind that the demonstration usually takes, where there is one.
  if (items[first].kind === 'pump')
    return (
      candidates.find(i => {
        const item = items[i]
        return item.kind === 'pump' && item.pumpKind === usual
      }) ?? first
    )
  const volume = demonstration.inputs.find(i => i.onShelf === 'capacity')?.default
  if (items[first].kind !== 'heater' || typeof volume !== 'number' || volume < LARGE) return first
  const power = (i: number) => {
    const item = items[i]
    return item.kind === 'heater' ? siOf(item.ratedPower, 'power') : 0
  }
  return candidates.reduce((best, i) => (power(i) > power(best) ? i : best))
}

/** @returns undefined where it can't be staged in this room with its usual values */
export function galleryCard(
  demonstration: Demonstration,
  room: RoomDocument,
  items: readonly ShelfItemDocument[],
): GalleryCard | undefined {
  const { read } = attemptReading(() => usualStaging(demonstration, room))
  if (!read) return undefined
  const { id, name, summary, gallery } = demonstration
  const simulation = demonstration.simulate(read.values, 'trace')
  const { stages } = simulation.trace
  const lesson = lessonCandidate(demonstration, read.values, simulation)
  const { places, missing } = fitsOf(demonstration, items)
  return {
    id,
    name,
    summary,
    gallery,
    minutes: Math.max(1, Math.ceil(stages.at(-1)!.end / 60)),
    kit: demonstration.shelf.length === 0 && !gallery.whatIf ? demonstration.kit(read.values).slice(0, NAMED) : [],
    with: places.filter(p => p.items.length > 0).map(p => pick(demonstration, items, p.items)),
    missing: missing.map(p => p.kind),
    still: demonstration.drawing(read.values, simulation, timeAt(stages, showingPosition(simulation))),
    ...(lesson && { lesson }),
  }
}
