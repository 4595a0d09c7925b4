/** A jar that is pumped out with something in it: the run, its account, its trace, its cautions. */
import { glassUnderVacuum, usualPump } from '../../cautions'
import type { Caution } from '../../cautions'
import { pumpDown } from '../../mechanisms/pump-down'
import { AIR_GAS_CONSTANT } from '../../substances/air'
import { WATER_GAS_CONSTANT } from '../../substances/water'
import type { Ledger, Simulation, Size, Trace, TraceColumn, Values } from '../face'
import { joules, kilopascals } from '../in-words'
import { GAS_COLUMNS, TraceRows, type Row } from '../trace-rows'
import { isDriven, pumpOf } from './inputs'

export const jarSurface = ({ numbers: n }: Values): number => Math.PI * n.jarDiameter! * n.jarHeight! + Math.PI * n.jarDiameter! * n.jarDiameter! / 4

/** What stands in the jar. */
export interface Content {
  /** free volume at a pressure, m3 */ volume: (pressure: number) => number
  /** vapour given off at a pressure, W (p V a second) */ givenOff?: (pressure: number) => number
  /** more columns at a moment */ row?: (pressure: number, time: number) => Row
  /** stop there, Pa; the planned one if left out */ target?: number
  /** true: stop pumping now */ over?: (pressure: number, time: number) => boolean
  /** partial pressure of vapour at a pressure, Pa */ vapour?: (pressure: number, time: number) => number
}

export interface Pumped { pressure: number, time: number, simulation: Simulation, rows: TraceRows | undefined, row: (pressure: number, time: number) => Row }

/**
 * Pumps the jar to its target or as long as planned.
 *
 * @returns the shared results and details; the caller adds its own, ends the stages and takes the trace
 */
export function pumpJar(values: Values, detail: 'summary' | 'trace', content: Content, columns: readonly TraceColumn[] = []): Pumped {
  const n = values.numbers as Record<string, number>
  const outside = n.stationPressure!
  const temperature = n.airTemperature!
  const pump = pumpOf(values)
  const rows = detail === 'trace' ? new TraceRows([...GAS_COLUMNS, ...columns]) : undefined
  const humid = n.relativeHumidity! * 2339 / outside // near room temperature; only the particle board reads it
  const row = (pressure: number, time: number): Row => {
    const free = content.volume(pressure)
    const vapour = Math.min(pressure, content.vapour?.(pressure, time) ?? humid * pressure)
    return {
      pressure, gasTemperature: temperature, airMass: (pressure - vapour) * free / (AIR_GAS_CONSTANT * temperature), steamMass: vapour * free / (WATER_GAS_CONSTANT * temperature),
      ...content.row?.(pressure, time),
    }
  }
  const before = content.volume(outside)
  const { pressure, time } = pumpDown(
    { pump, outside, temperature, leakArea: n.leakArea ?? 0, volume: content.volume, givenOff: content.givenOff },
    outside, Math.min(content.target ?? n.targetPressure ?? 0, outside), n.pumpTime!,
    (t, p) => {
      rows?.add(t, row(p, t))
      return content.over?.(p, t) ?? false
    },
  )
  const difference = outside - pressure
  const free = content.volume(pressure)
  return {
    pressure, time, rows, row,
    simulation: {
      results: {
        finalPressure: pressure, timeToPump: time, ...(!isDriven(values) && { strokes: Math.round(time / n.strokeTime!) }),
        peakPressureDifference: difference, jarForce: outside * jarSurface(values), storedEnergy: difference * n.jarVolume!,
      },
      events: [], outcome: '',
      details: { stationPressure: outside, sealing: 0, timeOfLifting: 0, difference, freeBefore: before, freeAfter: free, capacity: n.jarVolume! },
    },
  }
}

/** Outcomes of the run kept with its trace. */
export function withTrace(pumped: Pumped, finish: (rows: TraceRows) => void): Trace | undefined {
  if (!pumped.rows) return undefined
  finish(pumped.rows)
  return pumped.rows.finish()
}

/**
 * p0 − p = (pumped out, less what leaked and evaporated)/V + what the things inside took up of the room.
 * The pumped row is what is left of the difference, so that the rows add up to it exactly.
 */
export function jarLedger(simulation: Simulation): Ledger {
  const { details } = simulation
  const swelling = details.stationPressure! * (1 - details.freeBefore! / details.freeAfter!)
  const rows = [{ id: 'pumped', cause: 'air taken out by the pump, less what leaked in', pressure: details.difference! - swelling }]
  if (swelling !== 0) rows.push({ id: 'swelling', cause: 'things inside that swell and take up room (gives back)', pressure: swelling })
  return { moment: 'at the end of the pumping', rows, difference: details.difference! }
}

export const jarSizes = (values: Values, { results: r }: Simulation): Size[] => [
  { id: 'jarForce', name: 'outside air on the jar', value: r.jarForce!, quantity: 'force', units: ['kN', 'lbf'], note: 'outside pressure × its whole surface' },
  { id: 'plateForce', name: 'jar pressed on its plate', value: r.peakPressureDifference! * Math.PI * values.numbers.jarDiameter! * values.numbers.jarDiameter! / 4, quantity: 'force', units: ['kN', 'lbf'], note: 'difference × its opening: why it cannot be lifted off' },
  { id: 'storedEnergy', name: 'work the air could do', value: r.storedEnergy!, quantity: 'energy', units: ['J', 'J'], note: 'difference × capacity: what a breaking jar would throw about' },
]

export const jarCautions = (values: Values, { results: r }: Simulation, step = 'pump'): Caution[] => [
  glassUnderVacuum(kilopascals(r.peakPressureDifference!), joules(r.storedEnergy!), r.storedEnergy! > 300, step),
  ...(isDriven(values) ? [usualPump(step)] : []),
]

export const jarKit = (values: Values, ...more: string[]): string[] =>
  ['jar made for vacuum, without a scratch', 'plate, seal or grease', isDriven(values) ? 'pump, hose and air valve' : 'hand pump, hose and air valve', 'pressure gauge', 'screen or guard', 'eye protection for all', ...more]

export const NOT_GONE_JAR = ['Stop pumping; nobody leans over the jar.', 'Let air in slowly through the valve, never by pulling at the jar.', 'Look for the leak: seal, grease, hose, valve; then start again.']
