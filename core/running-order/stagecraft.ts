/** What a show has to work with, and what a plan of it says. */
import type { Act } from './act'

export interface Stagecraft {
  /** how many burners or plates */ heaters: number
  /** W of each, where they differ: a vessel goes on one like the one that it was planned on. Left out: any will do */
  powers?: readonly number[]
  /** people with free hands: with one, nothing is put on the heat during a show */ hands: number
  /** s before the start at which the first heater may go on */ before: number
  /** s that the lesson or show may last; left out: as long as it takes */ length?: number
}

export interface PlannedAct {
  id: string
  /** s; all three the same where no heater is needed */ heatOn: number
  ready: number
  /** off the heat, and sealed */ lift: number
  done: number
  /** s on a low flame */ waits: number
  /** from 0; undefined without a heater */ heater?: number
  /** s later than its target (negative: earlier) */ off: number
}

export interface Plan {
  acts: PlannedAct[]
  /** s by which targets are missed, in all */ missed: number
  /** s by which a plan that was not found in time might miss them less; 0: there is no better one */ unproven: number
}

/** Taking one off and putting the next on, s. */
export const CHANGE = 20
/** Hands it takes to put something on the heat, s. */
export const LIGHT = 20
/** A heater within this share of the planned one's power will do. */
const LIKE = 0.1

/** What a plan costs: seconds that a target is missed by, on a low flame (it wastes water), and until the end. */
export const COST = { missed: 10, waiting: 0.01, lift: 0.001 } as const

/** Heaters, from 0, that will do for an act. */
export const heatersFor = (act: Act, { heaters, powers }: Stagecraft): number[] =>
  Array.from({ length: heaters }, (_, h) => h).filter(
    h => powers?.[h] === undefined || act.power === undefined || Math.abs(powers[h] - act.power) <= LIKE * act.power,
  )

export const costOf = (acts: readonly PlannedAct[]): number =>
  acts.reduce((sum, a) => sum + COST.missed * Math.abs(a.off) + COST.waiting * a.waits + COST.lift * a.lift, 0)
