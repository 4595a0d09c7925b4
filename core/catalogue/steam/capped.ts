/** A vessel that is closed and cooled, from the seal on: shared by tin, drum, bottles and tank. */
import { type Detail, type Ran, stepTolerance } from '../../demonstration'
import { CoolingVessel } from '../../mechanisms/cooling-vessel'
import { COOLING, type CoolingPlan } from '../../mechanisms/cooling-plan'
import type { HeatingPlan } from '../../mechanisms/heating'
import { coolSealed } from '../../mechanisms/sealed'
import { AIR_GAS_CONSTANT } from '../../substances/air'
import { coolingStart, type Filled, type GasAtSeal } from './filling'
import { detailsAtSeal, EventList, forcesOf, goneAt, resultsAtSeal } from './report'
import { traced, type TraceRecorder } from './trace-recorder'

/** Fraction of the volume whose loss a room calls crushed, and the least that shows. */
export const CRUSHED = 0.25
export const VISIBLE = 0.02

/**
 * Fraction of the volume that can be lost at all: what is full of water can't be.
 * @param empty fraction for an empty vessel @param water kg @param capacity m3
 */
export const packingAbove = (empty: number, water: number, capacity: number): number =>
  empty * Math.max(0.02, 1 - water / (1000 * capacity))

export interface Capped {
  plan: Pick<HeatingPlan, 'vessel' | 'room'>
  filled: Filled
  gas: GasAtSeal
  cooling: CoolingPlan
  /** m2, outside */ surface: number
  /** folds as the difference grows */ soft?: boolean
  /** difference at which a panel talks, Pa */ talkAt?: number
  /** s */ longest?: number
  /** s from the seal until the coolant is there */ coolDelay?: number
  /** names of events where they differ */ names?: Readonly<Record<string, string>>
}

/** What a closed vessel comes to; `hush` where it goes, `giveUpTime` where one would wait for more in vain. */
export type CappedResults = ReturnType<typeof resultsAtSeal> &
  ReturnType<typeof forcesOf> & {
    criticalPressureDifference: number
    volumeLost: number
    hush?: number
    talkTime?: number
    giveUpTime?: number
  }

/**
 * Runs the stage and reports it; the caller reads the outcome off the results.
 *
 * "Nothing more will come after" is that of a vessel strong enough to stand: for one that goes it takes a second run,
 * which only a shown trace is worth.
 */
export function runCapped(
  capped: Capped,
  detail: Detail,
  refinement: number,
  outcome: (results: CappedResults) => string,
  recorder?: TraceRecorder,
) {
  const { plan, filled, gas, cooling, surface, soft, talkAt, longest, coolDelay } = capped
  const { room } = plan
  const tolerance = stepTolerance(detail, refinement)
  const system = new CoolingVessel(cooling, detail === 'trace')
  const state = coolingStart(system, filled, gas)
  recorder?.beginCooling(filled.sealing, system)
  const ended = coolSealed(system, state, { tolerance, soft, longest, coolDelay, talkAt, record: recorder?.cooling })
  const talkTime = ended.talk
  const coolest = cooling.coolant.area > 0 ? cooling.coolant.temperature : room.temperature
  // Read before another run takes over the state's array.
  const volumeLost = Math.max(0, state[COOLING.lost])
  const leaked =
    ((state[COOLING.air] - gas.air) * AIR_GAS_CONSTANT * state[COOLING.gas]) /
    (plan.vessel.capacity * Math.max(0.02, 1 - volumeLost))
  let giveUpTime: number | undefined
  if (ended.hush === undefined) giveUpTime = ended.noMore
  else if (detail === 'trace') {
    const unbreakable = new CoolingVessel(
      { ...cooling, strength: { ...cooling.strength, criticalDifference: 1e9 } },
      false,
    )
    giveUpTime = Math.max(
      ended.hush,
      coolSealed(unbreakable, coolingStart(unbreakable, filled, gas), {
        tolerance: stepTolerance('summary', refinement),
        longest,
        coolDelay,
      }).noMore,
    )
  }
  const moments: { hush?: number; talkTime?: number; giveUpTime?: number } = {}
  if (ended.hush !== undefined) moments.hush = ended.hush
  if (talkTime !== undefined) moments.talkTime = talkTime
  if (giveUpTime !== undefined) moments.giveUpTime = giveUpTime
  const results = Object.assign(
    resultsAtSeal(plan, filled, gas, coolest),
    forcesOf(surface, room.pressure, ended.peakDifference),
    { criticalPressureDifference: cooling.strength.criticalDifference, volumeLost },
    moments,
  )
  const at = (time: number | undefined) => (time === undefined ? undefined : filled.sealing + time)
  const events = new EventList(capped.names)
    .addHeating(filled)
    .add('talk', at(talkTime))
    .add('critical', at(ended.hush))
    .add('peak', at(ended.timeOfPeak))
  const simulation = {
    results,
    events: events.sorted(),
    outcome: outcome(results),
    details: Object.assign(
      {
        timeOfPeak: filled.sealing + ended.timeOfPeak,
        pool: cooling.pool,
        /** Pa by which air that came in has made up for what was lost */ leaked,
        bathTemperature: cooling.coolant.temperature,
      },
      detailsAtSeal(plan, filled),
      goneAt(at(ended.hush)),
    ),
  }
  return traced(simulation, recorder)
}

/** Crushed, dented or standing, by the volume lost. */
export const crushOutcome =
  (stands: string) =>
  ({ volumeLost, hush }: CappedResults): string =>
    volumeLost >= CRUSHED ? 'crush' : volumeLost >= VISIBLE || hush !== undefined ? 'dent' : stands

/** It stands, since more air has come in than is missing: neither its wall nor the air that was left holds it. */
export const leaksIn = ({ results: r, details }: Ran<'peakPressureDifference', 'leaked', 'hush'>): boolean =>
  r.hush === undefined && details.leaked > r.peakPressureDifference
