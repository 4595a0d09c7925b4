/** Getting the egg out: more pressure inside than outside, by breath or by warming. */
import {
  type Detail,
  GAS_COLUMNS,
  closeTolerance,
  type TraceColumn,
  TraceRows,
  type Demonstration,
} from '../../../demonstration'
import { quickSaturationPressure } from '../../../substances/steam-tables'
import { AIR_GAS_CONSTANT, GAS_CONSTANT } from '../../../substances/air'
import { WATER_GAS_CONSTANT } from '../../../substances/water'
import { GRAVITY } from '../../../substances/water-transport'
import { exp, halving } from '../../../elementary'
import { pushOut } from '../../../mechanisms/egg-pushed-out'
import { MOLAR_HEAT_CONSTANT_VOLUME } from '../../../mechanisms/flame-gas'
import { fitOf, needed, relaxingOf, torn, wallOf } from '../egg'
import type { EggOutValues } from './inputs'

export const COLUMNS: readonly TraceColumn[] = [
  ...GAS_COLUMNS,
  { id: 'through', name: 'egg through the neck', quantity: 'fraction' },
]
const OUT = 0.3
/** Somebody waits so long for it to creep out, s. */
const PATIENCE = 45

export function simulate(values: EggOutValues, detail: Detail, refinement = 1) {
  const n = values.numbers
  const outside = n.stationPressure
  const room = n.airTemperature
  const neckArea = (Math.PI * n.neckDiameter * n.neckDiameter) / 4
  const weight = (n.eggMass * GRAVITY) / neckArea
  const strength = Math.max(0, needed(values) - weight)
  const rows = detail === 'trace' ? new TraceRows(COLUMNS) : undefined
  const warming = values.choices.method === 'warming'
  const dampness = n.dampness
  const vapour0 = dampness * quickSaturationPressure(room)
  const dry = (outside - vapour0) / room
  const at = (temperature: number, extra: number) =>
    dry * temperature + dampness * quickSaturationPressure(temperature) + extra
  let time = 0
  let through = 0
  const add = (temperature: number, extra: number) => {
    const pressure = at(temperature, extra)
    const vapour = dampness * quickSaturationPressure(temperature)
    rows?.add(time, {
      pressure,
      gasTemperature: temperature,
      airMass: ((pressure - vapour) * n.vesselVolume) / (AIR_GAS_CONSTANT * temperature),
      steamMass: (vapour * n.vesselVolume) / (WATER_GAS_CONSTANT * temperature),
      through,
    })
  }
  const moles = (outside * n.vesselVolume) / (GAS_CONSTANT * room)
  const timeConstant = (moles * MOLAR_HEAT_CONSTANT_VOLUME) / (n.wallTransfer * wallOf(values)) + n.glassDelay
  const goal = warming ? n.warmTemperature : room
  const temperatureAt = (t: number): number => (warming ? goal + (room - goal) * exp(-t / timeConstant) : room)
  // Blown in past the egg, which is its own valve: what is in stays in while the mouth is taken away.
  const breathAt = (t: number): number =>
    warming ? 0 : n.breathPressure * (1 - n.breathLoss) * Math.min(1, t / n.breathTime)
  const differenceAt = (t: number): number => at(temperatureAt(t), breathAt(t)) - outside
  const blown = warming ? 0 : n.breathTime
  const pushed = pushOut(
    {
      fit: fitOf(values),
      relaxing: relaxingOf(values),
      weight,
      difference: differenceAt,
      from: blown,
      until: (warming ? 5 * timeConstant : blown) + PATIENCE,
    },
    closeTolerance(refinement),
    rows &&
      (t => {
        time = t
        add(temperatureAt(t), breathAt(t))
      }),
  )
  const goneAt = pushed.gone
  time = pushed.end
  const temperature = temperatureAt(time)
  const extra = breathAt(time)
  const peak = pushed.peakDifference
  if (goneAt !== undefined && rows) {
    const [t, e] = [temperature, extra]
    const over = at(t, e) - outside
    for (let i = 1; i <= 10; i++) {
      through = i / 10
      time = goneAt + OUT * through
      add(t, through < 0.6 ? e : e - (over * (through - 0.6)) / 0.4)
    }
  }
  const cooled = dry * (temperature - room)
  const steam = dampness * (quickSaturationPressure(temperature) - quickSaturationPressure(room))
  return {
    results: {
      neededDifference: strength,
      peakPressureDifference: peak,
      neededTemperature: warmthFor(values, strength),
      ...(goneAt !== undefined && { hush: goneAt }),
    },
    events: goneAt === undefined ? [] : [{ id: 'out', name: 'out', time: goneAt }],
    outcome: goneAt === undefined ? 'stays' : torn(values) ? 'pieces' : 'whole',
    details: {
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      cooled,
      steam,
      breath: extra,
      difference: cooled + steam + extra,
      ...(goneAt !== undefined && { goneAt }),
    },
    trace:
      rows &&
      (() => {
        rows.stage('hush', warming ? 'warming' : 'blowing', goneAt ?? time)
        rows.stage('after', 'exit', time)
        return rows.finish()
      })(),
  }
}

/** Temperature of the gas that makes a difference, K: dry gas and its damp together, by halving up to 372 K. */
function warmthFor({ numbers: n }: EggOutValues, difference: number): number {
  const room = n.airTemperature
  const vapour0 = n.dampness * quickSaturationPressure(room)
  const dry = (n.stationPressure - vapour0) / room
  return halving(t => dry * t + n.dampness * quickSaturationPressure(t) - n.stationPressure < difference, room, 372, 30)
}
export type EggOutRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type EggOut = Demonstration<EggOutValues, EggOutRun>
