import type { Traced } from '~~/core'

/** Digits of what is drawn of a run: a millionth is less than any screen shows. */
const DIGITS = 7

/** A run as it comes with a page: its results to the last digit, what is drawn against time rounded. */
export function leanRun({ trace, ...run }: Traced): Traced {
  const columns = Object.entries(trace.columns).map(([id, column]) => [id, column.map(x => +x.toPrecision(DIGITS))])
  return { ...run, trace: { ...trace, columns: Object.fromEntries(columns) as Traced['trace']['columns'] } }
}

/**
 * A run as text that is read as the same run; undefined where there is no such text: JSON makes nothing of what is not
 * finite, and a caution that compares with nothing would not show.
 */
export function textOf(run: Traced): string | undefined {
  let finite = true
  const text = JSON.stringify(run, (_, value: unknown) => {
    if (typeof value === 'number' && !Number.isFinite(value)) finite = false
    return value
  })
  return finite ? text : undefined
}
