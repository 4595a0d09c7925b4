/** A syringe with warm water and a little air, nozzle shut, plunger pulled. */
import {
  type Demonstration,
  type Detail,
  GAS_COLUMNS,
  closeTolerance,
  type TraceColumn,
  TraceRows,
} from '../../../demonstration'
import { BOIL } from '../../../mechanisms/boiling-under-pump'
import { drawnVolume, pullSyringe, type SyringePlan } from '../../../mechanisms/pulled-syringe'
import { firstReachedOnCurve } from '../../../solver'
import { AIR_GAS_CONSTANT } from '../../../substances/air'
import { quickLiquidDensity, quickSaturationTemperature } from '../../../substances/steam-tables'
import { WATER_GAS_CONSTANT } from '../../../substances/water'
import type { SyringeBoilValues } from './inputs'

export const COLUMNS: readonly TraceColumn[] = [
  ...GAS_COLUMNS,
  { id: 'waterTemperature', name: 'water', quantity: 'temperature' },
  { id: 'boilingPoint', name: 'boiling point in the syringe', quantity: 'temperature' },
  { id: 'drawn', name: 'gas in the syringe', quantity: 'volume' },
  { id: 'boiling', name: 'boiling (1) or not', quantity: 'count' },
]
/** Bubbles, as a layer over the bore, that a class close by takes for boiling, and the least it sees, m; assumption. */
const SHOWN = 0.02
const FEW = 0.001
/** It has boiled once this share of its bubbles has come up. */
const MOST_BUBBLES = 0.98
/** A barrel: 1.2 mm of polypropylene, 900 kg/m3, 1900 J/(kg K) (from memory), J/(m2 K). */
const BARREL = 1.2e-3 * 900 * 1900
/** Lowest pressure of a boiling point that is shown, Pa: the triple point. */
const TRIPLE = 612

function syringePlan({ numbers: n }: SyringeBoilValues): SyringePlan {
  const surface = (Math.PI * n.bore * n.bore) / 4
  const drawn = n.pullTo - n.waterVolume
  return {
    outside: n.stationPressure,
    room: n.airTemperature,
    surface,
    glass: (Math.PI * n.bore * drawn) / surface,
    wallCapacity: BARREL,
    water: n.waterVolume * quickLiquidDensity(n.waterTemperature),
    evaporation: n.evaporation,
    over: n.boilingOver,
    start: n.airLeft,
    drawn,
    pullTime: n.pullTime,
    holdTime: n.holdTime,
    temperature: n.waterTemperature,
    leakArea: n.leakArea,
  }
}

export function simulate(values: SyringeBoilValues, detail: Detail, refinement = 1) {
  const n = values.numbers
  const plan = syringePlan(values)
  const { outside, room, surface, drawn } = plan
  const rows = detail === 'trace' ? new TraceRows(COLUMNS) : undefined
  const times: number[] = []
  const bubbles: number[] = []
  const rates: number[] = []
  const end = pullSyringe(plan, closeTolerance(refinement), (time, pressure, s, bubbling) => {
    times.push(time)
    bubbles.push(s[BOIL.bubbled])
    rates.push(bubbling)
    rows?.add(time, {
      pressure,
      gasTemperature: room,
      airMass: s[BOIL.air] / (AIR_GAS_CONSTANT * room),
      steamMass: s[BOIL.vapour] / (WATER_GAS_CONSTANT * room),
      waterTemperature: s[BOIL.water],
      boilingPoint: quickSaturationTemperature(Math.max(TRIPLE, pressure)),
      drawn: drawnVolume(plan, time),
      boiling: bubbling > 0 ? 1 : 0,
    })
  })
  const { boilsAt, boilPressure, state } = end
  const over = n.pullTime + n.holdTime
  const lastBubble = firstReachedOnCurve(MOST_BUBBLES * state[BOIL.bubbled], times, bubbles, rates) ?? over
  const bubbled =
    boilPressure === undefined ? 0 : (state[BOIL.bubbled] * WATER_GAS_CONSTANT * room) / (boilPressure * surface)
  const vapour = state[BOIL.vapour] / drawn
  return {
    results: {
      ...(boilsAt !== undefined && boilPressure !== undefined && { hush: boilsAt, boilPressure }),
      boilTime: boilsAt === undefined ? 0 : Math.max(0, lastBubble - boilsAt),
      // Pulled at once, before any vapour comes, the air alone has to leave so little.
      neededStart: quickSaturationTemperature(Math.max(TRIPLE, (outside * plan.start) / drawn + n.boilingOver)),
      lowestPressure: end.lowest,
      finalPressure: end.pressure,
      peakPressureDifference: outside - end.lowest,
      pull: (outside - end.lowest) * surface,
      endTemperature: state[BOIL.water],
      evaporated: state[BOIL.given],
    },
    events: boilsAt === undefined ? [] : [{ id: 'boils', name: 'boils', time: boilsAt }],
    outcome: bubbled >= SHOWN ? 'boils' : bubbled >= FEW ? 'few' : 'still',
    details: {
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      difference: outside - end.pressure,
      vapourPressure: vapour,
      surface,
      bubbled,
      capacity: drawn,
      ...(boilsAt !== undefined && { goneAt: boilsAt }),
    },
    trace:
      rows &&
      (() => {
        rows.stage('hush', 'pulling', Math.min(boilsAt ?? n.pullTime, over))
        rows.stage('after', 'boiling', over)
        return rows.finish()
      })(),
  }
}
export type SyringeBoilRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type SyringeBoil = Demonstration<SyringeBoilValues, SyringeBoilRun>
