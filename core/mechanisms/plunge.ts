/** Runs an upturned vessel with its mouth under water from the seal to what ends the hush; see `cooling-vessel.ts`. */
import { firstReachedOnCurve, integratorOf, type Occurrence, type OdeEvent } from '../solver'
import { WIDE_DIFFERENCE, type CoolingVessel } from './cooling-vessel'
import { COOLING } from './cooling-plan'

/**
 * Explicit steps tried in each part of the plunge: a long slow fill pays for more of them, a rigid neck through which
 * all rushes turns stiff sooner.
 */
const EXPLICIT_STEPS = 45
const EXPLICIT_STEPS_RIGID = 20
/** First steps that are tried, s: of water let go, and of a wall. */
const [FIRST_STEP, FIRST_STEP_OF_A_FOLD] = [1e-3, 1e-5]
/** A wall stronger than this is glass and never gives way, Pa. */
const UNBREAKABLE = 1e8
/** Moments that are told of; the others only turn the course of events. */
const REPORTED = ['critical', 'mouth-full', 'full']
/** Share of the mouth's water by which less than none counts as pushed out, so that a start from rest is no end. */
const HAIR = 1e-5
/**
 * Pressure over which standing water is pushed in, Pa: a hundredth of a pascal, so that a start in balance is on one
 * side.
 */
const PUSH = 0.01
/** How long the vessel is watched after the seal, s. */
const LONGEST_PLUNGE = 900

/**
 * Share of the most that comes in, which has come when a room would say that it fills no more; the rest seeps or
 * swings.
 */
const ALL_BUT = 0.9

/** Once it holds so much of its capacity without a wide difference, a vessel will hardly come to one. */
const FILLING = 0.2

const times: number[] = []
const amounts: number[] = []
const inflows: number[] = []

export interface PlungeEnd {
  /** s from the seal; undefined if the wall's strength is never reached */
  hush: number | undefined
  /** Pa */ peakDifference: number
  /** s from the seal */ timeOfPeak: number
  /** s from the seal */ end: number
  /** s from the seal: when it first held nine tenths of the most it ever holds, or was full */ filled: number
  /** fastest inflow, m/s */ peakSpeed: number
  /** momentum brought in, N s */ impulse: number
  occurrences: Occurrence[]
}

/**
 * Follows the vessel from the seal until it is full, or nothing more will be seen, or for `longest` seconds.
 *
 * Water that comes in as fast as the steam goes holds the difference down to a hundredth of the pressure or less, which
 * steps that know the pressure to some thousandths can't tell: such a run is taken again from the seal, by closer
 * steps where the difference is small. One that comes to a wide difference is told by the first.
 *
 * @param state in and out, see `COOLING`; vapour, air, gas, walls and liquid set by the caller, the rest zero
 * @param tolerance relative, of one step
 * @param record called with (seconds since the seal, state)
 */
export function plunge(
  system: CoolingVessel,
  state: Float64Array,
  tolerance: number,
  record?: (time: number, state: Float64Array) => void,
  longest = LONGEST_PLUNGE,
): PlungeEnd {
  if (!record) {
    const sealed = state.slice()
    system.close = false
    const quick = follow(system, state, tolerance, undefined, longest)
    if (quick) return quick
    state.set(sealed)
  }
  system.close = true
  return follow(system, state, tolerance, record, longest)!
}

/** The same by one kind of steps. @returns undefined where they are too wide for what comes of it */
function follow(
  system: CoolingVessel,
  state: Float64Array,
  tolerance: number,
  record: ((time: number, state: Float64Array) => void) | undefined,
  longest: number,
): PlungeEnd | undefined {
  const { plan } = system
  const { capacity } = plan.vessel
  const critical: OdeEvent = {
    id: 'critical',
    direction: 1,
    stops: true,
    value: (_, s) => system.difference(s) - system.critical(s),
  }
  const yields: OdeEvent = {
    id: 'yield',
    direction: 1,
    stops: true,
    value: (_, s) => system.difference(s) - system.held(s),
  }
  const stops: OdeEvent = { id: 'wall-stops', direction: -1, stops: true, value: (_, s) => s[COOLING.losing] }
  const mouthFull: OdeEvent = {
    id: 'mouth-full',
    direction: 1,
    stops: false,
    value: (_, s) => s[COOLING.drawnIn] - system.passageMass,
  }
  const full: OdeEvent = {
    id: 'full',
    direction: -1,
    stops: true,
    value: (_, s) => system.gasVolume(s) / (capacity * (1 - s[COOLING.lost])) - 0.02,
  }
  // Water that has all been pushed out again stands in the mouth until it is pushed in.
  const enters: OdeEvent = { id: 'enters', direction: 1, stops: true, value: (t, s) => system.drive(t, s) - PUSH }
  const leaves: OdeEvent = {
    id: 'leaves',
    direction: -1,
    stops: true,
    value: (_, s) => s[COOLING.drawnIn] + HAIR * system.passageMass,
  }
  // In a stem the fill is over when its water first stops after it has come over the top.
  const still: OdeEvent = {
    id: 'still',
    direction: -1,
    stops: true,
    value: (_, s) => (s[COOLING.drawnIn] > 1.5 * system.passageMass ? s[COOLING.speed] - 0.01 : 1),
  }
  const settled: OdeEvent = { id: 'settled', direction: -1, stops: true, value: (_, s) => system.unrest(s) }
  let widest = 0
  const wide = WIDE_DIFFERENCE * plan.room.pressure
  const fills: OdeEvent = {
    id: 'fills',
    direction: -1,
    stops: true,
    value: (_, s) => (widest > wide ? 1 : system.gasVolume(s) - (1 - FILLING) * capacity),
  }
  let hush: number | undefined
  let peakDifference = 0
  let timeOfPeak = 0
  let peakSpeed = 0
  let time = 0
  let step = FIRST_STEP
  const occurrences: Occurrence[] = []
  times.length = amounts.length = inflows.length = 0
  const onStep = (at: number, s: Float64Array): void => {
    times.push(at)
    amounts.push(s[COOLING.drawnIn])
    inflows.push(system.inflow(s))
    widest = Math.max(widest, system.difference(s))
    record?.(at, s)
  }
  const peaks = [
    { id: 'difference', value: (_: number, s: Float64Array) => system.difference(s) },
    { id: 'speed', value: (_: number, s: Float64Array) => s[COOLING.speed] },
  ]
  const unbreakable = plan.strength.criticalDifference >= UNBREAKABLE
  const rigid = !plan.mouth?.stem && unbreakable
  const integrator = integratorOf(system.size)
  system.wall = 'standing'
  system.dependsOnTime = true
  system.kept = system.drive(0, state) <= PUSH
  while (time < longest) {
    const water = system.kept ? enters : leaves
    const events =
      system.wall === 'moving'
        ? [stops, mouthFull, full]
        : [
            water,
            ...(unbreakable ? [] : [hush === undefined ? critical : yields]),
            settled,
            mouthFull,
            full,
            ...(plan.mouth?.stem ? [still] : []),
            ...(system.close ? [] : [fills]),
          ]
    const end = system.dependsOnTime ? system.plungeTime : longest
    const stage = integrator.run(system, state, time, end, {
      tolerance,
      firstStep: step,
      explicitSteps: rigid ? EXPLICIT_STEPS_RIGID : EXPLICIT_STEPS,
      events,
      peaks,
      onStep,
      between: record ? 1 : 0,
    })
    if (stage.stoppedBy === 'fills') return undefined
    time = stage.time
    const { difference, speed } = stage.peaks
    if (difference.value > peakDifference) {
      peakDifference = difference.value
      timeOfPeak = difference.time
    }
    peakSpeed = Math.max(peakSpeed, speed.value)
    for (const o of stage.occurrences) {
      if (o.id !== 'mouth-full' || !occurrences.some(p => p.id === 'mouth-full')) {
        if (REPORTED.includes(o.id)) occurrences.push(o)
      }
    }
    step = FIRST_STEP
    if (stage.stoppedBy === 'full' || stage.stoppedBy === 'settled' || stage.stoppedBy === 'still') break
    if (stage.stoppedBy === undefined) {
      if (!system.dependsOnTime) break
      system.dependsOnTime = false
      // Water that rushes in has hardly begun: its speed is all that follows, so it is begun with care.
      step = rigid ? FIRST_STEP : stage.step
      continue
    }
    if (stage.stoppedBy === 'enters' || stage.stoppedBy === 'leaves') {
      if (stage.stoppedBy === 'enters') system.kept = false
      else {
        state[COOLING.drawnIn] = 0
        state[COOLING.speed] = 0
        system.kept = system.drive(time, state) <= PUSH
      }
      // A drop that goes in and out for ever at a mouth where nothing more will be seen never crosses into rest: it is
      // there already.
      if (!system.dependsOnTime && system.unrest(state) < 0) break
    } else if (stage.stoppedBy === 'wall-stops') {
      system.wall = 'standing'
      state[COOLING.losing] = 0
    } else {
      if (stage.stoppedBy === 'critical') hush = time
      system.wall = 'moving'
      step = FIRST_STEP_OF_A_FOLD
      state[COOLING.losing] = 1e-6
    }
  }
  if (!system.close && peakDifference < wide) return undefined
  const filled =
    firstReachedOnCurve(ALL_BUT * amounts.reduce((most, x) => Math.max(most, x), 0), times, amounts, inflows) ?? time
  return {
    filled: occurrences.find(o => o.id === 'full')?.time ?? filled,
    hush,
    peakDifference,
    timeOfPeak,
    end: time,
    peakSpeed,
    impulse: state[COOLING.impulse],
    occurrences,
  }
}
