/** Two discs or half-spheres that the room presses together. */
import {
  type Detail,
  GAS_COLUMNS,
  closeTolerance,
  type TraceColumn,
  TraceRows,
  type Demonstration,
} from '../../../demonstration'
import { holdingForce, risen, timeToRise } from '../../../mechanisms/held-by-air'
import { pumpDown } from '../../../mechanisms/pump-down'
import { AIR_GAS_CONSTANT } from '../../../substances/air'
import { GRAVITY } from '../../../substances/water-transport'
import { isDriven, pumpOf } from '../../vacuum/inputs'
import type { PlatesValues } from './inputs'

export const COLUMNS: readonly TraceColumn[] = [
  ...GAS_COLUMNS,
  { id: 'holding', name: 'holding force', quantity: 'force' },
  { id: 'pull', name: 'pull on it', quantity: 'force' },
]

/** Pumped until this share of what the pump could still take is left. */
const ENOUGH = 0.02

export function simulate(values: PlatesValues, detail: Detail, refinement = 1) {
  const n = values.numbers
  const outside = n.stationPressure
  const temperature = n.airTemperature
  const area = (Math.PI * n.sealDiameter * n.sealDiameter) / 4
  const pull = n.loadMass * GRAVITY * n.jerk
  const rows = detail === 'trace' ? new TraceRows(COLUMNS) : undefined
  const force = (p: number) => holdingForce(outside, p, area) * n.straightness
  const add = (time: number, pressure: number, load: number) =>
    rows?.add(time, {
      pressure,
      gasTemperature: temperature,
      airMass: (pressure * n.chamberVolume) / (AIR_GAS_CONSTANT * temperature),
      steamMass: 0,
      holding: force(pressure),
      pull: load,
    })
  // Pumped until hardly anything more comes.
  const pump = pumpOf(values)
  const amount = Float64Array.of(outside * n.chamberVolume)
  const nearly = pump.ultimate + ENOUGH * (outside - pump.ultimate)
  const { pressure, time, strokes } = pumpDown(
    { pump, outside, temperature, leakArea: n.leakArea, volume: n.chamberVolume },
    amount,
    {
      tolerance: closeTolerance(refinement),
      longest: n.pumpTime,
      onStep: (t, p) => {
        add(t, p, 0)
      },
      events: [{ id: 'enough', direction: -1, stops: true, value: (_, p) => p - nearly }],
    },
  )
  // The pressure at which the pull would part them.
  const limit = outside - pull / (area * n.straightness)
  const rise = limit <= pressure ? 0 : timeToRise(n.chamberVolume, n.leakArea, outside, temperature, pressure, limit)
  const atLoad = risen(n.chamberVolume, n.leakArea, outside, temperature, pressure, n.waitTime)
  const end = n.waitTime + n.hangTime
  const parts = rise < end
  const last = parts ? Math.max(rise, n.waitTime) : end
  for (let i = 1; i <= 40; i++) {
    const since = (last * i) / 40
    add(
      time + since,
      risen(n.chamberVolume, n.leakArea, outside, temperature, pressure, since),
      since >= n.waitTime ? pull : 0,
    )
  }
  if (parts) {
    add(time + last + 0.02, outside, pull)
    add(time + last + 0.6, outside, pull)
  }
  const difference = outside - pressure
  return {
    results: {
      peakPressureDifference: difference,
      finalPressure: pressure,
      timeToPump: time,
      ...(!isDriven(values) && { strokes }),
      holdingForce: force(pressure),
      holdingAtLoad: force(atLoad),
      pull,
      safetyFactor: force(atLoad) / pull,
      proofLoad: 2 * pull,
      ...(Number.isFinite(rise) && rise < 1e6 && { holdTime: rise }),
      mostPossible: outside * area,
      ...(parts && { hush: last }),
    },
    events: parts ? [{ id: 'parts', name: 'lets go', time: time + last }] : [],
    outcome: !parts ? 'holds' : rise <= n.waitTime ? 'weak' : 'parts',
    details: {
      stationPressure: outside,
      sealing: time,
      timeOfLifting: 0,
      difference: outside - atLoad,
      leaked: atLoad - pressure,
      area,
      ...(parts && { goneAt: time + last }),
    },
    trace:
      rows &&
      (() => {
        rows.stage('pump', 'pumping', time)
        rows.stage('hush', 'wait and hang', time + last)
        rows.stage('after', 'parting', time + last + (parts ? 0.6 : 0))
        return rows.finish()
      })(),
  }
}
export type PlatesRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type Plates = Demonstration<PlatesValues, PlatesRun>
