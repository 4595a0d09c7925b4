/** A flask boiled out and closed with a balloon: the room's air fills it as fast as the steam makes room. */
import { type Demonstration, type Detail, stepTolerance } from '../../../demonstration'
import { cubeRoot } from '../../../elementary'
import { coolantOf, USUAL_WETTED, type CoolingMethod } from '../../../mechanisms/coolants'
import { CoolingVessel } from '../../../mechanisms/cooling-vessel'
import { COOLING, type CoolingPlan } from '../../../mechanisms/cooling-plan'
import { balloonVolume, hump, skinPressure, type Rubber } from '../../../mechanisms/rubber-balloon'
import { coolSealed } from '../../../mechanisms/sealed'
import { rubberOf } from '../../vacuum/rubber-inputs'
import { coolingStart, fillByBoiling, gasAtSeal, hottestPart, heatingPlan, heldBelowBoiling } from '../filling'
import { detailsAtSeal, EventList, forcesOf, goneAt, resultsAtSeal } from '../report'
import { traced, TraceRecorder } from '../trace-recorder'
import { flaskOf, type BalloonIntoFlaskValues } from './inputs'

/** Stretch at which a balloon looks blown up and not only hung in. */
const ROUND = 1.1
/** Share of the flask's volume that shows through its glass. */
const SEEN = 0.05
/** Share of what the balloon holds in the end after which no more is waited for. */
const ALL_BUT = 0.95
/**
 * Drag of rubber that is stretched and of air in the neck: at a tenth of the flask a second this difference, Pa.
 * Rubber gives back some five to ten hundredths less than it takes, which is a few hundred pascals of its hump;
 * assumption, and nothing at the pace at which most flasks cool.
 */
const DRAG = 200
/** Pressure that a balloon gains in the last hundredth before it fills the flask, Pa: then the glass holds it. */
const AGAINST_GLASS = 2e5
/** Followed so many times more closely than usual: the skin's hump is passed, or just not. */
const CLOSER = 2

/** Stretch of a balloon that holds a volume. @param volume m3 @returns 0 where it is empty */
export const stretchAt = (rubber: Rubber, volume: number): number =>
  volume > 0 ? cubeRoot((3 * volume) / (4 * Math.PI)) / rubber.radius : 0

/**
 * Difference that skin, and in the end the glass round it, hold at a share of the flask, Pa. Below nought it hangs
 * outside, blown up by steam.
 */
const heldBy = (rubber: Rubber, capacity: number, room: number) => (lost: number) => {
  if (lost < 0) return -skinPressure(rubber, stretchAt(rubber, -lost * capacity))
  const skin = skinPressure(rubber, stretchAt(rubber, Math.min(lost, room) * capacity))
  return lost <= room ? skin : skin + (AGAINST_GLASS * (lost - room)) / 0.01
}

export function simulate(values: BalloonIntoFlaskValues, detail: Detail, refinement = 1) {
  const n = values.numbers
  const vessel = flaskOf(values)
  const rubber = rubberOf(values)
  const plan = heatingPlan(values, vessel)
  const { room } = plan
  const tolerance = stepTolerance(detail, CLOSER * refinement)
  const recorder = detail === 'trace' ? new TraceRecorder(plan, 'heat', 'swelling') : undefined
  const filled = fillByBoiling(
    plan,
    { duration: n.sealDelay, uprightShare: 1, moved: false },
    n.surfaceConductance,
    tolerance,
    recorder,
  )
  const gas = gasAtSeal(plan, filled, filled.waterMass)
  const method = values.choices.coolingMethod as CoolingMethod
  const poured = method === 'pour'
  const temperature = poured ? heldBelowBoiling(n.bathTemperature, room) : room.temperature
  const cooling: CoolingPlan = {
    vessel,
    room,
    pool: filled.waterMass,
    leakArea: 0,
    coolant: coolantOf(vessel, {
      method,
      temperature,
      flow: n.coolantFlow * 1000,
      poolDepth: 0,
      wettedShare: Math.min(1, USUAL_WETTED[method] * n.wettedFactor),
      baseContact: 0,
      factor: n.bathTransferFactor,
      excess: filled.wall - temperature,
    }),
    strength: {
      criticalDifference: hump(rubber),
      residualLoad: 1,
      stiffening: 0,
      packing: 1,
      skin: { held: heldBy(rubber, vessel.capacity, n.crowding), resistance: DRAG / 0.1 },
    },
    airLayerFactor: plan.airLayerFactor,
    surfaceConductance: n.surfaceConductance,
  }
  const system = new CoolingVessel(cooling, detail === 'trace')
  const state = coolingStart(system, filled, gas)
  recorder?.beginCooling(filled.sealing, system)
  const ended = coolSealed(system, state, {
    tolerance,
    soft: true,
    coolDelay: poured ? n.coolDelay : 0,
    record: recorder?.cooling,
  })
  const lost = Math.max(0, state[COOLING.lost])
  const stretch = stretchAt(rubber, lost * vessel.capacity)
  const slack = balloonVolume(rubber, 1) / vessel.capacity
  const roundAt = ended.whenLost(Math.max(SEEN, slack * ROUND * ROUND * ROUND))
  const inside = ended.whenLost(SEEN)
  const burst = stretch >= rubber.burst
  const glassChill = poured ? Math.max(0, hottestPart(filled) - temperature) : 0
  const at = (time: number | undefined) => (time === undefined ? undefined : filled.sealing + time)
  const events = new EventList({ seal: 'balloon on', critical: 'goes in' })
    .addHeating(filled)
    .add('critical', at(inside))
    .add('round', at(roundAt))
  const moments: { hush?: number; timeToRound?: number } = {}
  if (inside !== undefined) moments.hush = inside
  if (roundAt !== undefined) moments.timeToRound = roundAt
  const simulation = {
    results: Object.assign(
      {
        criticalPressureDifference: hump(rubber),
        balloonInside: lost * vessel.capacity,
        balloonShare: lost,
        balloonAcross: stretch * 2 * rubber.radius,
        skinPressure: skinPressure(rubber, stretch),
        glassChill,
        // No more is worth waiting for once all but a twentieth of its air is in.
        giveUpTime: ended.whenLost(ALL_BUT * lost) ?? ended.end,
      },
      resultsAtSeal(plan, filled, gas, temperature),
      forcesOf(vessel.upperArea + vessel.crossSection, room.pressure, ended.peakDifference),
      moments,
    ),
    events: events.sorted(),
    outcome:
      glassChill > n.shockLimit
        ? 'crack'
        : burst
          ? 'bursts'
          : roundAt !== undefined
            ? 'in'
            : inside !== undefined
              ? 'limp'
              : 'stays',
    details: Object.assign(
      { timeOfPeak: filled.sealing + ended.timeOfPeak, pool: cooling.pool, bathTemperature: temperature },
      detailsAtSeal(plan, filled),
      goneAt(at(inside)),
    ),
  }
  return traced(simulation, recorder)
}
export type BalloonIntoFlaskRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type BalloonIntoFlask = Demonstration<BalloonIntoFlaskValues, BalloonIntoFlaskRun>
