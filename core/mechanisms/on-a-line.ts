/** Something on a straight line that is pushed along, rubs and meets the air. */
import { integratorOf, type Occurrence, type OdeEvent, type OdePeak, type OdeSystem } from '../solver'

/** Unknowns: place (m), speed (m/s), push so far (N s), then what drives it. */
export const LINE = { place: 0, speed: 1, impulse: 2, inner: 3 } as const

export interface LineRun {
  /** what drives it: first values, typical sizes, rates */
  inner: {
    start: readonly number[]
    scale: readonly number[]
    rates(time: number, state: Float64Array, slope: Float64Array): void
    dependsOnTime?: boolean
  }
  /** thrust, N */ thrust: (state: Float64Array) => number
  /** what pulls back whether it moves or not: a slope, N */ slope: number
  /** rubbing while it moves, and at most while it stands, N */ friction: (state: Float64Array) => number
  /** kg, with the air that moves along */ inertia: (state: Float64Array) => number
  /** ½ ρ C_d A, kg/m */ drag: (state: Float64Array) => number
  /** m */ length: number
  /** s */ longest: number
  /** s at which what drives it changes all at once */ turns?: readonly number[]
  /** true once nothing more pushes */ spent: (state: Float64Array, time: number) => boolean
  events?: readonly OdeEvent[]
  /** quantities whose greatest value is wanted */ peaks?: readonly OdePeak[]
}

export interface LineEnd {
  time: number
  state: Float64Array
  arrived: boolean
  /** m/s */ fastest: number
  /** N */ thrustAtFirst: number
  occurrences: Occurrence[]
  /** greatest values asked for, by id */ peaks: Readonly<Record<string, number>>
}

/**
 * Follows it to the end of the line, or until it stands and nothing pushes any more. @param tolerance relative, of
 * one step
 */
export function runAlong(
  run: LineRun,
  tolerance: number,
  record?: (time: number, state: Float64Array) => void,
): LineEnd {
  const { inner, thrust, slope: back, friction, inertia, drag, length, longest } = run
  const size = LINE.inner + inner.start.length
  const state = Float64Array.of(0, 0, 0, ...inner.start)
  let moving = thrust(state) - back > friction(state)
  const spare = (s: Float64Array): number => thrust(s) - back - friction(s)
  const system: OdeSystem = {
    size,
    scale: Float64Array.of(0.01 * length, 0.05, 1e-3, ...inner.scale),
    dependsOnTime: inner.dependsOnTime ?? false,
    derivatives(time, s, slope) {
      inner.rates(time, s, slope)
      const push = thrust(s)
      slope[LINE.impulse] = push
      if (!moving) {
        slope[LINE.place] = slope[LINE.speed] = 0
        return
      }
      const speed = s[LINE.speed]
      slope[LINE.place] = speed
      slope[LINE.speed] = (spare(s) - drag(s) * speed * Math.abs(speed)) / inertia(s)
    },
  }
  const end: OdeEvent = { id: 'end', direction: 1, stops: true, value: (_, s) => s[LINE.place] - length }
  const stops: OdeEvent = { id: 'stops', direction: -1, stops: true, value: (_, s) => s[LINE.speed] }
  const starts: OdeEvent = { id: 'starts', direction: 1, stops: true, value: (_, s) => spare(s) }
  const spent: OdeEvent = { id: 'spent', direction: 1, stops: true, value: (t, s) => (run.spent(s, t) ? 1 : -1) }
  const occurrences: Occurrence[] = []
  const thrustAtFirst = thrust(state)
  const peaks: Record<string, number> = {}
  let fastest = 0
  let time = 0
  let stopped: string | undefined
  while (time < longest) {
    if (!moving && run.spent(state, time)) break
    const until = Math.min(longest, run.turns?.find(t => t > time) ?? longest)
    const stage = integratorOf(size).run(system, state, time, until, {
      tolerance,
      firstStep: 2e-3,
      explicitSteps: 20,
      events: [...(run.events ?? []), ...(moving ? [end, stops] : [starts, spent])],
      peaks: [{ id: 'speed', value: (_, s) => s[LINE.speed] }, ...(run.peaks ?? [])],
      between: record ? 1 : 0,
      onStep: record,
    })
    time = stage.time
    fastest = Math.max(fastest, stage.peaks.speed.value)
    for (const { id } of run.peaks ?? []) peaks[id] = Math.max(peaks[id] ?? -Infinity, stage.peaks[id].value)
    occurrences.push(...stage.occurrences)
    stopped = stage.stoppedBy
    if (stopped === 'end' || stopped === 'spent') break
    if (stopped === 'stops') {
      moving = false
      state[LINE.speed] = 0
    } else if (stopped === 'starts') moving = true
  }
  return { time, state, arrived: stopped === 'end', fastest, thrustAtFirst, occurrences, peaks }
}
