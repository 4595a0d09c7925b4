import loadHighs from 'highs'
import type { Solver } from '../../core'

let loading: Promise<Solver> | undefined

/** The mixed-integer solver, loaded once. */
export function solver(): Promise<Solver> {
  loading ??= loadHighs().then((highs): Solver => programme => {
    const solution = highs.solve(programme, { time_limit: 10 })
    if (solution.Status !== 'Optimal' && solution.Status !== 'Time limit reached') return undefined
    return Object.fromEntries(
      Object.entries(solution.Columns).map(([name, column]) => [name, (column as { Primal: number }).Primal]),
    )
  })
  return loading
}
