/** Cards of the gallery, kept while room and Shelf stay as they are: each is a demonstration's whole run. */
import { setImmediate } from 'node:timers/promises'
import { galleryCard, type GalleryCard, type RoomDocument, type ShelfItemDocument } from '../../core'
import { DEMONSTRATIONS } from '../../core/catalogue/everything'

let kept: { of: string; cards: Promise<readonly GalleryCard[]> } | undefined

/** One demonstration in each turn: all at once, on a slow machine marks and votes waited seconds for them. */
async function cardsOf(room: RoomDocument, items: readonly ShelfItemDocument[]): Promise<readonly GalleryCard[]> {
  const cards: GalleryCard[] = []
  for (const d of DEMONSTRATIONS) {
    const card = galleryCard(d, room, items)
    if (card) cards.push(card)
    await setImmediate()
  }
  return cards
}

/**
 * All that can be staged in this room with usual values; whoever asks meanwhile is told of the same ones.
 * @param items what is on the Shelf; `with` of a card counts in them
 */
export function galleryCards(room: RoomDocument, items: readonly ShelfItemDocument[]): Promise<readonly GalleryCard[]> {
  const of = JSON.stringify([room, items])
  if (kept?.of !== of) {
    const asked = { of, cards: cardsOf(room, items) }
    kept = asked
    // What failed once is tried again.
    asked.cards.catch(() => {
      if (kept === asked) kept = undefined
    })
  }
  return kept.cards
}
