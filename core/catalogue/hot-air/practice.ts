/** What is seen and heard where a flame is shut in. */
import { valueAt, type Has, type Simulation, type Traced } from '../../demonstration'
import type { Sentence } from '../../sentence'

/** Oxygen, as a share of the gas, below which a flame is seen to shrink; in free air it is 0.21. Assumption. */
const SHRINKS = 0.19

/** @param time on the staging's clock */
export function flameSenses(_values: Has<never>, { trace, events }: Traced<Simulation>, time: number): Sentence[] {
  const out = events.find(e => e.id === 'out')?.time ?? Infinity
  const pressure = trace.columns.pressure
  const over = valueAt(trace, 'pressure', time) - pressure[0]
  const flame: Sentence[] =
    !trace.columns.oxygen || !Number.isFinite(out)
      ? []
      : time >= out
        ? ['The flame is out; a thread of smoke.']
        : [valueAt(trace, 'oxygen', time) < SHRINKS ? 'The flame shrinks.' : 'The flame burns brightly.']
  return [...flame, ...(over > 20 ? ['It hisses and dances: gas goes out.' as Sentence] : [])]
}
