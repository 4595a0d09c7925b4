/** A soft, closed thing with gas in it while the air round it thins, and when it comes back. */
import { type Detail, closeTolerance, type TraceColumn, type Demonstration } from '../../../demonstration'
import { leaking, packVolume, type Pack } from '../../../mechanisms/soft-pack'
import { integratorOf } from '../../../solver'
import { pumpJar, withTrace } from '../pumped'
import { isUnderway, type SoftPackValues } from './inputs'

export const COLUMNS: readonly TraceColumn[] = [
  { id: 'packVolume', name: 'gas in the pack', quantity: 'volume' },
  { id: 'packDifference', name: 'pack over the jar', quantity: 'pressure' },
]
/** Growth that can be seen across a room. */
const SEEN = 1.25

/** The air comes back through the valve in so long, s; assumption. */
const RETURN = 4

/** Gas that an opened pack keeps, of what it holds at rest. */
const KEPT = 0.9

export function simulate(values: SoftPackValues, detail: Detail, refinement = 1) {
  const n = values.numbers
  const outside = n.stationPressure
  const pack: Pack = { rest: n.packGas, taut: n.packGas * n.roomToGrow, stiffness: n.packStiffness }
  const inCabin = isUnderway(values)
  let opened: number | undefined
  const overOf = (amount: number, p: number): number =>
    opened === undefined ? Math.max(0, amount / packVolume(pack, amount, p) - p) : 0
  const growthOf = (amount: number, p: number): number => packVolume(pack, amount, p) / pack.rest
  const lost = (amount: number, p: number): number => Math.max(0, amount - p * pack.rest * KEPT)
  const row = (amount: number, p: number) => ({
    packVolume: packVolume(pack, amount, p),
    packDifference: overOf(amount, p),
  })
  const pushes = (amount: number, p: number): number => overOf(amount, p) / n.sealStrength
  const shows = (amount: number, p: number): number => Math.max(growthOf(amount, p) - SEEN, pushes(amount, p) - 0.4)
  // In a jar the pump thins the air; in a cabin or on a road the room itself does, over the whole climb.
  const pumped = pumpJar(
    inCabin ? { ...values, numbers: { ...n, targetPressure: outside } } : values,
    detail,
    refinement,
    {
      volume: (p, s) => Math.max(0.05 * n.jarVolume, n.jarVolume - packVolume(pack, s[1] || outside * pack.rest, p)),
      contents: {
        start: [outside * pack.rest],
        scale: [0.05 * outside * pack.rest],
        rates: (_, p, s, slope) => {
          const out = leaking(s[1], n.leakTime, overOf(s[1], p), p)
          slope[0] += out
          slope[1] = -out
        },
      },
      row: (p, _, s) => row(s[1], p),
      events: [
        { id: 'seen', direction: 1, stops: false, value: (_, p, s) => shows(s[1], p) },
        {
          id: 'opens',
          direction: 1,
          stops: true,
          value: (_, p, s) => (opened === undefined ? pushes(s[1], p) - 1 : -1),
        },
      ],
      turns: {
        opens: (s, p) => {
          opened = p
          const out = lost(s[1], p)
          s[0] += out
          s[1] -= out
        },
      },
      peaks: [
        { id: 'growth', value: (_, p, s) => growthOf(s[1], p) },
        { id: 'over', value: (_, p, s) => overOf(s[1], p) },
      ],
    },
    COLUMNS,
  )
  const { simulation: s, rows } = pumped
  const amount = Float64Array.of(pumped.state[1])
  let seen = pumped.at('seen')
  let openedAt = pumped.at('opens')
  let most = Math.max(1, pumped.peak('growth') || 0)
  let strain = Math.max(0, pumped.peak('over') || 0)
  /** From one pressure to another in a straight line, or staying there. */
  const follow = (from: number, duration: number, start: number, end: number): void => {
    if (duration <= 0) return
    const at = (t: number): number => start + ((end - start) * (t - from)) / duration
    const system = {
      size: 1,
      scale: Float64Array.of(0.05 * outside * pack.rest),
      dependsOnTime: start !== end,
      derivatives: (t: number, y: Float64Array, slope: Float64Array) => {
        slope[0] = -leaking(y[0], n.leakTime, overOf(y[0], at(t)), at(t))
      },
    }
    for (let time = from; time < from + duration;) {
      const stage = integratorOf(1).run(system, amount, time, from + duration, {
        tolerance: closeTolerance(refinement),
        firstStep: duration / 20,
        between: rows ? 2 : 0,
        onStep: rows && ((t, y) => rows.add(t, pumped.row(at(t), t, Float64Array.of(0, y[0])))),
        events: [
          { id: 'seen', direction: 1, stops: false, value: (t, y) => (seen === undefined ? shows(y[0], at(t)) : -1) },
          {
            id: 'opens',
            direction: 1,
            stops: true,
            value: (t, y) => (opened === undefined ? pushes(y[0], at(t)) - 1 : -1),
          },
        ],
        peaks: [
          { id: 'growth', value: (t, y) => growthOf(y[0], at(t)) },
          { id: 'over', value: (t, y) => overOf(y[0], at(t)) },
        ],
      })
      time = stage.time
      seen ??= stage.occurrences.find(o => o.id === 'seen')?.time
      most = Math.max(most, stage.peaks.growth.value)
      strain = Math.max(strain, stage.peaks.over.value)
      if (stage.stoppedBy === 'opens') {
        openedAt = time
        opened = at(time)
        amount[0] -= lost(amount[0], opened)
      }
    }
  }
  const climb = inCabin ? n.pumpTime : 0
  if (inCabin) follow(0, climb, outside, Math.min(n.targetPressure, outside))
  const pressure = inCabin ? Math.min(n.targetPressure, outside) : pumped.pressure
  const time = inCabin ? climb : pumped.time
  // Held so long at the end, then the air back.
  const held = n.holdTime
  const from = inCabin ? time : pumped.resume
  follow(from, held, pressure, pressure)
  const back = inCabin ? time * 0.5 : RETURN
  follow(from + held, back, pressure, outside)
  const trace = withTrace(pumped, rows => {
    rows.stage('hush', inCabin ? 'climb' : 'pumping', time)
    rows.stage('hold', 'hold', time + held)
    rows.stage('after', inCabin ? 'descent' : 'return of the air', time + held + back)
  })
  const { strokes, storedEnergy, jarForce, ...shared } = s.results
  return {
    outcome: openedAt !== undefined ? 'opens' : seen !== undefined ? 'swells' : 'little',
    results: {
      ...shared,
      ...(!inCabin && strokes !== undefined && { strokes }),
      storedEnergy: inCabin ? 0 : storedEnergy,
      jarForce: inCabin ? 0 : jarForce,
      finalPressure: pressure,
      timeToPump: time,
      peakPressureDifference: outside - pressure,
      growth: most,
      packDifference: strain,
      shrunkTo: Math.min(1, packVolume(pack, amount[0], outside) / pack.rest),
      ...(seen !== undefined && { hush: seen }),
    },
    events: openedAt === undefined ? [] : [{ id: 'opens', name: 'opens', time: openedAt }],
    details: {
      ...s.details,
      difference: outside - pressure,
      underway: inCabin ? 1 : 0,
      showAt: time + held,
      ...(seen !== undefined && { goneAt: seen }),
    },
    ...(trace && { trace }),
  }
}

export type SoftPackRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type SoftPack = Demonstration<SoftPackValues, SoftPackRun>
