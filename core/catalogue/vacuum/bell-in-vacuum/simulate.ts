/**
 * Something that rings in a jar that is pumped out: what comes through the gas fades, what comes through the mount
 * stays.
 */
import type { Detail, TraceColumn, Demonstration } from '../../../demonstration'
import { decibels, gasPathLoss, sumOfLevels } from '../../../mechanisms/sound-in-gas'
import { pow } from '../../../elementary'
import { pumpJar, withTrace } from '../pumped'
import type { BellInVacuumValues } from './inputs'

export const COLUMNS: readonly TraceColumn[] = [
  { id: 'levelHeard', name: 'sound where the listener sits', quantity: 'level' },
]

/** Level at the listener at a jar pressure, dB. */
function heardLevel({ numbers: n }: BellInVacuumValues, pressure: number): number {
  const far = n.levelOutside - 2 * decibels(n.listenerDistance)
  return sumOfLevels(far - gasPathLoss(pressure, n.stationPressure), far - n.mountLoss)
}

/**
 * Jar pressure at which the listener hears a level, Pa: the mount's share is there at any pressure. @param level dB,
 * over the mount's
 */
function pressureForLevel({ numbers: n }: BellInVacuumValues, level: number): number {
  const far = n.levelOutside - 2 * decibels(n.listenerDistance)
  const throughGas = pow(10, level / 10) - pow(10, (far - n.mountLoss) / 10)
  return n.stationPressure * pow(10, (decibels(throughGas) - far) / 20)
}

export function simulate(values: BellInVacuumValues, detail: Detail, refinement = 1) {
  const n = values.numbers
  const threshold = n.roomNoise - n.belowNoise
  const pumped = pumpJar(
    values,
    detail,
    refinement,
    {
      volume: () => 0.95 * n.jarVolume,
      row: p => ({ levelHeard: heardLevel(values, p) }),
      events: [{ id: 'silent', direction: -1, stops: false, value: (_, p) => heardLevel(values, p) - threshold }],
    },
    COLUMNS,
  )
  const { simulation: s, time, pressure } = pumped
  const gone = pumped.at('silent')
  const first = heardLevel(values, n.stationPressure)
  const last = heardLevel(values, pressure)
  const trace = withTrace(pumped, rows => {
    rows.stage('hush', 'pumping', gone ?? time)
    rows.stage('after', 'silence', time)
  })
  return {
    outcome: first < threshold ? 'never' : gone !== undefined ? 'silent' : first - last >= 6 ? 'faint' : 'heard',
    results: {
      ...s.results,
      levelBefore: first,
      levelAfter: last,
      drop: first - last,
      mountFloor: n.levelOutside - 2 * decibels(n.listenerDistance) - n.mountLoss,
      ...(gone !== undefined &&
        first >= threshold && { hush: gone, vanishPressure: pressureForLevel(values, threshold) }),
    },
    events: gone === undefined ? [] : [{ id: 'silent', name: 'not heard any more', time: gone }],
    details: { ...s.details, ...(gone !== undefined && { goneAt: gone }) },
    ...(trace && { trace }),
  }
}

export type BellInVacuumRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type BellInVacuum = Demonstration<BellInVacuumValues, BellInVacuumRun>
