/** The time that counts: devices work out how far off theirs is. */
export default defineEventHandler(() => ({ now: Date.now() }))
