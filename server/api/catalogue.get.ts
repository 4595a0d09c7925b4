import { listDemonstrations } from '../../core'

/** What lists say of each demonstration. */
export default defineEventHandler(() => listDemonstrations())
