import type { Trace } from './trace'

/** Value of a trace's column at a time, between rows in a straight line; the ends beyond them. */
export function valueAt(trace: Trace, column: string, time: number): number {
  const values = trace.columns[column]
  if (!values) throw new RangeError(`column: ${column} is not one of ${Object.keys(trace.columns).join(', ')}`)
  const { time: times } = trace
  let low = 0
  let high = times.length - 1
  if (time <= times[0]) return values[0]
  if (time >= times[high]) return values[high]
  while (high - low > 1) {
    const middle = (low + high) >> 1
    if (times[middle] <= time) low = middle
    else high = middle
  }
  const span = times[high] - times[low]
  return span > 0 ? values[low] + ((values[high] - values[low]) * (time - times[low])) / span : values[high]
}

/** Index of the last row at or before a time (rows of the next stage start at the same time, so the last one wins). */
export function indexAt(times: readonly number[], time: number): number {
  let index = 0
  for (let i = 0; i < times.length && times[i] <= time + 1e-9; i++) index = i
  return index
}
