/** Runs a closed vessel from the seal until it has gone, or nothing more will come of it; see `cooling-vessel.ts`. */
import { integratorOf, type OdeEvent } from '../solver'
import { COOLING, type CoolingVessel } from './cooling-vessel'
import { openingFlow } from './inflow'

/** How long a sealed vessel is watched, s: beyond it nobody waits. */
export const LONGEST_SEALED = 3600
/** The collapse is watched for this long, and for this share of the hush, whichever is more. */
const AFTERWARDS = { seconds: 5, share: 0.5 }
/** Share of its greatest difference that a vessel has reached when no more is worth waiting for. */
const NO_MORE = 0.95
/** What a wall does after its collapse need not be followed as closely as the way there. */
const CREEP_TOLERANCE = 3
/** The sudden part of a collapse is over by then, s: what still moves follows the difference. */
const SUDDEN = 0.04
/** Explicit steps tried in the collapse, which is too quick to be stiff. */
const COLLAPSE_STEPS = 40
/** Difference from which a leak that eats it up again ends the watch, Pa. */
const WORTH_WATCHING = 1500
/** Volume lost that shows, as a fraction. */
const SHOWS = 0.02

export interface SealedEnd {
  /** s from the seal; undefined if it never goes */
  hush: number | undefined
  /** Pa */ peakDifference: number
  /** s from the seal */ timeOfPeak: number
  /** s from the seal: when the difference first came within a twentieth of its greatest */ noMore: number
  /** s from the seal */ end: number
  /** kg/s let in through the leak, at most */ peakLeak: number
}

export interface SealedOptions {
  /** relative, of one step */ tolerance: number
  /** a soft wall folds as the difference grows and has no sudden moment; its hush ends when the fold shows */ soft?: boolean
  /** s */ longest?: number
  /** s from the seal until the coolant is there; 0 if left out */ coolDelay?: number
  record?: (time: number, state: Float64Array) => void
}

const times: number[] = []
const differences: number[] = []

/**
 * Follows a closed vessel from the seal.
 *
 * @param state in and out, see `COOLING`; vapour, air, gas, walls and liquid set by the caller, the rest zero
 */
export function coolSealed(system: CoolingVessel, state: Float64Array, options: SealedOptions): SealedEnd {
  const { leakArea, room } = system.plan
  const { tolerance, soft = false, longest = LONGEST_SEALED, coolDelay = 0, record } = options
  const critical: OdeEvent = { id: 'critical', direction: 1, stops: true, value: (_, s) => system.difference(s) - system.critical(s) }
  const stops: OdeEvent = { id: 'wall-stops', direction: -1, stops: true, value: (_, s) => s[COOLING.losing]! }
  const shows: OdeEvent = { id: 'shows', direction: 1, stops: false, value: (_, s) => s[COOLING.lost]! - SHOWS }
  const settled: OdeEvent = { id: 'settled', direction: -1, stops: true, value: (_, s) => system.unrest(s) }
  let peakDifference = 0
  let timeOfPeak = 0
  let peakLeak = 0
  // Once air has leaked in to make up nearly half the difference, it is over.
  const lost: OdeEvent = { id: 'leaked', direction: -1, stops: true, value: (_, s) => peakDifference > WORTH_WATCHING ? system.difference(s) - 0.6 * peakDifference : 1 }
  let hush: number | undefined
  let time = 0
  let end = longest
  times.length = differences.length = 0
  const onStep = (at: number, s: Float64Array) => {
    const difference = system.difference(s)
    if (difference > peakDifference) { peakDifference = difference; timeOfPeak = at }
    times.push(at)
    differences.push(difference)
    if (leakArea > 0) {
      const leak = openingFlow(leakArea, difference, room.airDensity)
      if (leak > peakLeak) peakLeak = leak
    }
    record?.(at, s)
  }
  const integrator = integratorOf(system.size)
  system.wall = soft ? 'creeping' : 'standing'
  system.cooled = coolDelay <= 0
  while (time < end) {
    const events = system.wall === 'standing' ? [critical, settled, lost] : system.wall === 'moving' ? [stops] : [shows, settled, lost]
    const sudden = system.wall === 'moving' ? time + SUDDEN : Infinity
    const until = Math.min(end, system.cooled ? Infinity : coolDelay, sudden)
    const stage = integrator.run(system, state, time, until, {
      tolerance: system.wall === 'creeping' && !soft ? CREEP_TOLERANCE * tolerance : tolerance,
      firstStep: system.wall === 'moving' ? 1e-5 : 0.05, explicitSteps: system.wall === 'moving' ? COLLAPSE_STEPS : 0, events, onStep,
    })
    time = stage.time
    const shown = stage.occurrences.find(o => o.id === 'shows')
    if (soft && shown && hush === undefined) hush = shown.time
    if (stage.stoppedBy === undefined && until < end) {
      if (!system.cooled && time >= coolDelay) system.cooled = true
      if (time >= sudden) {
        system.wall = 'creeping'
        state[COOLING.losing] = 0
      }
      continue
    }
    if (stage.stoppedBy === undefined || stage.stoppedBy === 'settled' || stage.stoppedBy === 'leaked') break
    if (stage.stoppedBy === 'critical') {
      hush = time
      end = Math.min(longest, time + Math.max(AFTERWARDS.seconds, AFTERWARDS.share * time))
      system.wall = 'moving'
      state[COOLING.losing] = 1e-6
    } else {
      system.wall = 'creeping'
      state[COOLING.losing] = 0
    }
  }
  const index = differences.findIndex(d => d >= NO_MORE * peakDifference)
  return { hush, peakDifference, timeOfPeak, noMore: index < 0 ? time : times[index]!, end: time, peakLeak }
}
