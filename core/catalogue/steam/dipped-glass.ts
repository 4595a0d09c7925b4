/** Glass vessels whose mouth or stem is opened under cold water: what bottle and flask have in common. */
import { type Detail, stepTolerance, type Named } from '../../demonstration'
import { CoolingVessel } from '../../mechanisms/cooling-vessel'
import { COOLING, type CoolingPlan } from '../../mechanisms/cooling-plan'
import { dryBaseAfter } from '../../mechanisms/dry-base'
import { plunge } from '../../mechanisms/plunge'
import { coolSealed } from '../../mechanisms/sealed'
import { quickLiquidDensity } from '../../substances/steam-tables'
import type { HeatingPlan } from '../../mechanisms/heating'
import { coolingStart, gasAtSeal, hottestPart, type Filled } from './filling'
import { detailsAtSeal, EventList, forcesOf, goneAt, resultsAtSeal } from './report'
import { traced, type TraceRecorder } from './trace-recorder'

/** Speed of sound in water in a glass vessel, m/s: 1480 in the open, a little less behind a glass wall. */
const SOUND_IN_WATER = 1350
/**
 * Followed so many times more closely than usual: how hard the water strikes is what a glass breaks by, and it comes
 * over a stem's top, or just not, as it swings.
 */
const CLOSER = 1.8
/** Glass is strong enough that its wall never buckles here. */
const RIGID = { criticalDifference: 1e9, residualLoad: 1, stiffening: 0, packing: 0.92 }

export interface Dipped {
  plan: Pick<HeatingPlan, 'vessel' | 'room'>
  filled: Filled
  /** liquid that stays inside when it is turned over, kg */ pool: number
  cooling: Omit<CoolingPlan, 'strength' | 'pool' | 'leakArea'>
  /** closed with a stopper for this long first, s */ stoppered?: number
  /** of that, carried through the air before it is under water, s */ carriedStoppered?: number
  /** m2, outside */ surface: number
  /** s */ longest: number
}

/** What a vessel over a bath comes to; `hush` where water gets through its mouth. */
type DippedResults = ReturnType<typeof resultsAtSeal> &
  ReturnType<typeof forcesOf> & {
    waterDrawnIn: number
    fillFraction: number
    timeToFill: number
    peakInflowSpeed: number
    peakWallForce: number
    inflowImpulse: number
    peakPull: number
    slamPressure: number
    glassChill: number
    hush?: number
  }

/** Runs it from the dip on. @param end what it comes to, and results that the vessel adds */
export function runDipped<M extends Named>(
  dipped: Dipped,
  detail: Detail,
  refinement: number,
  end: (results: DippedResults) => { outcome: string; more: M },
  recorder?: TraceRecorder,
) {
  const { plan, filled, pool, surface, stoppered = 0, carriedStoppered = 0 } = dipped
  const { vessel, room } = plan
  const tolerance = stepTolerance(detail, CLOSER * refinement)
  const gas = gasAtSeal(plan, filled, pool)
  // Filled in and not copied: the caller made it for this run alone.
  const cooling: CoolingPlan = Object.assign(dipped.cooling, { strength: RIGID, pool, leakArea: 0 })
  const mouth = cooling.mouth!
  let opening = filled.sealing
  let system = new CoolingVessel(cooling, detail === 'trace')
  let state = coolingStart(system, filled, gas)
  let glassAtDip = hottestPart(filled)
  if (stoppered > 0) {
    const closed = new CoolingVessel({ ...cooling, mouth: undefined }, detail === 'trace')
    recorder?.beginCooling(filled.sealing, closed)
    coolSealed(closed, state, { tolerance, longest: stoppered, coolDelay: carriedStoppered, record: recorder?.cooling })
    opening += stoppered
    // Left in the air all the time it meets the water as warm as it is by then.
    if (carriedStoppered >= stoppered)
      glassAtDip = Math.max(
        state[COOLING.wetWall],
        state[COOLING.dryWall],
        filled.dryBase === undefined ? 0 : dryBaseAfter(filled.dryBase, stoppered, vessel, room, tolerance),
      )
    // It is down already when the stopper comes out.
    system = new CoolingVessel({ ...cooling, mouth: { ...mouth, plungeSpeed: 10 } }, detail === 'trace')
    state[COOLING.drawnIn] = 0
    state = state.subarray(0, system.size)
  }
  recorder?.beginCooling(filled.sealing, system, opening)
  const before = system.difference(state)
  const ended = plunge(system, state, tolerance, recorder?.cooling, dipped.longest)
  const density = quickLiquidDensity(mouth.waterTemperature)
  const drawnIn = Math.max(0, state[COOLING.drawnIn])
  const stemMass = mouth.stem ? system.passageMass : 0
  const mouthArea = (Math.PI * vessel.mouthDiameter * vessel.mouthDiameter) / 4
  const broughtIn = Math.max(0, drawnIn - stemMass)
  // What stayed in as it was turned over takes up room, too.
  const fillFraction = Math.min(1, (broughtIn + pool) / density / vessel.capacity)
  const entered = ended.occurrences.find(o => o.id === 'mouth-full')?.time
  const full = ended.occurrences.find(o => o.id === 'full')?.time
  const rushed = {
    waterDrawnIn: drawnIn / density,
    fillFraction,
    timeToFill: ended.filled,
    peakInflowSpeed: ended.peakSpeed,
    peakWallForce: density * mouthArea * ended.peakSpeed * ended.peakSpeed,
    inflowImpulse: ended.impulse,
    // The room presses on the bottom that is up, and less presses back over the mouth.
    peakPull: Math.max(0, ended.peakDifference) * mouthArea,
    // Joukowsky: the column in the body stops dead when the last steam is gone; air left inside cushions it before
    // that.
    slamPressure:
      full === undefined
        ? 0
        : (density * SOUND_IN_WATER * Math.max(0, state[COOLING.speed]) * mouthArea) / vessel.crossSection,
    glassChill: Math.max(0, glassAtDip - mouth.waterTemperature),
  }
  const hush: { hush?: number } = entered === undefined ? {} : { hush: entered }
  const results = Object.assign(
    resultsAtSeal(plan, filled, gas, mouth.waterTemperature),
    forcesOf(surface, room.pressure, Math.max(ended.peakDifference, before)),
    rushed,
    hush,
  )
  const { outcome, more } = end(results)
  const events = new EventList({
    'seal': stoppered > 0 ? 'stoppered' : 'mouth under water',
    'mouth-full': mouth.stem ? 'water comes over the top' : 'water through the mouth',
  }).addHeating(filled)
  if (stoppered > 0) events.add('unstop', opening)
  events
    .add('mouth-full', entered === undefined ? undefined : opening + entered)
    .add('full', full === undefined ? undefined : opening + full)
    .add('peak', opening + ended.timeOfPeak)
  const simulation = {
    results: Object.assign(results, more),
    events: events.sorted(),
    outcome,
    details: Object.assign(
      detailsAtSeal(plan, filled),
      { timeOfPeak: opening + ended.timeOfPeak, pool, opening, bathTemperature: mouth.waterTemperature },
      // The hush of a stem ends when the first water comes over its top; a wide mouth has hardly any.
      goneAt(entered === undefined ? undefined : opening + entered),
    ),
  }
  return traced(simulation, recorder)
}
