import { currentRoom } from '../database/room'

export default defineEventHandler(() => currentRoom())
