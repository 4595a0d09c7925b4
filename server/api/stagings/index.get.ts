import { listStagings } from '../../database/stagings'

export default defineEventHandler(() => listStagings())
