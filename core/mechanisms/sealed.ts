/** Runs a closed vessel from the seal until nothing more can come of it; see `cooling-vessel.ts`. */
import { firstReached, integratorOf, type OdeEvent } from '../solver'
import { WIDE_DIFFERENCE, type CoolingVessel } from './cooling-vessel'
import { COOLING } from './cooling-plan'

/** Difference that nothing feels, Pa. */
const NEGLIGIBLE = 10
/** Longest that a sealed vessel is followed, s: by then everything has reached its last temperature. */
const LONGEST_SEALED = 12 * 3600
/** Share of its greatest difference that a vessel has reached when no more is worth waiting for. */
const NO_MORE = 0.95
/**
 * A wall that creeps goes in and never out: what a step is off by adds up to too little. How far it goes is what is
 * asked, all the more of a soft wall, which creeps all the way.
 */
const [CREEP_TOLERANCE, SOFT_TOLERANCE] = [0.7, 0.15]
/** A skin is followed by a law without a threshold, and its end is a balance that a step finds by itself. */
const SKIN_TOLERANCE = 2
/** The sudden part of a collapse is over by then, s: what still moves follows the difference. */
const SUDDEN = 0.04
/** First steps that are tried, s: of what stands or creeps, and of a wall that gives way. */
const [FIRST_STEP, FIRST_STEP_OF_A_FOLD] = [0.1, 1e-5]
/** Explicit steps tried in the collapse, which is too quick to be stiff. */
const COLLAPSE_STEPS = 40
/** The difference is past its greatest once it has fallen to this share of it. */
const OVER = 0.9
/**
 * Steps for one stage of the watch, over the root of the tolerance: 774 in a forecast, where a hundred are usual. A
 * leak that lets in what the cold takes keeps the inside even with the room for hours, a few pascals this way and that;
 * by then its greatest difference is long past, and it is left alone. Of 400 tanks over the usual ranges none comes to
 * anything else by half as many, nor by five times.
 */
const PATIENCE = 60
/** The same for a second run, which is for the greatest difference alone: that comes early. */
const PATIENCE_FOR_THE_PEAK = 15
const MOST_PATIENCE = 19_000
/** Nothing more comes of it once all that can still come is less than this share of what has been. */
const SPENT = 0.98
/** What ends the watch. */
const OVER_BY = new Set(['settled', 'spent', 'falls', 'patience'])
/** Volume lost that shows, as a fraction. */
const SHOWS = 0.02

/** How closely, against the way to the collapse, a wall is followed that gives way. */
const following = ({ wall, plan }: CoolingVessel, soft: boolean): number =>
  wall !== 'creeping' ? 1 : plan.strength.skin ? SKIN_TOLERANCE : soft ? SOFT_TOLERANCE : CREEP_TOLERANCE

export interface SealedEnd {
  /** s from the seal; undefined if it never goes */
  hush: number | undefined
  /** s from the seal at which the difference first passes `talkAt` */ talk: number | undefined
  /** Pa */ peakDifference: number
  /** s from the seal */ timeOfPeak: number
  /** s from the seal: when the difference first came within a twentieth of its greatest */ noMore: number
  /** s from the seal */ end: number
  /** s from the seal when this share of the volume was lost; undefined if never. Good until the next run. */
  whenLost: (share: number) => number | undefined
}

export interface SealedOptions {
  /** relative, of one step */ tolerance: number
  /** a soft wall folds as the difference grows and has no sudden moment; its hush ends when the fold shows */
  soft?: boolean
  /** s */ longest?: number
  /** s from the seal until the coolant is there; 0 if left out */ coolDelay?: number
  /** Pa */ talkAt?: number
  /** true: stop once the difference falls off from its greatest */ untilPeak?: boolean
  record?: (time: number, state: Float64Array) => void
}

const times: number[] = []
const differences: number[] = []
const losses: number[] = []

/**
 * Follows a closed vessel from the seal: until every act has been done and the gas has nothing left to condense at
 * its coldest wall, or nothing changes any more.
 *
 * @param state in and out, see `COOLING`; vapour, air, gas, walls and liquid set by the caller, the rest zero
 */
export function coolSealed(system: CoolingVessel, state: Float64Array, options: SealedOptions): SealedEnd {
  const { soft = false, untilPeak = false, record } = options
  const { skin } = system.plan.strength
  // Little folds a soft wall; of a metal one a small difference is told by a second run, where it comes to no more.
  system.close = soft && !skin
  const sealed = state.slice()
  const quick = follow(system, state, options)
  const told = quick.peakDifference > WIDE_DIFFERENCE * system.plan.room.pressure || quick.peakDifference === 0
  // One that goes is told by how it went, however weak it is.
  if (skin || soft || untilPeak || record || told || quick.hush !== undefined) return quick
  const after = state.slice()
  state.set(sealed)
  system.close = true
  const closer = follow(system, state, options, PATIENCE_FOR_THE_PEAK)
  if (closer.end >= quick.timeOfPeak) return closer
  // Cut off before the greatest difference: that of the first run is no smaller than it is.
  state.set(after)
  return quick
}

/** The same by one kind of steps. */
function follow(system: CoolingVessel, state: Float64Array, options: SealedOptions, patience = PATIENCE): SealedEnd {
  const {
    tolerance,
    soft = false,
    longest = LONGEST_SEALED,
    coolDelay = 0,
    talkAt,
    untilPeak = false,
    record,
  } = options
  const difference = (_: number, s: Float64Array): number => system.difference(s)
  const critical: OdeEvent = {
    id: 'critical',
    direction: 1,
    stops: true,
    value: (_, s) => system.difference(s) - system.critical(s),
  }
  const stops: OdeEvent = { id: 'wall-stops', direction: -1, stops: true, value: (_, s) => s[COOLING.losing] }
  const shows: OdeEvent = { id: 'shows', direction: 1, stops: false, value: (_, s) => s[COOLING.lost] - SHOWS }
  const settled: OdeEvent = {
    id: 'settled',
    direction: -1,
    stops: true,
    value: (t, s, slope) => system.closedUnrest(t, s, slope),
  }
  const talk: OdeEvent[] =
    talkAt === undefined
      ? []
      : [{ id: 'talk', direction: 1, stops: false, value: (_, s) => system.difference(s) - talkAt }]
  let peakDifference = -Infinity
  let timeOfPeak = 0
  // The greatest so far is known to the steps kept; falling off by a tenth tells that it is over.
  let greatest = 0
  // Once so much air has leaked in that neither the difference nor the fold can ever go further, the long way back to
  // balance changes no answer: it is followed only to be drawn.
  const spent: OdeEvent = {
    id: 'spent',
    direction: -1,
    stops: true,
    value: (_, s) => system.mostToCome(s) - SPENT * Math.min(greatest, system.held(s)),
  }
  const ends = record || system.plan.strength.skin ? [settled] : [settled, spent]
  const falls: OdeEvent[] = untilPeak
    ? [
        {
          id: 'falls',
          direction: -1,
          stops: true,
          value: (_, s) => (greatest > 0 ? system.difference(s) - OVER * greatest : 1),
        },
      ]
    : []
  let hush: number | undefined
  let talked: number | undefined
  let time = 0
  times.length = differences.length = losses.length = 0
  const onStep = (at: number, s: Float64Array) => {
    const now = system.difference(s)
    times.push(at)
    differences.push(now)
    losses.push(s[COOLING.lost])
    if (now > greatest) greatest = now
    record?.(at, s)
  }
  const integrator = integratorOf(system.size)
  system.wall = soft ? 'creeping' : 'standing'
  system.cooled = coolDelay <= 0
  while (time < longest) {
    const watched = [...talk, ...falls, ...(system.cooled ? ends : [])]
    const events =
      system.wall === 'standing' ? [critical, ...watched] : system.wall === 'moving' ? [stops] : [shows, ...watched]
    const sudden = system.wall === 'moving' ? time + SUDDEN : Infinity
    const until = Math.min(longest, system.cooled ? Infinity : coolDelay, sudden)
    const stage = integrator.run(system, state, time, until, {
      tolerance: following(system, soft) * tolerance,
      firstStep: system.wall === 'moving' ? FIRST_STEP_OF_A_FOLD : FIRST_STEP,
      explicitSteps: system.wall === 'moving' ? COLLAPSE_STEPS : 0,
      events,
      onStep,
      // What follows a collapse is told by the ends of its steps; the way there is watched more closely.
      between: record ? 2 : system.wall === 'creeping' && !soft ? 0 : 1,
      peaks: [{ id: 'difference', value: difference }],
      patience: Math.min(MOST_PATIENCE, patience / Math.sqrt(tolerance)),
    })
    time = stage.time
    const { value, time: at } = stage.peaks.difference
    if (value > peakDifference) {
      peakDifference = value
      timeOfPeak = at
    }
    talked ??= stage.occurrences.find(o => o.id === 'talk')?.time
    if (soft) hush ??= stage.occurrences.find(o => o.id === 'shows')?.time
    if (stage.stoppedBy === undefined) {
      if (!system.cooled && time >= coolDelay) system.cooled = true
      if (time >= sudden) {
        system.wall = 'creeping'
        state[COOLING.losing] = 0
      }
      continue
    }
    if (OVER_BY.has(stage.stoppedBy)) break
    if (stage.stoppedBy === 'critical') {
      hush = time
      system.wall = 'moving'
      state[COOLING.losing] = 1e-6
    } else {
      system.wall = 'creeping'
      state[COOLING.losing] = 0
    }
  }
  // A vessel as warm as what cools it has no difference to wait for, only rounding errors.
  peakDifference = peakDifference > NEGLIGIBLE ? peakDifference : 0
  return {
    hush,
    talk: talked,
    peakDifference,
    timeOfPeak,
    noMore: peakDifference > 0 ? (firstReached(NO_MORE * peakDifference, times, differences) ?? time) : 0,
    end: time,
    whenLost: share => firstReached(share, times, losses),
  }
}
