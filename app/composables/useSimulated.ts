import { leanRun, textOf } from '~/stagings/lean-run'
import type { ReadStaging, Traced } from '~~/core'

/**
 * Simulates a staging with its trace. What the server simulated to draw a page comes with the page: a slow device takes
 * it up in a tenth of the time that it would take to simulate it again.
 *
 * @returns a function that simulates
 */
export function useSimulated() {
  const came = toRaw(useState<Record<string, string>>('simulated', () => ({})).value)
  return (read: ReadStaging): Traced => {
    const { demonstration, values } = read
    const key = JSON.stringify([demonstration.id, values])
    const kept = came[key]
    if (kept !== undefined) return JSON.parse(kept) as Traced
    const run = demonstration.simulate(values, 'trace')
    if (import.meta.client) return run
    const lean = leanRun(run)
    const text = textOf(lean)
    if (text === undefined) return run
    // What the server draws is what the browser takes up.
    came[key] = text
    return lean
  }
}
