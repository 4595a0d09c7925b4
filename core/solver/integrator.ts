/**
 * Adaptive integration with located events.
 *
 * Starts with explicit steps where the caller says that they may pay, and goes over to Rosenbrock steps when the
 * explicit ones have used up their allowance, which is the mark of a stiff or long stage. Events are found on the
 * stepper's own interpolant of a step by the Illinois variant of false position. The same input gives the same bits:
 * there is no random choice and no clock.
 */
import { BogackiShampineStepper } from './bogacki-shampine'
import { RosenbrockStepper } from './rosenbrock'
import { PeakTracker } from './peak-tracker'
import type { Stepper } from './stepper'
import type { Integration, Occurrence, OdeEvent, OdePeak, OdeSystem, Peak } from './system'

const MOST_STEPS = 20000
const NO_PEAKS: Integration['peaks'] = {}
const MOST_GROWTH = 5
const SAFETY = 0.85
/**
 * Fourth root, by square roots, which give the same bits everywhere: the step's error goes with its fourth power, or
 * nearly.
 */
const smallRoot = (error: number): number => Math.sqrt(Math.sqrt(error))

/** Written out: for a handful of numbers `TypedArray.set` costs more than the copying. */
function copy(from: Float64Array, to: Float64Array): void {
  for (let i = 0; i < to.length; i++) to[i] = from[i]!
}

function bestOf(trackers: readonly PeakTracker[]): Integration['peaks'] {
  const best: Record<string, Peak> = {}
  for (const tracker of trackers) best[tracker.id] = tracker.best
  return best
}

export interface IntegrationOptions {
  /** relative error aimed at in one step; against `system.scale` where an unknown is near zero */
  tolerance: number
  /** first step, in units of time; a guess is enough */
  firstStep: number
  /** explicit steps to try before Rosenbrock steps take over; none if left out */
  explicitSteps?: number
  events?: readonly OdeEvent[]
  /** quantities whose greatest value is wanted */
  peaks?: readonly OdePeak[]
  /** called at the start and after each step with the state reached; the array is reused */
  onStep?: (time: number, state: Float64Array) => void
  /**
   * points between the ends of each step at which `onStep` is called too, on the interpolant: a curve to be drawn; 0
   * if left out
   */
  between?: number
  /**
   * steps after which it ends where it is, `stoppedBy` "patience": for a wait that may be as long as it likes;
   * without end if left out
   */
  patience?: number
}

export class Integrator {
  private readonly explicit: BogackiShampineStepper
  private readonly implicit: RosenbrockStepper
  private readonly slope: Float64Array
  private readonly nextSlope: Float64Array
  private readonly endSlope: Float64Array
  private readonly reached: Float64Array
  private readonly errors: Float64Array
  private readonly scratch: Float64Array

  constructor(private readonly size: number) {
    this.explicit = new BogackiShampineStepper(size)
    this.implicit = new RosenbrockStepper(size)
    this.slope = new Float64Array(size)
    this.nextSlope = new Float64Array(size)
    this.endSlope = this.explicit.endSlope
    this.reached = new Float64Array(size)
    this.errors = new Float64Array(size)
    this.scratch = new Float64Array(size)
  }

  /**
   * Integrates `state` in place from `start` to `end`, or to the first stopping event.
   *
   * @throws RangeError if the step shrinks to nothing or too many steps are taken (the problem is ill-posed there)
   */
  run(system: OdeSystem, state: Float64Array, start: number, end: number, options: IntegrationOptions): Integration {
    const { size, reached, errors, scratch } = this
    const { tolerance, explicitSteps = 0, events = [], peaks = [], onStep, between = 0, patience = Infinity } = options
    const { scale, reference } = system
    const occurrences: Occurrence[] = []
    const eventValues: number[] = events.map(e => e.value(start, state))
    const trackers = peaks.map(peak => new PeakTracker(peak))
    const evaluationsBefore = this.explicit.evaluations + this.implicit.evaluations
    let stepper: Stepper = explicitSteps > 0 ? this.explicit : this.implicit
    let { slope, nextSlope } = this
    // The three go round as steps are taken.
    this.explicit.endSlope = this.endSlope
    let time = start
    let step = Math.min(options.firstStep, end - start)
    let steps = 0
    let rejected = 0
    let opening = 0
    /** last step before it was cut to the end */
    let uncut = 0
    let evaluations = 1
    let prepared = false
    let justRejected = false
    const finish = (at: number, stoppedBy: string | undefined): Integration => ({
      time: at,
      stoppedBy,
      steps,
      rejected,
      opening,
      step: Math.max(step, uncut),
      occurrences:
        occurrences.length === 0 ? occurrences : occurrences.filter(o => o.time <= at).sort((a, b) => a.time - b.time),
      peaks: trackers.length === 0 ? NO_PEAKS : bestOf(trackers),
      evaluations: this.explicit.evaluations + this.implicit.evaluations - evaluationsBefore + evaluations,
    })
    /** share of the step at hand that `scratch` holds the state of: several quantities are asked for at the same one */
    let held = NaN
    /** State at a share of the step at hand; the array is reused. */
    const within = (share: number): Float64Array => {
      if (share !== held) stepper.interpolate(share, step, state, slope, reached, nextSlope, scratch)
      held = share
      return scratch
    }
    const draw = (share: number): void => {
      for (let k = 1; k <= between; k++) {
        const part = (share * k) / (between + 1)
        onStep!(time + part * step, within(part))
      }
    }

    system.derivatives(time, state, slope)
    for (const tracker of trackers) tracker.start(time, state)
    onStep?.(time, state)
    while (time < end) {
      if (steps + rejected > patience) return finish(time, 'patience')
      if (steps + rejected > MOST_STEPS)
        throw new RangeError(`integration: more than ${MOST_STEPS} steps at time ${time}`)
      if (step > end - time) {
        uncut = step
        step = end - time
      }
      const least = 1e-14 * Math.max(1, Math.abs(time))
      if (!(step > least)) {
        if (end - time < 100 * least) break
        throw new RangeError(`integration: step shrank to ${step} at time ${time}`)
      }
      if (!prepared) {
        stepper.prepare(system, time, state, slope)
        prepared = true
      }
      if (!stepper.attempt(system, time, state, slope, step, reached, errors)) {
        step *= 0.5
        rejected++
        continue
      }
      let error = 0
      const aim = system.closeness ? tolerance * system.closeness(reached) : tolerance
      for (let i = 0; i < size; i++) {
        const zero = reference ? reference[i] : 0
        const before = Math.abs(state[i] - zero)
        const after = Math.abs(reached[i] - zero)
        const ratio = errors[i] / (aim * ((before > after ? before : after) + scale[i]))
        error += ratio * ratio
      }
      error = Math.sqrt(error / size)
      const owed = overdrawn(system, reached, tolerance)
      if (owed || !(error <= 1)) {
        rejected++
        justRejected = true
        step *= owed ? 0.25 : error < Infinity ? Math.max(0.1, SAFETY / smallRoot(error)) : 0.1
        continue
      }

      if (steps++ === 0) opening = step
      held = NaN
      const reachedTime = time + step
      if (stepper.endSlope) {
        const spare = nextSlope
        nextSlope = stepper.endSlope
        stepper.endSlope = spare
      } else {
        system.derivatives(reachedTime, reached, nextSlope)
        evaluations++
      }
      let stopShare = 2
      let stoppedBy: string | undefined
      for (let e = 0; e < events.length; e++) {
        const event = events[e]
        const before = eventValues[e]
        const after = event.value(reachedTime, reached, nextSlope)
        eventValues[e] = after
        if (!(event.direction > 0 ? before < 0 && after >= 0 : before > 0 && after <= 0)) continue
        const share = locate(event, time, step, within, before, after)
        occurrences.push({ id: event.id, time: time + share * step })
        if (event.stops && share < stopShare) {
          stopShare = share
          stoppedBy = event.id
        }
      }
      if (stoppedBy !== undefined) {
        if (between > 0 && onStep) draw(stopShare)
        for (const tracker of trackers) tracker.follow(time, step, stopShare, reached, within)
        within(stopShare)
        copy(scratch, state)
        onStep?.(time + stopShare * step, state)
        return finish(time + stopShare * step, stoppedBy)
      }
      if (between > 0 && onStep) draw(1)
      for (const tracker of trackers) tracker.follow(time, step, 1, reached, within)
      copy(reached, state)
      time = reachedTime
      const left = slope
      slope = nextSlope
      nextSlope = left
      prepared = false
      onStep?.(time, state)
      // After a rejection the step is not allowed to grow at once, nor for a while past what was refused, or it would
      // be rejected again.
      const growth = error > 1e-3 ? Math.max(0.2, SAFETY / smallRoot(error)) : MOST_GROWTH
      step *= Math.min(growth, justRejected ? 1 : MOST_GROWTH)
      justRejected = false
      if (stepper === this.explicit && steps >= explicitSteps) stepper = this.implicit
    }
    return finish(end, undefined)
  }
}

/**
 * Whether a step has used up more of an amount than there was: the error estimate can be blind to it, where what uses
 * it up ends at nought (L. F. Shampine, S. Thompson, J. A. Kierzenka & G. D. Byrne, Appl. Math. Comput. 170 (2005)
 * 556). What is below nought by less than the tolerance is nought.
 */
function overdrawn({ amounts, scale }: OdeSystem, state: Float64Array, tolerance: number): boolean {
  if (!amounts) return false
  for (let i = 0; i < amounts.length; i++) {
    const place = amounts[i]
    if (state[place] < -tolerance * scale[place]) return true
    if (state[place] < 0) state[place] = 0
  }
  return false
}

/** Share of the step at which the event's value crosses zero. */
function locate(
  event: OdeEvent,
  time: number,
  step: number,
  within: (share: number) => Float64Array,
  before: number,
  after: number,
): number {
  let left = 0
  let right = 1
  let leftValue = before
  let rightValue = after
  let side = 0
  for (let round = 0; round < 60 && right - left > 1e-12; round++) {
    const share = (left * rightValue - right * leftValue) / (rightValue - leftValue)
    // On a straight line the first turn meets the zero to the last bit, and the next one can't move from it.
    if (share <= left) return left
    if (!(share < right)) break
    const value = event.value(time + share * step, within(share))
    if (value < 0 === before < 0 && value !== 0) {
      left = share
      leftValue = value
      if (side === -1) rightValue *= 0.5
      side = -1
    } else {
      right = share
      rightValue = value
      if (side === 1) leftValue *= 0.5
      side = 1
    }
  }
  return right
}
