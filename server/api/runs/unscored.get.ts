import { listUnscored } from '../../database/runs'

/** Runs that are worked out at once. */
const AT_ONCE = 20

export default defineEventHandler(() => listUnscored(useRuntimeConfig().public.model, AT_ONCE))
