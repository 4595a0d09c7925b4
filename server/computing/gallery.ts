/** Cards of the gallery, kept while room and Shelf stay as they are: each is a demonstration's whole run. */
import { galleryCard, type GalleryCard, type RoomDocument, type ShelfItemDocument } from '../../core'
import { DEMONSTRATIONS } from '../../core/catalogue/everything'

let kept: { of: string; cards: readonly GalleryCard[] } | undefined

/**
 * All that can be staged in this room with usual values.
 * @param items what is on the Shelf; `with` of a card counts in them
 */
export function galleryCards(room: RoomDocument, items: readonly ShelfItemDocument[]): readonly GalleryCard[] {
  const of = JSON.stringify([room, items])
  if (kept?.of !== of) kept = { of, cards: DEMONSTRATIONS.flatMap(d => galleryCard(d, room, items) ?? []) }
  return kept.cards
}
