/** Several acts on one clock: when each goes on the heat and when it is lifted, in a given order. */
import type { Act } from './act'
import { firstPlan } from './first-plan'
import { heatersOf, programme } from './programme'
import { costOf, COST, type Plan, type PlannedAct, type Stagecraft } from './stagecraft'

export interface Solved {
  /** by variable */ values: Record<string, number>
  /** no solution costs less */ bound: number
}

/**
 * Minimises a programme in LP format.
 * @param start a solution to begin with, by variable
 * @param seconds after which the best so far is told
 * @returns undefined if none was found
 */
export type SolveProgramme = (
  programme: string,
  start: Readonly<Record<string, number>>,
  seconds: number,
) => Solved | undefined

/** A plan is looked for so long, s. */
const PATIENCE = 2.5

const asPlan = (acts: PlannedAct[], bound: number): Plan => {
  const open = (costOf(acts) - bound) / COST.missed
  const missed = acts.reduce((sum, a) => sum + Math.abs(a.off), 0)
  // A second in all is within what a hand can keep.
  return { acts, missed, unproven: open < 1 ? 0 : Math.min(open, missed) }
}

/**
 * Plans the acts in their order.
 * @param seconds after which the best plan so far is told
 * @returns undefined if there is no plan at all: an act has no heater that will do
 */
export function planShow(
  acts: readonly Act[],
  stage: Stagecraft,
  solve: SolveProgramme,
  seconds = PATIENCE,
): Plan | undefined {
  if (acts.length === 0) return { acts: [], missed: 0, unproven: 0 }
  const known = firstPlan(acts, stage)
  if (!known) return undefined
  const { text, start } = programme(acts, stage, known)
  const solved = solve(text, start, seconds)
  if (!solved) return asPlan(known, 0)
  const { values, bound } = solved
  const heaters = heatersOf(acts, stage, values)
  const planned = acts.map((act, i): PlannedAct => {
    const lift = values[`c${i}`] ?? 0
    const waits = act.heating > 0 ? Math.max(0, values[`w${i}`] ?? 0) : 0
    const heater = heaters[i]
    return {
      id: act.id,
      heatOn: lift - waits - act.heating,
      ready: lift - waits,
      lift,
      done: lift + act.show,
      waits,
      ...(heater !== undefined && { heater }),
      off: act.target === undefined ? 0 : lift - act.target,
    }
  })
  return asPlan(planned, bound)
}
