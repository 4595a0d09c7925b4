import { listShelf } from '../../database/shelf'

export default defineEventHandler(() => listShelf())
