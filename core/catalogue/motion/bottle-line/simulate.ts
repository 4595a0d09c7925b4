/** A bottle on a line driven by burning vapour through a hole in its cap: how far, how fast. Planning only. */
import {
  type Detail,
  GAS_COLUMNS,
  closeTolerance,
  type TraceColumn,
  TraceRows,
  type Demonstration,
} from '../../../demonstration'
import { nozzleFlow } from '../../../mechanisms/nozzle-flow'
import { ballArea } from '../../../mechanisms/flight'
import { AIR_GAS_CONSTANT } from '../../../substances/air'
import { GRAVITY } from '../../../substances/water-transport'
import { LINE, runAlong } from '../../../mechanisms/on-a-line'
import { BURNT_GAMMA, pulseLevel } from '../planned-only'
import type { BottleLineValues } from './inputs'

export const COLUMNS: readonly TraceColumn[] = [
  ...GAS_COLUMNS,
  { id: 'place', name: 'along the line', quantity: 'length' },
  { id: 'speed', name: 'speed', quantity: 'speed' },
]
/** Contraction of the hole in the cap: sharp-edged, White, Fluid Mechanics, 4th ed., sect. 6.10. */
const CONTRACTION = 0.7
/** Drag coefficient of a bottle, bottom first: between a ball and a streamlined body, White, table 7.3. */
const BOTTLE_DRAG = 0.35
/** Nothing more pushes once this share of the closed rise is left. */
const SPENT = 1e-3
const LONGEST = 30
/** Order of the speed in the hole, m/s, for the length of the first panel. */
const RUSH = 400

export function simulate(values: BottleLineValues, detail: Detail, refinement = 1) {
  const n = values.numbers
  const outside = n.stationPressure
  const temperature = n.airTemperature
  const density = outside / (AIR_GAS_CONSTANT * temperature)
  const vent = ballArea(n.ventDiameter)
  const rows = detail === 'trace' ? new TraceRows(COLUMNS) : undefined
  const closedRise = n.pressureRise * outside
  const mass = n.bottleMass
  const gaugeOf = (s: Float64Array): number => Math.max(0, s[LINE.inner])
  const effective = CONTRACTION * vent
  const hot = n.leavingTemperature
  const hotOf = (gauge: number): number =>
    temperature + (hot - temperature) * Math.min(1, gauge / Math.max(0.1 * closedRise, 1))
  const inner = {
    start: [0],
    scale: [0.01 * closedRise],
    dependsOnTime: true,
    rates: (time: number, s: Float64Array, slope: Float64Array) => {
      // What burns in a time, against what the hole lets out.
      const gauge = gaugeOf(s)
      const out = nozzleFlow(effective, outside + gauge, hot, outside) * AIR_GAS_CONSTANT * hot
      slope[LINE.inner] = (time < n.burnTime ? closedRise / n.burnTime : 0) - (BURNT_GAMMA * out) / n.bottleVolume
    },
  }
  const ended = runAlong(
    {
      inner,
      // Momentum of the jet: choked or not, within a tenth of 2 C A Δp at these pressures, less as the jet chokes.
      thrust: s => (2 * effective * gaugeOf(s)) / (1 + (0.25 * gaugeOf(s)) / outside),
      slope: 0,
      friction: () => n.lineFriction * mass * GRAVITY,
      inertia: () => mass,
      drag: () => 0.5 * density * BOTTLE_DRAG * ballArea(n.bottleDiameter),
      length: n.lineLength,
      longest: LONGEST,
      turns: [n.burnTime],
      spent: (s, time) => time > n.burnTime && gaugeOf(s) < SPENT * closedRise,
      peaks: [{ id: 'gauge', value: (_, s) => s[LINE.inner] }],
    },
    closeTolerance(refinement),
    rows &&
      ((time, s) =>
        rows.add(time, {
          pressure: outside + gaugeOf(s),
          gasTemperature: hotOf(gaugeOf(s)),
          airMass: ((outside + gaugeOf(s)) * n.bottleVolume) / (AIR_GAS_CONSTANT * hot),
          steamMass: 0,
          place: s[LINE.place],
          speed: s[LINE.speed],
        })),
  )
  const { time, fastest, arrived: reached } = ended
  const [place, speed, impulse] = [ended.state[LINE.place], ended.state[LINE.speed], ended.state[LINE.impulse]]
  const peakGauge = Math.max(ended.peaks.gauge, 0)
  const fall = n.bottleVolume / (effective * RUSH)
  const share = peakGauge / n.pressureRating
  return {
    results: {
      runLength: Math.min(place, n.lineLength),
      topSpeed: fastest,
      runTime: time,
      ...(reached && { hush: time, arrivalSpeed: speed, arrivalEnergy: (mass * speed * speed) / 2 }),
      impulse,
      peakPressureDifference: peakGauge,
      ratingShare: share,
      levelFirstRow: pulseLevel(peakGauge * n.bottleVolume * 4, n.soundShare, 0.1, n.firstRow),
    },
    events: reached ? [{ id: 'end', name: 'at the end', time }] : [],
    outcome: share > 1 ? 'over' : reached ? 'arrives' : 'short',
    details: {
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      difference: peakGauge,
      ...(reached && { goneAt: time }),
    },
    trace:
      rows &&
      (() => {
        rows.stage('hush', 'burning', Math.min(time, n.burnTime + 3 * fall))
        rows.stage('after', 'run', time)
        return rows.finish()
      })(),
  }
}
export type BottleLineRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type BottleLine = Demonstration<BottleLineValues, BottleLineRun>
