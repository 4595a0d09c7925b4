import type { MarkKind } from '../demonstration'
import type { Onset } from './onsets'

/**
 * Onsets as a table: s into the sound, its standard uncertainty, how far each stands out, and what it was taken for.
 *
 * @param marks by place in the list
 */
export function onsetsCsv(onsets: readonly Onset[], marks: ReadonlyMap<number, MarkKind>): string {
  const lines = onsets.map((o, i) =>
    [o.time.toFixed(5), o.uncertainty.toFixed(5), o.strength.toFixed(2), marks.get(i) ?? ''].join(),
  )
  return ['time_s,uncertainty_s,strength,mark', ...lines, ''].join('\n')
}
