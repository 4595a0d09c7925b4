/** A balloon on a straw on a line, let go. */
import {
  type Detail,
  GAS_COLUMNS,
  closeTolerance,
  type TraceColumn,
  TraceRows,
  type Demonstration,
} from '../../../demonstration'
import { balloonVolume, hump, skinPressure } from '../../../mechanisms/rubber-balloon'
import { ballArea } from '../../../mechanisms/flight'
import { pow } from '../../../elementary'
import { LINE, runAlong } from '../../../mechanisms/on-a-line'
import { AIR_GAS_CONSTANT } from '../../../substances/air'
import { GRAVITY } from '../../../substances/water-transport'
import { rubberOf } from '../../vacuum/rubber-inputs'
import type { BalloonLineValues } from './inputs'
import { sphereVolume } from '../../../vessels/sphere'

export const COLUMNS: readonly TraceColumn[] = [
  ...GAS_COLUMNS,
  { id: 'place', name: 'along the line', quantity: 'length' },
  { id: 'speed', name: 'speed', quantity: 'speed' },
  { id: 'balloonAcross', name: 'balloon across', quantity: 'length' },
  { id: 'left', name: 'air left of the blown-in', quantity: 'fraction' },
]

/** A long balloon fills section by section: its pressure stays near that of the hump, its width near this stretch. */
const LONG_STRETCH = 3
const LONG_PRESSURE = 0.75
/** Empty when this share of the first pressure is left. */
const EMPTY = 0.01
/** Nobody watches longer, s. */
const LONGEST = 120

export function simulate(values: BalloonLineValues, detail: Detail, refinement = 1) {
  const n = values.numbers
  const outside = n.stationPressure
  const temperature = n.airTemperature
  const density = outside / (AIR_GAS_CONSTANT * temperature)
  const rubber = rubberOf(values)
  const long = values.choices.balloonShape === 'long'
  const rows = detail === 'trace' ? new TraceRows(COLUMNS) : undefined
  const full = sphereVolume(n.blownTo)
  const longWidth = LONG_STRETCH * 2 * rubber.radius * 0.5
  const slack = balloonVolume(rubber, 1)
  // It empties section by section; the last of it is slack.
  const longOver = LONG_PRESSURE * hump(rubber) * 1.3
  const over = (volume: number) =>
    long
      ? longOver * Math.min(1, Math.max(0, volume / slack - 0.2) / 0.1)
      : skinPressure(rubber, pow(volume / slack, 1 / 3))
  const across = (volume: number) => (long ? longWidth : 2 * rubber.radius * pow(volume / slack, 1 / 3))
  const nozzle = ballArea(n.nozzleDiameter)
  const fixed = n.rubberMass + n.strawMass
  const pressure0 = over(full)
  const burst = !long && n.blownTo / (2 * rubber.radius) >= rubber.burst
  const line = n.lineLength
  const effective = n.nozzleFlow * nozzle
  // Jet into still air: Q = C A √(2 Δp/ρ), thrust = ρ Q²/(C A) = 2 C A Δp.
  const volumeOf = (s: Float64Array): number => Math.max(0, s[LINE.inner])
  const gaugeOf = (s: Float64Array): number => Math.max(0, over(volumeOf(s)))
  const add = (time: number, s: Float64Array) =>
    rows?.add(time, {
      pressure: outside + over(volumeOf(s)),
      gasTemperature: temperature,
      airMass: ((outside + over(volumeOf(s))) * volumeOf(s)) / (AIR_GAS_CONSTANT * temperature),
      steamMass: 0,
      place: s[LINE.place],
      speed: s[LINE.speed],
      balloonAcross: across(volumeOf(s)),
      left: volumeOf(s) / full,
    })
  const ended = burst
    ? undefined
    : runAlong(
        {
          inner: {
            start: [full],
            scale: [0.01 * full],
            rates: (_, s, slope) => {
              slope[LINE.inner] = -effective * Math.sqrt((2 * gaugeOf(s)) / density)
            },
          },
          thrust: s => 2 * effective * gaugeOf(s),
          slope: fixed * GRAVITY * n.lineSlope,
          // Weight on the line.
          friction: s => n.lineFriction * (fixed + density * volumeOf(s) * 0.02) * GRAVITY,
          inertia: s => fixed + density * volumeOf(s) * (1 + (long ? 0.1 : 0.5)),
          drag: s => 0.5 * density * (long ? n.dragLong : n.dragRound) * ballArea(across(volumeOf(s))),
          length: line,
          longest: LONGEST,
          spent: s => gaugeOf(s) <= EMPTY * pressure0,
          events: [
            { id: 'empty', direction: -1, stops: false, value: (_, s) => over(volumeOf(s)) - EMPTY * pressure0 },
          ],
        },
        closeTolerance(refinement),
        rows && add,
      )
  const place = ended?.state[LINE.place] ?? 0
  const time = ended?.time ?? 0
  const fastest = ended?.fastest ?? 0
  const thrust0 = ended?.thrustAtFirst ?? 0
  const speed = ended?.state[LINE.speed] ?? 0
  const emptyAt = ended?.occurrences.find(o => o.id === 'empty')?.time
  const reached = ended?.arrived ?? false
  return {
    results: {
      runLength: Math.min(place, line),
      topSpeed: fastest,
      runTime: time,
      thrust: thrust0,
      airTime: emptyAt ?? time,
      peakPressureDifference: pressure0,
      airVolume: full,
      ...(reached && { hush: time, arrivalSpeed: speed }),
    },
    events: burst
      ? [{ id: 'burst', name: 'bursts', time: 0 }]
      : [
          ...(emptyAt === undefined ? [] : [{ id: 'empty', name: 'empty', time: emptyAt }]),
          ...(reached ? [{ id: 'end', name: 'at the end', time }] : []),
        ],
    outcome: burst ? 'bursts' : reached ? 'arrives' : place > 0.5 ? 'short' : 'stands',
    details: {
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      difference: pressure0,
      longWidth,
      ...(reached && { goneAt: time }),
    },
    trace:
      rows &&
      (() => {
        if (burst)
          for (let i = 1; i <= 3; i++)
            rows.add(i * 0.2, {
              pressure: outside,
              gasTemperature: temperature,
              airMass: 0,
              steamMass: 0,
              place: 0,
              speed: 0,
              balloonAcross: 0.02,
              left: 0,
            })
        rows.stage('hush', 'run', burst ? 0.6 : time)
        return rows.finish()
      })(),
  }
}
export type BalloonLineRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type BalloonLine = Demonstration<BalloonLineValues, BalloonLineRun>
