/** A light ball in a pumped-out tube: the foil at one end is pierced. */
import {
  type Detail,
  GAS_COLUMNS,
  closeTolerance,
  type TraceColumn,
  TraceRows,
  type Demonstration,
} from '../../../demonstration'
import { lumpedSpeed, shoot, type TubeShot } from '../../../mechanisms/ball-in-tube'
import { BALL_DRAG, ballArea, longestReach } from '../../../mechanisms/flight'
import { pumpDown } from '../../../mechanisms/pump-down'
import { AIR_GAS_CONSTANT } from '../../../substances/air'
import { isDriven, pumpOf } from '../../vacuum/inputs'
import type { VacuumCannonValues } from './inputs'

export const COLUMNS: readonly TraceColumn[] = [
  ...GAS_COLUMNS,
  { id: 'place', name: 'ball along the tube', quantity: 'length' },
  { id: 'speed', name: 'speed', quantity: 'speed' },
  { id: 'behind', name: 'pressure behind', quantity: 'pressure' },
  { id: 'ahead', name: 'pressure ahead', quantity: 'pressure' },
]

const tubeVolume = ({ numbers: n }: VacuumCannonValues): number =>
  (Math.PI / 4) * n.tubeDiameter * n.tubeDiameter * n.tubeLength

export function simulate(values: VacuumCannonValues, detail: Detail, refinement = 1) {
  const n = values.numbers
  const outside = n.stationPressure
  const temperature = n.airTemperature
  const rows = detail === 'trace' ? new TraceRows(COLUMNS) : undefined
  const volume = tubeVolume(values)
  const density = outside / (AIR_GAS_CONSTANT * temperature)
  const gas = (p: number) => ({
    pressure: p,
    gasTemperature: temperature,
    airMass: (p * volume) / (AIR_GAS_CONSTANT * temperature),
    steamMass: 0,
  })
  const tolerance = closeTolerance(refinement)
  const pumped = pumpDown(
    { pump: pumpOf(values), outside, temperature, leakArea: n.leakArea, volume },
    Float64Array.of(outside * volume),
    {
      tolerance,
      longest: n.pumpTime,
      onStep:
        rows &&
        ((t, p) => {
          rows.add(t, { ...gas(p), place: 0, speed: 0, behind: p, ahead: p })
        }),
      events: [{ id: 'target', direction: -1, stops: true, value: (_, p) => p - n.targetPressure }],
    },
  )
  const shot: TubeShot = {
    mass: n.ballMass,
    ball: n.ballDiameter,
    tube: n.tubeDiameter,
    length: n.tubeLength,
    outside: outside * n.inrush,
    residual: pumped.pressure,
    temperature,
    friction: n.friction,
  }
  const start = pumped.time
  let last = start
  const { speed, time } = shoot(
    shot,
    tolerance,
    rows &&
      ((t, place, v, behind, front) => {
        last = start + t
        rows.add(last, { ...gas(front), pressure: front, place, speed: v, behind, ahead: front })
      }),
  )
  const flyer = { mass: n.ballMass, area: ballArea(n.ballDiameter), drag: BALL_DRAG, density }
  const reach = speed > 0 ? longestReach(flyer, speed, n.muzzleHeight) : 0
  const energy = (n.ballMass * speed * speed) / 2
  const difference = outside - pumped.pressure
  return {
    results: {
      muzzleSpeed: speed,
      ...(speed > 0 && { hush: time, flightTime: time }),
      energy,
      reach,
      exclusion: Math.ceil(reach + 2),
      timeToPump: pumped.time,
      ...(!isDriven(values) && { strokes: pumped.strokes }),
      finalPressure: pumped.pressure,
      peakPressureDifference: difference,
      foilForce: (difference * Math.PI * n.tubeDiameter * n.tubeDiameter) / 4,
      lumpedSpeed: lumpedSpeed({ ...shot, outside, residual: 0 }, n.tubeLength),
    },
    events: [
      { id: 'pierced', name: 'foil pierced', time: start },
      ...(speed > 0 ? [{ id: 'muzzle', name: 'leaves', time: start + time }] : []),
    ],
    outcome: speed <= 1 ? 'stuck' : speed >= n.wantedSpeed ? 'fast' : 'slow',
    details: {
      stationPressure: outside,
      sealing: start,
      timeOfLifting: 0,
      difference,
      ...(speed > 0 && { goneAt: start + time }),
    },
    trace:
      rows &&
      (() => {
        rows.stage('pump', 'pumping', start)
        if (speed <= 0) last += 0.05
        rows.stage('hush', 'flight', last)
        if (speed <= 0) rows.add(last, { ...gas(outside), place: 0, speed: 0, behind: outside, ahead: outside })
        return rows.finish()
      })(),
  }
}
export type VacuumCannonRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type VacuumCannon = Demonstration<VacuumCannonValues, VacuumCannonRun>
