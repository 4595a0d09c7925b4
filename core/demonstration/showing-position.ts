import type { Traced } from './simulation'
import type { Trace } from './trace'

/**
 * The position that shows most: just after the moment that ends the hush, or late in the last stage if nothing does.
 */
export function showingPosition({ trace, details }: Pick<Traced, 'trace' | 'details'>): number {
  const { stages } = trace
  const goneAt = details.showAt ?? details.goneAt
  if (goneAt === undefined) return stages.length - 0.35
  const index = Math.max(
    0,
    stages.findIndex((s, i) => s.end > goneAt + 1e-9 || i === stages.length - 1),
  )
  const stage = stages[index]
  return index + Math.min(0.97, Math.max(0.45, (goneAt - stage.start) / Math.max(stage.end - stage.start, 1e-9) + 0.15))
}

/** The time at a position along the stages: 1.5 is the middle of the second. */
export function timeAt(stages: Trace['stages'], position: number): number {
  const index = Math.min(stages.length - 1, Math.floor(position))
  const stage = stages[index]
  return stage.start + (stage.end - stage.start) * Math.min(1, position - index)
}
