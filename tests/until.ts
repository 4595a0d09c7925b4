/** For tests of what happens by and by. */
import { vi } from 'vitest'

/** Waits for a check to hold, as long as a machine may need that others use, too. @throws what it last failed by */
export const until = (check: () => void) => vi.waitFor(check, { timeout: 60_000 })
