/**
 * Taking gas out of a space.
 *
 * The gas keeps the temperature of the walls: a jar of a few litres comes within a kelvin or two of them in a second
 * or so, while pumping takes tens of seconds. Amounts are counted as p V (in J), which at one temperature is
 * proportional to moles.
 *
 * A driven pump, leaks and whatever goes on inside are one system of equations. Strokes of a hand pump are discrete:
 * between two of them leak and contents go on by the same equations; a moment that falls into a stroke is found
 * within its pull.
 */
import { falsePosition } from '../elementary'
import { integratorOf, type Occurrence, type Peak } from '../solver'
import { AIR_GAS_CONSTANT } from '../substances/air'
import { CHOKED, openingFlow } from './nozzle-flow'

export type Pump =
  | { kind: 'strokes'; /** m3 a stroke */ swept: number; /** s a stroke */ period: number; /** Pa */ ultimate: number }
  | { kind: 'steady'; /** pumping speed, m3/s */ speed: number; /** Pa */ ultimate: number }

/**
 * Pressure after one stroke: the space and the cylinder share the gas; what the dead space keeps sets the ultimate
 * pressure.
 *
 * @param pressure before, Pa
 * @param volume of the space, m3
 * @param swept m3 a stroke
 * @param ultimate lowest the pump reaches, Pa
 * @returns Pa
 * @source Boyle's law; J. F. O'Hanlon, A User's Guide to Vacuum Technology, 3rd ed. (2003), ch. 10 (dead volume sets
 *   the ultimate)
 */
export const afterStroke = (pressure: number, volume: number, swept: number, ultimate: number): number =>
  (pressure * volume + ultimate * swept) / (volume + swept)

/**
 * Air that leaks in through a hole, as p V a second, W; negative where the inside is the higher. @param area m2
 * @param temperature K
 */
export function leakIn(area: number, outside: number, temperature: number, inside: number): number {
  const amount = AIR_GAS_CONSTANT * temperature
  return openingFlow(area, outside, outside / amount, inside, inside / amount) * amount
}

/**
 * Pressure (Pa) at which a space, and so much room beside it (m3, the pump's cylinder), hold an amount of gas (J)
 * between them.
 */
export type PressureOfAmount = (amount: number, beside: number, state: Float64Array) => number

/** A space that is pumped out, with what stands in it. */
export type PumpedSpace = {
  pump: Pump
  /** Pa */ outside: number
  /** K */ temperature: number
  /** hole to the room, m2 */ leakArea: number
  /** how many of the first unknowns are gases, in J; the first is air; 1 if left out */ gases?: number
  /** what else changes; its rates may also add to the gases' */
  contents?: {
    /** typical size of each unknown after the gases */ scale: readonly number[]
    rates(time: number, pressure: number, state: Float64Array, slope: Float64Array): void
  }
} & (
  | { /** of a vessel that keeps its room, m3 free for gas */ volume: number }
  | {
      /** where something in it swells, or its wall gives way */ pressure: PressureOfAmount
      /** true where finding the pressure is a search: it is asked once for a state then */ searched?: true
    }
)

/** A moment to be found: where `value` crosses zero. */
export interface PumpEvent {
  id: string
  direction: 1 | -1
  stops: boolean
  value(time: number, pressure: number, state: Float64Array): number
}

export interface PumpingOptions {
  /** relative, of one step */ tolerance: number
  /** s */ longest: number
  events?: readonly PumpEvent[]
  /** quantities whose greatest value is wanted */
  peaks?: readonly Pick<PumpEvent, 'id' | 'value'>[]
  /** stop once the pressure hardly falls any more; true if left out */ standstill?: boolean
  /** goes on from an earlier end */ after?: Pick<PumpingEnd, 'resume' | 'strokes'>
  /** called with the start, each step and each stroke */
  onStep?: (time: number, pressure: number, state: Float64Array) => void
}

export interface PumpingEnd {
  /** s */ time: number
  /** where it can go on, s: at the end of the stroke in which it stopped */ resume: number
  /** Pa */ pressure: number
  strokes: number
  /** id of the event that ended it, or "standstill"; undefined if time was up */ stoppedBy: string | undefined
  occurrences: Occurrence[]
  peaks: Readonly<Record<string, Peak>>
}

/** Share of the stroke's time in which the piston is drawn; the rest pushes out what it holds. */
const PULL = 0.5
/** A stroke that moves the pressure by less than this share of the outside brings nothing more. */
const STANDSTILL = 1e-5
/** A driven pump within this share of the pressure at which it would stand brings nothing more. */
const CLOSE = 2e-3

/** A search for a pressure never starts lower, Pa. */
const LEAST = 1

/**
 * Pressure of a vessel in which something swells, so that its free volume depends on the pressure: p (V(p) + beside)
 * = amount.
 *
 * What swells makes V fall with p, sometimes as fast as 1/p, so the amount grows slowly with p: solved by the
 * Illinois variant of false position.
 * @param near a pressure to start the search at, Pa
 */
export function pressureWithSwelling(
  amount: number,
  beside: number,
  near: number,
  volume: (pressure: number) => number,
): number {
  if (!(amount > 0)) return 0
  const errorAt = (pressure: number) => pressure * (volume(pressure) + beside) - amount
  const close = 1e-8 * amount
  // By the secant from where the pressure would be if nothing swelled any more: a handful of turns where all is smooth.
  const start = Math.max(amount / (volume(Math.max(near, LEAST)) + beside), LEAST)
  const first = errorAt(start)
  if (Math.abs(first) < close) return start
  let [a, errorA] = [start, first]
  let b = Math.max(LEAST, start * (1 - first / amount))
  for (let i = 0; i < 6 && b > 0.5 * start && b < 2 * start; i++) {
    const errorB = errorAt(b)
    if (Math.abs(errorB) < close) return b
    const next = b - (errorB * (b - a)) / (errorB - errorA)
    ;[a, errorA] = [b, errorB]
    b = next
  }
  let low = start
  let high = start
  let [lowError, highError] = [first, first]
  for (let i = 0, factor = 0.98; i < 200 && lowError > 0; i++, factor *= 0.9) lowError = errorAt((low *= factor))
  for (let i = 0, factor = 1.02; i < 200 && highError < 0; i++, factor *= 1.1) highError = errorAt((high *= factor))
  return falsePosition(errorAt, [low, lowError], [high, highError], close)
}

/**
 * For what takes a search: one quantity after another is asked for at the same states, at most two in turn (the end
 * of a step and a point within it), and their answers are kept.
 */
function askedOnce(size: number, answer: (state: Float64Array) => number): (state: Float64Array) => number {
  let last = { state: new Float64Array(size).fill(NaN), answer: NaN }
  let before = { state: new Float64Array(size).fill(NaN), answer: NaN }
  const same = (kept: Float64Array, state: Float64Array): boolean => {
    for (let i = 0; i < size; i++) if (state[i] !== kept[i]) return false
    return true
  }
  return state => {
    if (same(last.state, state)) return last.answer
    const older = before
    before = last
    last = older
    if (same(last.state, state)) return last.answer
    for (let i = 0; i < size; i++) last.state[i] = state[i]!
    return (last.answer = answer(state))
  }
}

/**
 * Pumps until an event, a time or a standstill.
 *
 * @param state in and out: gases (J), then the contents' unknowns
 * @throws RangeError from the integrator where the contents are ill-posed
 * @source dp/dt = −S (p − p_ult)/V + leak: O'Hanlon, ch. 3 and 18; strokes one by one
 */
export function pumpDown(space: PumpedSpace, state: Float64Array, options: PumpingOptions): PumpingEnd {
  const { pump, outside, temperature, leakArea, contents } = space
  const {
    tolerance,
    longest,
    events = [],
    peaks = [],
    standstill = contents === undefined,
    after: earlier = { resume: 0, strokes: 0 },
    onStep,
  } = options
  const gases = space.gases ?? 1
  const size = gases + (contents?.scale.length ?? 0)
  const held = (s: Float64Array): number => {
    let sum = s[0]
    for (let i = 1; i < gases; i++) sum += s[i]
    return sum
  }
  const volume = 'volume' in space ? space.volume : 0
  const pressureWith: PressureOfAmount =
    'volume' in space ? (amount, beside) => amount / (volume + beside) : space.pressure
  const inPlainVessel = (s: Float64Array): number => held(s) / volume
  const fresh = volume > 0 ? inPlainVessel : (s: Float64Array): number => pressureWith(held(s), 0, s)
  const pressureOf = 'searched' in space && space.searched ? askedOnce(size, fresh) : fresh
  const scale = new Float64Array(size)
  for (let i = 0; i < gases; i++) scale[i] = 1e-2 * held(state)
  contents?.scale.forEach((typical, i) => {
    scale[gases + i] = typical
  })
  const steady = pump.kind === 'steady' ? pump : undefined
  const system = {
    size,
    scale,
    dependsOnTime: false,
    derivatives(time: number, s: Float64Array, slope: Float64Array): void {
      // Written out for a plain vessel: this is the inner loop of every pumped demonstration.
      const amount = held(s)
      const pressure = volume > 0 ? amount / volume : pressureOf(s)
      // Below its lowest pressure a pump lets gas back instead.
      const taken = steady ? (steady.speed * (pressure - steady.ultimate)) / Math.max(amount, 1e-12) : 0
      for (let i = 0; i < gases; i++) slope[i] = -taken * s[i]
      for (let i = gases; i < size; i++) slope[i] = 0
      slope[0] += leakIn(leakArea, outside, temperature, pressure)
      contents?.rates(time, pressure, s, slope)
    },
  }
  const integrator = integratorOf(size)
  const occurrences: Occurrence[] = []
  const odeEvents = events.map(e => ({
    id: e.id,
    direction: e.direction,
    stops: e.stops,
    value: (t: number, s: Float64Array) => e.value(t, pressureOf(s), s),
  }))
  const odePeaks = peaks.map(k => ({ id: k.id, value: (t: number, s: Float64Array) => k.value(t, pressureOf(s), s) }))
  // What the integrator may be wrong by does not lift the inside over the room.
  const shown = (pressure: number): number => (pressure < outside ? pressure : outside)
  // A stop within a pull lies before the end of its stroke, up to which the rest has been followed: time goes forward
  // all the same.
  let told = 0
  const record = onStep && ((t: number, s: Float64Array) => onStep((told = Math.max(told, t)), shown(pressureOf(s)), s))

  if (steady) {
    const settled = {
      id: 'standstill',
      direction: -1,
      stops: true,
      value: (_: number, s: Float64Array) => {
        const pressure = pressureOf(s)
        return (
          pressure -
          steady.ultimate -
          leakIn(leakArea, outside, temperature, pressure) / steady.speed -
          CLOSE * pressure
        )
      },
    } as const
    const firstStep = (0.02 * held(state)) / Math.max(pressureOf(state), 1) / steady.speed
    const ended = integrator.run(system, state, earlier.resume, longest, {
      tolerance,
      firstStep,
      events: standstill ? [...odeEvents, settled] : odeEvents,
      peaks: odePeaks,
      onStep: record,
      between: record ? 1 : 0,
    })
    return {
      time: ended.time,
      resume: ended.time,
      pressure: shown(pressureOf(state)),
      strokes: 0,
      stoppedBy: ended.stoppedBy,
      occurrences: ended.occurrences.filter(o => o.id !== 'standstill'),
      peaks: ended.peaks,
    }
  }

  const { swept, period, ultimate } = pump as Extract<Pump, { kind: 'strokes' }>
  const changing = leakArea > 0 || contents !== undefined
  let { resume: time, strokes } = earlier
  let resume = time
  let pressure = pressureOf(state)
  let afterLast = pressure
  record?.(time, state)
  const best: Record<string, Peak> = {}
  const offer = (id: string, peak: Peak): void => {
    if (!(peak.value <= (best[id]?.value ?? -Infinity))) best[id] = peak
  }
  const offerAll = (): void => {
    for (const { id, value } of peaks) offer(id, { time, value: value(time, pressure, state) })
  }
  offerAll()
  // What a stroke stirs up, the next one stirs up again: the step that was small enough then is tried first.
  let opening = Infinity
  const leakSteady = leakIn(leakArea, outside, temperature, 0)
  /**
   * Choked the leak is the same whatever the pressure inside: a straight line, taken in one go.
   * @returns false, and nothing is changed, where an event falls into it
   */
  const staysBetweenEvents = (): boolean => {
    const until = Math.min(longest, (strokes + 1) * period)
    const before = state[0]
    const from = events.map(e => e.value(time, pressure, state))
    state[0] = before + leakSteady * (until - time)
    const risen = pressureOf(state)
    if (events.some((e, i) => e.value(until, risen, state) >= 0 !== from[i] >= 0)) {
      state[0] = before
      return false
    }
    time = until
    return true
  }
  const end = (stoppedBy: string | undefined): PumpingEnd => ({
    time,
    resume: Math.max(resume, time),
    pressure: shown(pressure),
    strokes,
    stoppedBy,
    occurrences,
    peaks: best,
  })
  while (time < longest) {
    // What goes on by itself until the stroke has been made.
    const strokeEnd = (strokes + 1) * period
    const until = Math.min(longest, strokeEnd)
    const risen = pressure * (1 + (leakSteady * (until - time)) / Math.max(state[0], 1e-12))
    if (
      contents === undefined &&
      leakArea > 0 &&
      risen < CHOKED * outside &&
      peaks.length === 0 &&
      staysBetweenEvents()
    ) {
      pressure = pressureOf(state)
    } else if (changing) {
      const stage = integrator.run(system, state, time, until, {
        tolerance,
        firstStep: Math.min(until - time, opening),
        explicitSteps: 60,
        events: odeEvents,
        peaks: odePeaks,
        ...(contents && record && { onStep: record }),
      })
      occurrences.push(...stage.occurrences)
      if (stage.opening > 0) opening = stage.opening
      for (const { id } of peaks) offer(id, stage.peaks[id])
      time = stage.time
      pressure = pressureOf(state)
      if (stage.stoppedBy !== undefined) return end(stage.stoppedBy)
    } else time = until
    if (strokeEnd > longest + 1e-9) break
    // The stroke: the space and the cylinder, which has kept its dead space's gas, come to one pressure.
    const before = held(state)
    const total = before + ultimate * swept
    const pressureAt = (drawn: number): number => pressureWith(total, drawn, state)
    const after = pressureAt(swept)
    const found: { event: PumpEvent; drawn: number; time: number }[] = []
    for (const event of events) {
      const [from, to] = [event.value(time, pressure, state), event.value(time, after, state)]
      if (!(event.direction > 0 ? from < 0 && to >= 0 : from > 0 && to <= 0)) continue
      // The valve opens once the cylinder is down to the pressure of the space.
      const opens = Math.min(swept, (ultimate * swept) / pressure)
      const sign = event.direction
      const drawn = falsePosition(
        x => sign * event.value(time, pressureAt(x), state),
        [opens, sign * from],
        [swept, sign * to],
        0,
      )
      found.push({ event, drawn, time: time - PULL * period * (1 - drawn / swept) })
    }
    if (found.length > 1) found.sort((a, b) => a.time - b.time)
    const stop = found.find(f => f.event.stops)
    for (const f of found) if (!stop || f.time <= stop.time) occurrences.push({ id: f.event.id, time: f.time })
    const drawn = stop?.drawn ?? swept
    pressure = stop ? pressureAt(drawn) : after
    const kept = (total - pressure * drawn) / before
    for (let i = 0; i < gases; i++) state[i] *= kept
    strokes++
    resume = strokeEnd
    if (stop) time = stop.time
    record?.(time, state)
    offerAll()
    if (stop) return end(stop.event.id)
    if (standstill && Math.abs(afterLast - pressure) < STANDSTILL * outside) return end('standstill')
    afterLast = pressure
  }
  return end(undefined)
}
