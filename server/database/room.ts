import type { RoomDocument } from '../../core'
import { singleDocument } from './single-document'

export const { current: currentRoom, save: saveRoom } = singleDocument<RoomDocument>('room', {})
