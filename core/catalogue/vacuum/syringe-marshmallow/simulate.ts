/** A marshmallow in a capped syringe, pulled or pushed, and let back. */
import {
  type Demonstration,
  type Detail,
  GAS_COLUMNS,
  closeTolerance,
  type TraceColumn,
  TraceRows,
} from '../../../demonstration'
import { barrelAt, FOAM, type FoamPlan, squeezeFoam } from '../../../mechanisms/foam-in-syringe'
import { AIR_GAS_CONSTANT } from '../../../substances/air'
import type { SyringeMarshmallowValues } from './inputs'

export const COLUMNS: readonly TraceColumn[] = [
  ...GAS_COLUMNS,
  { id: 'foam', name: 'marshmallow', quantity: 'volume' },
  { id: 'barrel', name: 'inside of the barrel', quantity: 'volume' },
]
/** Change of its size that a class close by sees, as a share. */
const SEEN = 0.25

function foamPlan({ numbers: n }: SyringeMarshmallowValues): FoamPlan {
  const rest = n.foamVolume * n.gasShare
  return {
    outside: n.stationPressure,
    room: n.airTemperature,
    foam: { rest, taut: rest * n.roomToGrow, stiffness: n.foamStiffness },
    leakTime: n.leakTime,
    solid: n.foamVolume - rest,
    start: n.shutAt,
    moved: n.moveTo,
    moveTime: n.moveTime,
    holdTime: n.holdTime,
    leakArea: n.leakArea,
  }
}

export function simulate(values: SyringeMarshmallowValues, detail: Detail, refinement = 1) {
  const n = values.numbers
  const plan = foamPlan(values)
  const { outside, room, solid, foam } = plan
  const rows = detail === 'trace' ? new TraceRows(COLUMNS) : undefined
  const whole = (gas: number): number => (solid + gas * foam.rest) / n.foamVolume
  const end = squeezeFoam(
    plan,
    closeTolerance(refinement),
    rows &&
      ((time, pressure, gas, s) =>
        rows.add(time, {
          pressure,
          gasTemperature: room,
          airMass: s[FOAM.air] / (AIR_GAS_CONSTANT * room),
          steamMass: 0,
          foam: solid + gas,
          barrel: barrelAt(plan, time),
        })),
  )
  const out = values.choices.way === 'out'
  const size = whole(out ? end.largest : end.smallest)
  const extreme = out ? end.lowest : end.highest
  const area = (Math.PI * n.bore * n.bore) / 4
  const over = 2 * n.moveTime + n.holdTime
  return {
    results: {
      size,
      sizeAfter: whole(end.after),
      extremePressure: extreme,
      peakPressureDifference: Math.abs(outside - extreme),
      hold: Math.abs(outside - extreme) * area,
      hush: n.moveTime,
    },
    events: [{ id: 'moved', name: out ? 'pulled out' : 'pushed in', time: n.moveTime }],
    outcome: Math.abs(size - 1) >= SEEN ? 'changes' : 'little',
    details: {
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      difference: outside - extreme,
      area,
      capacity: Math.max(n.shutAt, n.moveTo),
      goneAt: n.moveTime,
    },
    trace:
      rows &&
      (() => {
        rows.stage('hush', out ? 'pulling' : 'pushing', n.moveTime)
        rows.stage('hold', 'holding', n.moveTime + n.holdTime)
        rows.stage('after', 'letting back', over)
        return rows.finish()
      })(),
  }
}
export type SyringeMarshmallowRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type SyringeMarshmallow = Demonstration<SyringeMarshmallowValues, SyringeMarshmallowRun>
