/**
 * Warm water under a pump: it boils once the pressure in the jar is down to its vapour pressure.
 *
 * Air and vapour share the jar; the pump takes both; vapour also condenses on the glass, which is at room
 * temperature. The water cools by what it gives off.
 */
import {
  type Detail,
  GAS_COLUMNS,
  closeTolerance,
  type TraceColumn,
  TraceRows,
  type Demonstration,
} from '../../../demonstration'
import { BOIL, BoilingUnderPump } from '../../../mechanisms/boiling-under-pump'
import { pumpDown, type PumpedSpace, type PumpingEnd } from '../../../mechanisms/pump-down'
import { firstReached, type Occurrence } from '../../../solver'
import { AIR_GAS_CONSTANT } from '../../../substances/air'
import { quickLiquidDensity, quickSaturationTemperature } from '../../../substances/steam-tables'
import { WATER_GAS_CONSTANT } from '../../../substances/water'
import { isDriven, pumpOf } from '../inputs'
import { jarSurface } from '../pumped'
import type { LowPressureBoilValues } from './inputs'

export const COLUMNS: readonly TraceColumn[] = [
  { id: 'waterTemperature', name: 'water', quantity: 'temperature' },
  { id: 'boilingPoint', name: 'boiling point in the jar', quantity: 'temperature' },
  { id: 'vapourGiven', name: 'water turned to vapour', quantity: 'mass' },
  { id: 'boiling', name: 'boiling (1) or not', quantity: 'count' },
]
/** Lowest temperature that can be brought to the boil with this pump here, K. */
export const neededStart = ({ numbers: n }: LowPressureBoilValues): number =>
  quickSaturationTemperature(Math.min(n.ultimatePressure, n.stationPressure) + n.boilingOver)

/**
 * Bubbles, as a layer over the whole surface, that a room takes for boiling, and the least that it sees, m;
 * assumption.
 */
const SHOWN = 0.1
const FEW = 0.003
/** It has boiled once this share of its bubbles has come up. */
const MOST_BUBBLES = 0.98
/** Water this near to freezing boils no more to speak of, K. */
const COLDEST = 273.5

/** Every stroke begins a new stage, so what a step may err by does not add up: steps may be so many times wider. */
const WIDER = 5

export function simulate(values: LowPressureBoilValues, detail: Detail, refinement = 1) {
  const n = values.numbers
  const outside = n.stationPressure
  const room = n.airTemperature
  const wall = jarSurface(values)
  const volume = n.jarVolume - n.waterVolume
  const surface = (Math.PI * n.beakerDiameter * n.beakerDiameter) / 4
  const boil = new BoilingUnderPump({
    outside,
    room,
    volume,
    surface,
    glass: wall,
    water: n.waterVolume * quickLiquidDensity(n.waterTemperature),
    evaporation: n.evaporation,
    over: n.boilingOver,
  })
  const state = boil.start(n.waterTemperature, n.relativeHumidity)
  const rows = detail === 'trace' ? new TraceRows([...GAS_COLUMNS, ...COLUMNS]) : undefined
  const tolerance = WIDER * closeTolerance(refinement)
  const occurrences: Occurrence[] = []
  const times: number[] = []
  const bubbles: number[] = []
  let end: PumpingEnd = {
    time: 0,
    resume: 0,
    pressure: outside,
    strokes: 0,
    stoppedBy: undefined,
    occurrences: [],
    peaks: {},
  }
  let lowest = outside
  let boilPressure: number | undefined
  const space: PumpedSpace = {
    pump: pumpOf(values),
    outside,
    temperature: room,
    leakArea: n.leakArea,
    gases: 2,
    volume,
    contents: boil.contents,
  }
  do {
    end = pumpDown(space, state, {
      tolerance,
      longest: n.pumpTime,
      after: end,
      standstill: false,
      onStep: (time, pressure, s) => {
        times.push(time)
        bubbles.push(s[BOIL.bubbled])
        rows?.add(time, {
          pressure,
          gasTemperature: room,
          airMass: s[BOIL.air] / (AIR_GAS_CONSTANT * room),
          steamMass: s[BOIL.vapour] / (WATER_GAS_CONSTANT * room),
          waterTemperature: s[BOIL.water],
          boilingPoint: quickSaturationTemperature(Math.max(700, pressure)),
          vapourGiven: s[BOIL.given],
          boiling: boil.vigour(pressure, s[BOIL.water]) > 0 ? 1 : 0,
        })
      },
      events: [
        {
          id: 'boils',
          direction: 1,
          stops: true,
          value: (_, p, s) => (boil.started ? -1 : boil.superpressure(p, s[BOIL.water]) - n.boilingOver),
        },
        { id: 'cold', direction: -1, stops: true, value: (_, __, s) => s[BOIL.water] - COLDEST },
      ],
      peaks: [{ id: 'difference', value: (_, p) => outside - p }],
    })
    occurrences.push(...end.occurrences)
    lowest = Math.min(lowest, outside - end.peaks.difference.value)
    if (end.stoppedBy === 'boils') {
      boil.started = true
      boilPressure = end.pressure
    }
  } while (end.stoppedBy === 'boils')
  const { time, pressure } = end
  const boilAt = occurrences.find(o => o.id === 'boils')?.time
  // Each stroke brings up a few more: the last of them are not what a room calls boiling.
  const lastBubble = firstReached(MOST_BUBBLES * state[BOIL.bubbled], times, bubbles) ?? time
  // Bubbles as a layer on the water, at the pressure at which it boils.
  const bubbled =
    boilPressure === undefined ? 0 : (state[BOIL.bubbled] * WATER_GAS_CONSTANT * room) / (boilPressure * surface)
  const difference = outside - lowest
  return {
    results: {
      ...(boilAt !== undefined && { hush: boilAt, boilPressure }),
      boilTime: boilAt === undefined ? 0 : Math.max(0, lastBubble - boilAt),
      neededStart: neededStart(values),
      endTemperature: state[BOIL.water],
      evaporated: state[BOIL.given],
      finalPressure: pressure,
      localBoilingPoint: quickSaturationTemperature(outside),
      timeToPump: time,
      ...(!isDriven(values) && { strokes: end.strokes }),
      peakPressureDifference: difference,
      jarForce: outside * wall,
      storedEnergy: difference * n.jarVolume,
    },
    events: boilAt === undefined ? [] : [{ id: 'boils', name: 'boils', time: boilAt }],
    outcome: bubbled >= SHOWN ? 'boils' : bubbled >= FEW ? 'few' : 'still',
    details: {
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      difference: outside - pressure,
      freeBefore: volume,
      freeAfter: volume,
      vapourPressure: state[BOIL.vapour] / volume,
      capacity: n.jarVolume,
      bubbled,
      ...(boilAt !== undefined && { goneAt: boilAt }),
    },
    trace:
      rows &&
      (() => {
        rows.stage('hush', 'pumping', boilAt ?? time)
        rows.stage('after', 'boiling', time)
        return rows.finish()
      })(),
  }
}
export type LowPressureBoilRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type LowPressureBoil = Demonstration<LowPressureBoilValues, LowPressureBoilRun>
