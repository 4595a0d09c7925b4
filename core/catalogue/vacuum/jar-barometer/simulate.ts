/** Air trapped over water lifts it up a tube as the jar round it is pumped. */
import type { Detail, TraceColumn, Demonstration } from '../../../demonstration'
import { GRAVITY } from '../../../substances/water-transport'
import { liquidDensity } from '../../../substances/water'
import { pumpJar, withTrace } from '../pumped'
import type { JarBarometerValues } from './inputs'

export const COLUMNS: readonly TraceColumn[] = [
  { id: 'level', name: 'water up the tube', quantity: 'length' },
  { id: 'trappedPressure', name: 'trapped air', quantity: 'pressure' },
]
/** A rise that can be seen across a room, m. */
const SEEN = 0.03

export interface Tube {
  /** Pa */ outside: number
  /** trapped air, m3 */ trapped: number
  /** m2 */ bore: number
  /** kg/m3 */ density: number
}

/** Pa for each metre of the water. */
export const weightOf = ({ density }: Pick<Tube, 'density'>): number => density * GRAVITY

/**
 * Height of the water in the tube over that in the bottle, m: trapped air at p0 V/(V + A h) balances p + ρ g h.
 * @param pressure in the jar, Pa
 */
export function levelAt({ outside, trapped, bore, density }: Tube, pressure: number): number {
  const weight = weightOf({ density })
  // ρg A h² + (ρg V + p A) h + (p − p0) V = 0
  const b = weight * trapped + pressure * bore
  const c = (pressure - outside) * trapped
  return (-b + Math.sqrt(b * b - 4 * weight * bore * c)) / (2 * weight * bore)
}

/** Jar pressure at which the water stands at a height, Pa. */
export const pressureFor = ({ outside, trapped, bore, density }: Tube, height: number): number =>
  (outside * trapped) / (trapped + bore * height) - weightOf({ density }) * height

export const tubeOf = ({ numbers: n }: JarBarometerValues): Tube => ({
  outside: n.stationPressure,
  trapped: n.trappedAir,
  bore: (Math.PI * n.tubeBore * n.tubeBore) / 4,
  density: liquidDensity(Math.max(274, n.airTemperature)),
})

export function simulate(values: JarBarometerValues, detail: Detail, refinement = 1) {
  const n = values.numbers
  const tube = tubeOf(values)
  const spill = pressureFor(tube, n.tubeHeight)
  const pumped = pumpJar(
    values,
    detail,
    refinement,
    {
      volume: () => n.jarVolume - n.trappedAir,
      target: n.stationPressure - n.stopDifference,
      row: p => ({
        level: Math.min(n.tubeHeight, levelAt(tube, p)),
        trappedPressure: p + weightOf(tube) * Math.min(n.tubeHeight, levelAt(tube, p)),
      }),
      events: [
        { id: 'seen', direction: 1, stops: false, value: (_, p) => levelAt(tube, p) - SEEN },
        { id: 'spill', direction: -1, stops: true, value: (_, p) => p - spill },
      ],
    },
    COLUMNS,
  )
  const { simulation: s, time, pressure, state } = pumped
  const [spilled, seen] = [pumped.at('spill'), pumped.at('seen')]
  const level = Math.min(n.tubeHeight, levelAt(tube, pressure))
  const trace = withTrace(pumped, rows => {
    rows.stage('hush', 'pumping', time)
    rows.add(time + 3, pumped.row(pressure, time + 3, state))
    rows.stage('after', 'standing', time + 3)
  })
  return {
    outcome: spilled !== undefined ? 'spills' : level >= SEEN ? 'climbs' : 'hardly',
    results: {
      ...s.results,
      level,
      spillPressure: spill,
      spillDifference: n.stationPressure - spill,
      ...(seen !== undefined && { hush: seen }),
    },
    events: spilled === undefined ? [] : [{ id: 'spill', name: 'spills', time: spilled }],
    details: { ...s.details, ...(seen !== undefined && { goneAt: seen }) },
    ...(trace && { trace }),
  }
}

export type JarBarometerRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type JarBarometer = Demonstration<JarBarometerValues, JarBarometerRun>
