import { galleryCard } from '../../core'
import { DEMONSTRATIONS } from '../../core/catalogue/everything'
import { currentRoom } from '../database/room'
import { listShelf } from '../database/shelf'

/** The cards of all demonstrations, as they are in this room with what is on the Shelf now. */
export default defineEventHandler(async () => {
  const [room, shelf] = await Promise.all([currentRoom(), listShelf()])
  const items = shelf.filter(i => !i.retired)
  const documents = items.map(i => i.document)
  return DEMONSTRATIONS.flatMap(demonstration => {
    const card = galleryCard(demonstration, room.document, documents)
    return card ? [{ ...card, with: card.with.map(i => items[i].id) }] : []
  })
})
