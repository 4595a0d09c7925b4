import loadHighs from 'highs'
import type { SolveProgramme } from '../../core'

let loading: Promise<SolveProgramme> | undefined

/** The mixed-integer solver, loaded once. */
export function integerProgrammer(): Promise<SolveProgramme> {
  loading ??= loadHighs().then((highs): SolveProgramme => programme => {
    const solution = highs.solve(programme, { time_limit: 10 })
    if (solution.Status !== 'Optimal' && solution.Status !== 'Time limit reached') return undefined
    return Object.fromEntries(
      Object.entries(solution.Columns).map(([name, column]) => [name, (column as { Primal: number }).Primal]),
    )
  })
  return loading
}
