/** A small canister whose lid is driven off: where it goes, how loud it is. Planning only. */
import {
  type Detail,
  GAS_COLUMNS,
  closeTolerance,
  type TraceColumn,
  TraceRows,
  type Demonstration,
} from '../../../demonstration'
import { longestReach, straightUp } from '../../../mechanisms/flight'
import { launchLid } from '../../../mechanisms/lid-launch'
import { AIR_GAS_CONSTANT } from '../../../substances/air'
import { BURNT_GAMMA, pulseLevel } from '../planned-only'
import type { CanisterPopValues } from './inputs'

export const COLUMNS: readonly TraceColumn[] = [
  ...GAS_COLUMNS,
  { id: 'height', name: 'lid above the canister', quantity: 'length' },
]
/** Drag coefficient of a tumbling disc: between edge-on and flat, White, table 7.3. */
const TUMBLING = 0.6
/** Gas that rushes out under the lid, K: between a flame and the room. */
const HOT = 1200

export function simulate(values: CanisterPopValues, detail: Detail, refinement = 1) {
  const n = values.numbers
  const outside = n.stationPressure
  const temperature = n.airTemperature
  const density = outside / (AIR_GAS_CONSTANT * temperature)
  const area = (Math.PI * n.lidDiameter * n.lidDiameter) / 4
  const tolerance = closeTolerance(refinement)
  const most = (n.pressureRise - 1) * outside
  const rows = detail === 'trace' ? new TraceRows(COLUMNS) : undefined
  const add = (time: number, gauge: number, hot: number, h: number) =>
    rows?.add(time, {
      pressure: outside + gauge,
      gasTemperature: hot,
      airMass: ((outside + gauge) * n.canisterVolume) / (AIR_GAS_CONSTANT * hot),
      steamMass: 0,
      height: h,
    })
  const warmth = (gauge: number): number => temperature * (1 + gauge / outside)
  add(0, 0, temperature, 0)
  const launched = launchLid(
    {
      mass: n.lidMass,
      area,
      diameter: n.lidDiameter,
      travel: n.lidTravel,
      volume: n.canisterVolume,
      outside,
      release: n.releaseGauge,
      most,
      burnTime: n.burnTime,
      gamma: BURNT_GAMMA,
      hot: HOT,
    },
    tolerance,
    rows && ((t, gauge, place) => add(t, gauge, warmth(gauge), place)),
  )
  const opens = launched.release !== undefined
  const rising = launched.release ?? n.burnTime
  const { speed, peakGauge } = launched
  const flyer = { mass: n.lidMass, area, drag: TUMBLING, density }
  const reach = opens ? longestReach(flyer, speed, n.standHeight) : 0
  const energy = (peakGauge * n.canisterVolume) / (BURNT_GAMMA - 1)
  const level = pulseLevel(energy, n.soundShare, 0.003, n.firstRow)
  if (!opens) {
    add(rising, most, warmth(most), 0)
    add(rising + 0.1, most, warmth(most), 0)
  }
  // Straight up: as far as gravity and drag let it.
  const flight = straightUp(
    flyer,
    speed,
    tolerance,
    rows && ((t, h) => add(launched.free + t, 0, temperature * 1.6, h)),
  )
  const rise = flight.rise
  const time = opens ? launched.free + flight.time : rising
  return {
    results: {
      ...(opens && { launchSpeed: speed, reach, riseHeight: rise, hush: rising }),
      lidEnergy: (n.lidMass * speed * speed) / 2,
      levelFirstRow: level,
      peakPressureDifference: peakGauge,
      clearNeeded: reach + 1,
      storedEnergy: energy,
    },
    events: opens ? [{ id: 'pop', name: 'pops', time: rising }] : [],
    outcome: !opens ? 'holds' : reach > n.firstRow ? 'beyond' : 'clear',
    details: {
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      difference: peakGauge,
      area,
      ...(opens && { goneAt: rising }),
    },
    trace:
      rows &&
      (() => {
        rows.stage('hush', 'rise', rising)
        rows.stage('after', 'flight', opens ? time : time + 0.1)
        return rows.finish()
      })(),
  }
}
export type CanisterPopRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type CanisterPop = Demonstration<CanisterPopValues, CanisterPopRun>
