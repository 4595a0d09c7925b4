/** A tin whose air a pump takes out, cold. */
import {
  type Demonstration,
  type Detail,
  GAS_COLUMNS,
  closeTolerance,
  type TraceColumn,
  TraceRows,
} from '../../../demonstration'
import { EMPTY_PACKING } from '../../../mechanisms/collapse'
import { pumpShell, type Shell } from '../../../mechanisms/pumped-shell'
import { AIR_GAS_CONSTANT } from '../../../substances/air'
import { quickSaturationPressure } from '../../../substances/steam-tables'
import { WATER_GAS_CONSTANT } from '../../../substances/water'
import { CRUSHED, packingAbove, VISIBLE } from '../../steam/capped'
import { tinOf } from '../../steam/tin-wall'
import { isDriven, pumpOf } from '../inputs'
import type { PumpedCanValues } from './inputs'

export const COLUMNS: readonly TraceColumn[] = [
  ...GAS_COLUMNS,
  { id: 'volumeLost', name: 'volume lost', quantity: 'fraction' },
]
/** A wall that folds is down in some hundredths of a second; shown a little longer, s. */
const FOLDING = 0.05

export function simulate(values: PumpedCanValues, detail: Detail, refinement = 1) {
  const n = values.numbers
  const outside = n.stationPressure
  const temperature = n.airTemperature
  const { surface, criticalDifference, talkAt, details, vessel } = tinOf(values)
  const shell: Shell = {
    capacity: n.vesselVolume,
    criticalDifference,
    residualLoad: n.residualLoad,
    stiffening: n.packingStiffness,
    packing: packingAbove(EMPTY_PACKING, 0, n.vesselVolume),
  }
  const rows = detail === 'trace' ? new TraceRows(COLUMNS) : undefined
  const humid = (n.relativeHumidity * quickSaturationPressure(temperature)) / outside
  const pump = pumpOf(values)
  const end = pumpShell(shell, {
    pump,
    outside,
    temperature,
    leakArea: n.leakArea,
    longest: n.pumpTime,
    talkAt,
    tolerance: closeTolerance(refinement),
    onStep:
      rows &&
      ((time, pressure, lost) =>
        rows.add(time, {
          pressure,
          gasTemperature: temperature,
          airMass: (pressure * (1 - humid) * n.vesselVolume * (1 - lost)) / (AIR_GAS_CONSTANT * temperature),
          steamMass: (pressure * humid * n.vesselVolume * (1 - lost)) / (WATER_GAS_CONSTANT * temperature),
          volumeLost: lost,
        })),
  })
  const difference = outside - end.pressure
  const peak = end.folds === undefined ? difference : Math.max(difference, criticalDifference)
  const { lost } = end
  const gone = end.folds
  return {
    results: {
      criticalPressureDifference: criticalDifference,
      peakPressureDifference: peak,
      floorPressure: pump.ultimate,
      finalPressure: end.pressure,
      timeToPump: end.time,
      ...(!isDriven(values) && { strokes: end.strokes }),
      outsideForce: outside * surface,
      peakNetForce: peak * surface,
      work: peak * n.vesselVolume,
      ...(gone !== undefined && { hush: gone }),
      ...(end.talks !== undefined && { talkTime: end.talks }),
      volumeLost: lost,
    },
    events: [
      ...(end.talks === undefined ? [] : [{ id: 'talk', name: 'panels talk', time: end.talks }]),
      ...(gone === undefined ? [] : [{ id: 'critical', name: 'wall gives way', time: gone }]),
    ],
    outcome: lost >= CRUSHED ? 'crush' : lost >= VISIBLE || gone !== undefined ? 'dent' : 'stand',
    details: {
      ...details,
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      difference,
      lost,
      capacity: n.vesselVolume,
      emptyMass: surface * vessel.wallThickness * vessel.solid.density,
      ...(gone !== undefined && { goneAt: gone }),
    },
    ...(rows && {
      trace: (() => {
        rows.stage('hush', 'pumping', gone ?? end.time)
        rows.stage('crush', 'crush', gone === undefined ? 0 : Math.max(end.time, gone + FOLDING))
        return rows.finish()
      })(),
    }),
  }
}
export type PumpedCanRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type PumpedCan = Demonstration<PumpedCanValues, PumpedCanRun>
