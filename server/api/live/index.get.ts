import { listShows } from '../../database/shows'

export default defineEventHandler(() => listShows())
