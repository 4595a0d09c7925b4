/** What can be made ready before anybody watches: the steps before the first that can hurt or is watched. */
import { hazardsOf } from './judged'
import type { Demonstration } from './demonstration'
import type { ProcedureStep } from './procedure'
import type { Values } from './values'

/** @returns its steps in order; hot water, which would be cold by then, is not among them */
export function preparationOf(demonstration: Demonstration, values: Values): ProcedureStep[] {
  const first = demonstration.procedure.findIndex(
    step => (step.marks?.length ?? 0) > 0 || hazardsOf(step, values).length > 0,
  )
  return demonstration.procedure.slice(0, Math.max(0, first))
}
