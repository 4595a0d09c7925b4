/** A small canister whose lid is driven off: where it goes, how loud it is. Planning only. */
import { longestReach } from '../../mechanisms/flight'
import { lidSpeed } from '../../mechanisms/lid-launch'
import { AIR_GAS_CONSTANT } from '../../substances/air'
import { GRAVITY } from '../../substances/water-transport'
import type { Simulation, TraceColumn, Values } from '../face'
import type { Detail } from '../accuracy'
import { BURNT_GAMMA, pulseLevel } from '../motion/planned-only'
import { GAS_COLUMNS, TraceRows } from '../trace-rows'

export const COLUMNS: readonly TraceColumn[] = [...GAS_COLUMNS, { id: 'height', name: 'lid above the canister', quantity: 'length' }]
/** Drag coefficient of a tumbling disc: between edge-on and flat, White, table 7.3. */
const TUMBLING = 0.6

export function simulate(values: Values, detail: Detail, refinement = 1): Simulation {
  const n = values.numbers as Record<string, number>
  const outside = n.stationPressure!
  const temperature = n.airTemperature!
  const density = outside / (AIR_GAS_CONSTANT * temperature)
  const area = Math.PI * n.lidDiameter! * n.lidDiameter! / 4
  const release = outside + n.releaseGauge!
  const most = outside * n.pressureRise!
  const opens = release < most
  const rows = detail === 'trace' ? new TraceRows(COLUMNS) : undefined
  const rising = n.burnTime! * Math.min(1, (release - outside) / (most - outside))
  const speed = opens ? lidSpeed({ mass: n.lidMass!, area, travel: n.lidTravel! }, release, outside, n.canisterVolume!, BURNT_GAMMA) : 0
  const flyer = { mass: n.lidMass!, area, drag: TUMBLING, density }
  const reach = opens ? longestReach(flyer, speed, n.standHeight!) : 0
  const energy = (opens ? n.releaseGauge! : most - outside) * n.canisterVolume! / (BURNT_GAMMA - 1)
  const level = pulseLevel(energy, n.soundShare!, 0.003, n.firstRow!)
  // Straight up: as far as gravity and drag let it.
  let height = 0
  let up = speed
  const k = density * TUMBLING * area / (2 * n.lidMass!)
  const add = (time: number, pressure: number, hot: number, h: number) => rows?.add(time,
    { pressure, gasTemperature: hot, airMass: pressure * n.canisterVolume! / (AIR_GAS_CONSTANT * hot), steamMass: 0, height: h })
  for (let i = 0; i <= 20; i++) {
    const pressure = outside + (Math.min(release, most) - outside) * i / 20
    add(rising * i / 20, pressure, temperature * pressure / outside, 0)
  }
  let time = rising
  let rise = 0
  while (opens && time < rising + 4 && (height > 0 || up > 0)) {
    const step = time < rising + 0.01 ? 0.0005 : 0.02
    up = (up - GRAVITY * step) / (1 + k * Math.abs(up) * step)
    height = Math.max(0, height + up * step)
    rise = Math.max(rise, height)
    time += step
    add(time, outside + (release - outside) * Math.max(0, 1 - (time - rising) / 0.004), temperature * 1.6, height)
  }
  if (!opens) add(time + 0.1, most, temperature * most / outside, 0)
  return {
    results: {
      ...(opens && { launchSpeed: speed, reach, riseHeight: rise, hush: rising }), lidEnergy: n.lidMass! * speed * speed / 2, levelFirstRow: level,
        peakPressureDifference: Math.min(release, most) - outside, clearNeeded: reach + 1, storedEnergy: energy,
    },
    events: opens ? [{ id: 'pop', name: 'pops', time: rising }] : [],
    outcome: !opens ? 'holds' : reach > n.firstRow! ? 'beyond' : 'clear',
    details: { stationPressure: outside, sealing: 0, timeOfLifting: 0, difference: Math.min(release, most) - outside, area, ...(opens && { goneAt: rising }) },
    trace: rows && (() => {
      rows.stage('hush', 'rise', rising)
      rows.stage('after', 'flight', opens ? time : time + 0.1)
      return rows.finish()
    })(),
  }
}
