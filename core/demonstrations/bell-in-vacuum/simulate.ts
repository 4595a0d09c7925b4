/** Something that rings in a jar that is pumped out: what comes through the gas fades, what comes through the mount stays. */
import { decibels, gasPathLoss, sumOfLevels } from '../../mechanisms/sound-in-gas'
import type { Simulation, TraceColumn, Values } from '../face'
import { pumpJar, withTrace } from '../vacuum/pumped'

export const COLUMNS: readonly TraceColumn[] = [{ id: 'levelHeard', name: 'sound where the listener sits', quantity: 'level' }]

/** Level at the listener at a jar pressure, dB. */
export function heardLevel({ numbers: n }: Values, pressure: number): number {
  const far = n.levelOutside! - 2 * decibels(n.listenerDistance!)
  return sumOfLevels(far - gasPathLoss(pressure, n.stationPressure!), far - n.mountLoss!)
}

export function simulate(values: Values, detail: 'summary' | 'trace'): Simulation {
  const n = values.numbers as Record<string, number>
  const threshold = n.roomNoise! - n.belowNoise!
  let gone: number | undefined
  let gonePressure: number | undefined
  const pumped = pumpJar(values, detail, {
    volume: () => 0.95 * n.jarVolume!, row: p => ({ levelHeard: heardLevel(values, p) }),
    over: (p, t) => {
      if (gone === undefined && heardLevel(values, p) < threshold) {
        gone = t
        gonePressure = p
      }
      return false
    },
  }, COLUMNS)
  const { simulation: s, time, pressure } = pumped
  const first = heardLevel(values, n.stationPressure!)
  const last = heardLevel(values, pressure)
  s.outcome = first < threshold ? 'never' : gone !== undefined ? 'silent' : first - last >= 6 ? 'faint' : 'heard'
  Object.assign(s.results, { levelBefore: first, levelAfter: last, drop: first - last, mountFloor: n.levelOutside! - 2 * decibels(n.listenerDistance!) - n.mountLoss!,
    ...(gone !== undefined && first >= threshold && { hush: gone, vanishPressure: gonePressure }) })
  if (gone !== undefined) {
    s.events.push({ id: 'silent', name: 'not heard any more', time: gone })
    s.details.goneAt = gone
  }
  s.trace = withTrace(pumped, (rows) => {
    rows.stage('hush', 'pumping', gone ?? time)
    rows.stage('after', 'silence', time)
  })
  return s
}
