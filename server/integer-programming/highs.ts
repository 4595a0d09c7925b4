import loadHighs, { type Model } from 'highs'
import type { SolveProgramme } from '../../core'

/** A hint only: where the solver finds it a hair outside of what is allowed, it looks from the beginning. */
function begin(model: Model, start: Readonly<Record<string, number>>): void {
  const names = Object.keys(start)
  try {
    model.setSolution({ indices: names.map(n => model.getColByName(n)), values: names.map(n => start[n]) })
  } catch {
    /* told above */
  }
}

let loading: Promise<SolveProgramme> | undefined

/** Proven to within this share of the best. */
const GAP = 1e-4

function valuesOf(model: Model): Record<string, number> {
  const { colValue } = model.getSolution()
  return Object.fromEntries(Array.from(colValue, (value, column) => [model.getColName(column), value]))
}

/** The mixed-integer solver HiGHS, loaded once. It holds the thread while it works. */
export function integerProgrammer(): Promise<SolveProgramme> {
  loading ??= loadHighs().then(
    (highs): SolveProgramme =>
      (programme, start, seconds) =>
        highs.withModel({ format: 'lp', data: programme }, model => {
          model.options.set('output_flag', false)
          model.options.set('time_limit', seconds)
          model.options.set('mip_rel_gap', GAP)
          begin(model, start)
          model.run()
          const status = Number(model.info.get('primal_solution_status'))
          if (status !== FEASIBLE) return undefined
          const cost = model.getObjectiveValue()
          const bound = Number(model.info.get('mip_dual_bound'))
          return { values: valuesOf(model), bound: Number.isFinite(bound) ? Math.min(bound, cost) : 0 }
        }),
  )
  return loading
}

/** HiGHS's word for a solution that breaks no rule. */
const FEASIBLE = 2
