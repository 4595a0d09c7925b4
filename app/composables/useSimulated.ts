import { leanRun } from '~/stagings/lean-run'
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
    if (import.meta.server) came[key] ??= JSON.stringify(leanRun(demonstration.simulate(values, 'trace')))
    const kept = came[key]
    return kept === undefined ? demonstration.simulate(values, 'trace') : (JSON.parse(kept) as Traced)
  }
}
