/** A balloon on the pump's hose: what holds it open leaves, and the room presses it flat. */
import {
  type Detail,
  GAS_COLUMNS,
  closeTolerance,
  type TraceColumn,
  TraceRows,
  type Demonstration,
} from '../../../demonstration'
import { falsePosition, pow } from '../../../elementary'
import { pumpDown } from '../../../mechanisms/pump-down'
import { heldAt, skinPressure, balloonVolume, type Rubber } from '../../../mechanisms/rubber-balloon'
import { AIR_GAS_CONSTANT } from '../../../substances/air'
import { rubberOf } from '../rubber-inputs'
import { isDriven, pumpOf } from '../inputs'
import type { BalloonEmptiedValues } from './inputs'

export const COLUMNS: readonly TraceColumn[] = [{ id: 'balloonAcross', name: 'balloon across', quantity: 'length' }]
/** Flat when this share of the slack volume is left. */
const FLAT = 0.03
/** As wide as a flat one is drawn, of its slack width. */
const FLAT_LOOKS = 0.02
/** Pumped until this share of the outside pressure is all that the pump could still take. */
const ENOUGH = 0.02
/** Hose and pump chamber keep so much gas, m3. */
const HOSE = 40e-6

/**
 * A balloon on the hose as a vessel: stretched it presses on its gas, slack it takes up what there is at the room's
 * pressure, flat it keeps a crumpled rest.
 */
class HosedBalloon {
  private readonly slack: number

  constructor(
    private readonly rubber: Rubber,
    private readonly outside: number,
  ) {
    this.slack = balloonVolume(rubber, 1)
  }

  /** Stretch and pressure at which balloon, hose and so much room beside them hold an amount (J). */
  at(amount: number, beside: number): { stretch: number; pressure: number } {
    const { rubber, outside, slack } = this
    const room = HOSE + beside
    const limp = amount / outside - room
    if (limp <= FLAT * slack)
      return { stretch: pow(FLAT, 1 / 3), pressure: Math.max(0, amount) / (room + FLAT * slack) }
    if (limp <= slack) return { stretch: pow(limp / slack, 1 / 3), pressure: outside }
    const error = (stretch: number): number =>
      heldAt(rubber, stretch, outside) + (outside + skinPressure(rubber, stretch)) * room - amount
    const widest = pow(limp / slack, 1 / 3)
    const stretch = falsePosition(error, [1, error(1)], [widest, error(widest)], 1e-11 * amount)
    return { stretch, pressure: outside + skinPressure(rubber, stretch) }
  }
}

export function simulate(values: BalloonEmptiedValues, detail: Detail, refinement = 1) {
  const n = values.numbers
  const outside = n.stationPressure
  const rubber = rubberOf(values)
  const pump = pumpOf(values)
  const rows = detail === 'trace' ? new TraceRows([...GAS_COLUMNS, ...COLUMNS]) : undefined
  const balloon = new HosedBalloon(rubber, outside)
  const density = 1 / (AIR_GAS_CONSTANT * n.airTemperature)
  const start = n.balloonStart / (2 * rubber.radius)
  const first = outside + skinPressure(rubber, start)
  const amount = Float64Array.of(heldAt(rubber, start, outside) + first * HOSE)
  const nearly = pump.ultimate + ENOUGH * outside
  const { pressure, time, strokes, occurrences } = pumpDown(
    {
      pump,
      outside,
      temperature: n.airTemperature,
      leakArea: 0,
      searched: true,
      pressure: (held, beside) => balloon.at(held, beside).pressure,
    },
    amount,
    {
      tolerance: closeTolerance(refinement),
      longest: n.pumpTime,
      standstill: false,
      onStep:
        rows &&
        ((t, p, s) =>
          rows.add(t, {
            pressure: p,
            gasTemperature: n.airTemperature,
            airMass: s[0] * density,
            steamMass: 0,
            balloonAcross: 2 * rubber.radius * (t > 0 && p < outside ? FLAT_LOOKS : balloon.at(s[0], 0).stretch),
          })),
      events: [
        { id: 'flat', direction: -1, stops: false, value: (_, p) => p - outside * (1 - 1e-6) },
        { id: 'enough', direction: -1, stops: true, value: (_, p) => p - nearly },
      ],
    },
  )
  const flatAt = occurrences.find(o => o.id === 'flat')?.time
  const difference = outside - pressure
  const squeezed = difference * Math.PI * rubber.radius * rubber.radius
  return {
    results: {
      finalPressure: pressure,
      timeToPump: time,
      ...(!isDriven(values) && { strokes }),
      peakPressureDifference: Math.max(0, difference),
      greatestPossible: outside - pump.ultimate,
      squeeze: Math.max(0, squeezed),
      ...(flatAt !== undefined && { hush: flatAt }),
    },
    events: flatAt === undefined ? [] : [{ id: 'flat', name: 'flat', time: flatAt }],
    outcome: flatAt === undefined ? 'open' : 'flat',
    details: {
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      first,
      difference,
      ...(flatAt !== undefined && { goneAt: flatAt }),
    },
    trace:
      rows &&
      (() => {
        rows.stage('hush', 'emptying', flatAt ?? time)
        rows.stage('after', 'squeeze', time)
        return rows.finish()
      })(),
  }
}
export type BalloonEmptiedRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type BalloonEmptied = Demonstration<BalloonEmptiedValues, BalloonEmptiedRun>
