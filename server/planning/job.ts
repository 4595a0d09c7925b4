import {
  clashes,
  mends,
  planShow,
  type Act,
  type Mend,
  type Plan,
  type Sentence,
  type SolveProgramme,
} from '../../core'
import type { Stagecraft } from '../../core'

/** What is asked of the planner. */
export interface Job {
  acts: Act[]
  stage: Stagecraft
}

export interface Planned {
  plan: Plan | undefined
  clashes: Sentence[]
  mends: Mend[]
}

/** s in which ways to mend a show that does not fit are looked for */
const MENDING = 4

/** Plans a show; takes seconds, and holds its thread. */
export function answer({ acts, stage }: Job, solve: SolveProgramme): Planned {
  const plan = planShow(acts, stage, solve)
  return { plan, clashes: clashes(acts, plan, stage), mends: mends(acts, stage, solve, plan, MENDING) }
}

/** What can be told in a moment, where there is no time for more: a plan that can be performed, if not the best. */
export function quickAnswer({ acts, stage }: Job): Planned {
  const plan = planShow(acts, stage, () => undefined)
  return { plan, clashes: clashes(acts, plan, stage), mends: [] }
}
