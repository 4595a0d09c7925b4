import { currentRoom } from '../database/room'
import { listShelf } from '../database/shelf'
import { galleryCards } from '../computing/gallery'

/** The cards of all demonstrations, as they are in this room with what is on the Shelf now. */
export default defineEventHandler(async () => {
  const [room, shelf] = await Promise.all([currentRoom(), listShelf()])
  const items = shelf.filter(i => !i.retired)
  const cards = await galleryCards(
    room.document,
    items.map(i => i.document),
  )
  return cards.map(card => ({ ...card, with: card.with.map(i => items[i].id) }))
})
