/** A jar that is pumped out with something in it: the run, its account, its trace. */
import {
  type Detail,
  GAS_COLUMNS,
  type Ledger,
  type Row,
  type Size,
  closeTolerance,
  type Trace,
  type TraceColumn,
  TraceRows,
  type Has,
  type Ran,
} from '../../demonstration'
import {
  pressureWithSwelling,
  pumpDown,
  type PumpedSpace,
  type PumpEvent,
  type PumpingEnd,
  type PumpingOptions,
} from '../../mechanisms/pump-down'
import type { Occurrence } from '../../solver'
import { AIR_GAS_CONSTANT } from '../../substances/air'
import { quickSaturationPressure } from '../../substances/steam-tables'
import { WATER_GAS_CONSTANT } from '../../substances/water'
import { isDriven, pumpOf } from './inputs'

export const jarSurface = ({ numbers: n }: Has<'jarDiameter' | 'jarHeight'>): number =>
  Math.PI * n.jarDiameter * n.jarHeight + (Math.PI * n.jarDiameter * n.jarDiameter) / 4

/** What stands in the jar. */
export interface Content {
  /** free volume at a pressure, m3 */ volume: (pressure: number, state: Float64Array) => number
  /** what changes besides, with its first values; `state[0]` is the air, J */
  contents?: PumpedSpace['contents'] & { start: readonly number[] }
  /** more columns at a moment */ row?: (pressure: number, time: number, state: Float64Array) => Row
  /** stop there, Pa; the planned one if left out */ target?: number
  /** moments to be found */ events?: readonly PumpEvent[]
  /** what a stopping event does to the state, by its id; the pumping then goes on */
  turns?: Readonly<Record<string, (state: Float64Array, pressure: number) => void>>
  /** quantities whose greatest value is wanted */ peaks?: PumpingOptions['peaks']
}

/** A jar pumped: what it comes to, with what the caller needs to go on from there. */
export type Pumped = ReturnType<typeof pumpJar>

/** What is stated of a jar on a pump; not every jar is pumped to a pressure or leaks. */
type PumpedValues = Has<
  | 'stationPressure'
  | 'airTemperature'
  | 'relativeHumidity'
  | 'pumpTime'
  | 'jarVolume'
  | 'pumpSpeed'
  | 'ultimatePressure'
  | 'strokeVolume'
  | 'strokeTime'
  | 'jarDiameter'
  | 'jarHeight',
  'pump'
> & { numbers: { targetPressure?: number; leakArea?: number } }

/**
 * Pumps the jar to its target or as long as planned.
 *
 * @returns the shared results and details; the caller adds its own, ends the stages and takes the trace
 */
export function pumpJar(
  values: PumpedValues,
  detail: Detail,
  refinement: number,
  content: Content,
  columns: readonly TraceColumn[] = [],
) {
  const n = values.numbers
  const outside = n.stationPressure
  const temperature = n.airTemperature
  const { contents } = content
  const rows = detail === 'trace' ? new TraceRows([...GAS_COLUMNS, ...columns]) : undefined
  // only the particle board reads it
  const humid = (n.relativeHumidity * quickSaturationPressure(temperature)) / outside
  const row = (pressure: number, time: number, state: Float64Array): Row => {
    const free = content.volume(pressure, state)
    const vapour = humid * pressure
    return {
      pressure,
      gasTemperature: temperature,
      airMass: ((pressure - vapour) * free) / (AIR_GAS_CONSTANT * temperature),
      steamMass: (vapour * free) / (WATER_GAS_CONSTANT * temperature),
      ...content.row?.(pressure, time, state),
    }
  }
  const state = Float64Array.of(0, ...(contents?.start ?? []))
  const before = content.volume(outside, state)
  state[0] = outside * before
  let near = outside
  const target = content.target ?? n.targetPressure ?? 0
  const pump = pumpOf(values)
  const space: PumpedSpace = {
    pump,
    outside,
    temperature,
    leakArea: n.leakArea ?? 0,
    contents,
    searched: true,
    pressure: (amount, beside, s) => (near = pressureWithSwelling(amount, beside, near, p => content.volume(p, s))),
  }
  const occurrences: Occurrence[] = []
  const greatest: Record<string, number> = {}
  let end: PumpingEnd = {
    time: 0,
    resume: 0,
    pressure: outside,
    strokes: 0,
    stoppedBy: undefined,
    occurrences: [],
    peaks: {},
  }
  while (target < outside) {
    end = pumpDown(space, state, {
      tolerance: closeTolerance(refinement),
      longest: n.pumpTime,
      onStep: rows && ((t, p, s) => rows.add(t, row(p, t, s))),
      after: end,
      peaks: content.peaks,
      events: [{ id: 'target', direction: -1, stops: true, value: (_, p) => p - target }, ...(content.events ?? [])],
    })
    occurrences.push(...end.occurrences)
    for (const [id, { value }] of Object.entries(end.peaks)) greatest[id] = Math.max(greatest[id] ?? -Infinity, value)
    const turn = end.stoppedBy === undefined ? undefined : content.turns?.[end.stoppedBy]
    if (!turn) break
    turn(state, end.pressure)
  }
  const { pressure, time, resume } = end
  const difference = outside - pressure
  const free = content.volume(pressure, state)
  return {
    pressure,
    time,
    rows,
    row,
    state,
    /** s: the stroke in which it stopped has been made by then, and what follows may begin */ resume,
    /** when an event was first passed, s */ at: (id: string): number | undefined =>
      occurrences.find(o => o.id === id)?.time,
    /** greatest value of a peak asked for */ peak: (id: string): number => greatest[id] ?? NaN,
    simulation: {
      results: {
        finalPressure: pressure,
        timeToPump: time,
        ...(!isDriven(values) && { strokes: end.strokes }),
        peakPressureDifference: difference,
        jarForce: outside * jarSurface(values),
        storedEnergy: difference * n.jarVolume,
      },
      details: {
        stationPressure: outside,
        sealing: 0,
        timeOfLifting: 0,
        difference,
        freeBefore: before,
        freeAfter: free,
        capacity: n.jarVolume,
      },
    },
  }
}

/** Outcomes of the run kept with its trace. */
export function withTrace(pumped: Pick<Pumped, 'rows'>, finish: (rows: TraceRows) => void): Trace | undefined {
  if (!pumped.rows) return undefined
  finish(pumped.rows)
  return pumped.rows.finish()
}

/**
 * p0 − p = (pumped out, less what leaked and evaporated)/V + what the things inside took up of the room.
 * The pumped row is what is left of the difference, so that the rows add up to it exactly.
 */
export function jarLedger(
  simulation: Ran<never, 'stationPressure' | 'freeBefore' | 'freeAfter' | 'difference'>,
): Ledger {
  const { details } = simulation
  const swelling = details.stationPressure * (1 - details.freeBefore / details.freeAfter)
  const rows = [
    { id: 'pumped', cause: 'air taken out by the pump, less what leaked in', pressure: details.difference - swelling },
  ]
  if (swelling !== 0)
    rows.push({ id: 'swelling', cause: 'things inside that swell and take up room (gives back)', pressure: swelling })
  return { moment: 'at the end of the pumping', rows, difference: details.difference }
}

export const jarSizes = (
  values: Has<'jarDiameter'>,
  { results: r }: Ran<'jarForce' | 'peakPressureDifference' | 'storedEnergy', never>,
): Size[] => [
  {
    id: 'jarForce',
    name: 'outside air on the jar',
    value: r.jarForce,
    quantity: 'force',
    units: ['kN', 'lbf'],
    note: 'outside pressure × its whole surface',
  },
  {
    id: 'plateForce',
    name: 'jar pressed on its plate',
    value: (r.peakPressureDifference * Math.PI * values.numbers.jarDiameter * values.numbers.jarDiameter) / 4,
    quantity: 'force',
    units: ['kN', 'lbf'],
    note: 'difference × its opening: why it cannot be lifted off',
  },
  {
    id: 'storedEnergy',
    name: 'work the air could do',
    value: r.storedEnergy,
    quantity: 'energy',
    units: ['J', 'ft lbf'],
    note: 'difference × capacity: what a breaking jar would throw about',
  },
]

export const jarKit = (values: Has<never, 'pump'>, ...more: string[]): string[] => [
  'jar made for vacuum, without a scratch',
  'plate, seal or grease',
  isDriven(values) ? 'pump, hose and air valve' : 'hand pump, hose and air valve',
  'pressure gauge',
  'screen or guard',
  'eye protection for all',
  ...more,
]
