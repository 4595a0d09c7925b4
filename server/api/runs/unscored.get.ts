import { listUnscored } from '../../database/runs'

/** Runs that are worked out at once. */
const AT_ONCE = 20

export default defineEventHandler(() => listUnscored(useRuntimeConfig().app.buildId, AT_ONCE))
