/** A soft, closed thing with gas in it while the air round it thins, and when it comes back. */
import { halving } from '../../elementary'
import type { Simulation, TraceColumn, Values } from '../face'
import { pumpJar, withTrace } from '../vacuum/pumped'

export const COLUMNS: readonly TraceColumn[] = [{ id: 'packVolume', name: 'gas in the pack', quantity: 'volume' }, { id: 'packDifference', name: 'pack over the jar', quantity: 'pressure' }]
/** Stiffness of a skin that is taut, Pa for a volume stretched by all of itself: films and lids hardly stretch. */
const TAUT = 1.5e6
/** Growth that can be seen across a room. */
const SEEN = 1.25

export interface Pack {
  /** at rest, m3 */ rest: number
  /** taut, m3 */ taut: number
  /** Pa per whole of its volume, before it is taut */ stiffness: number
}

/** Overpressure at a volume, Pa. */
const skin = ({ rest, taut, stiffness }: Pack, volume: number): number =>
  (volume > rest ? stiffness * (volume / rest - 1) : 0) + (volume > taut ? TAUT * (volume / taut - 1) : 0)

/** Volume that an amount of gas (p V, J) takes at an outside pressure, m3. */
export const packVolume = (pack: Pack, amount: number, outside: number): number =>
  halving(volume => (outside + skin(pack, volume)) * volume < amount, 1e-3 * pack.rest, Math.max(amount / outside, pack.rest) + 1e-9, 26)

export function simulate(values: Values, detail: 'summary' | 'trace'): Simulation {
  const n = values.numbers as Record<string, number>
  const outside = n.stationPressure!
  const pack: Pack = { rest: n.packGas!, taut: n.packGas! * n.roomToGrow!, stiffness: n.packStiffness! }
  const start = outside * pack.rest
  let amount = start
  let last = 0
  let opened: number | undefined
  let most = 1
  let strain = 0
  let seen: number | undefined
  const inCabin = values.choices.where === 'cabin'
  const state = (p: number) => packVolume(pack, amount, p)
  const over = (p: number, t: number) => {
    const volume = state(p)
    const difference = opened === undefined ? Math.max(0, amount / volume - p) : 0
    strain = Math.max(strain, difference)
    if (opened === undefined && difference >= n.sealStrength!) opened = t
    // Through foam and film the gas leaves in proportion to its overpressure; opened, at once.
    const step = t - last
    last = t
    amount = opened !== undefined ? Math.min(amount, p * pack.rest * 0.9) : amount / (1 + step / n.leakTime! * difference / (difference + p))
    most = Math.max(most, volume / pack.rest)
    if (seen === undefined && (volume / pack.rest >= SEEN || difference > 0.4 * n.sealStrength!)) seen = t
    return false
  }
  // In a cabin or on a road the room itself thins, over minutes: a pump as slow as that stands for the climb.
  const climbing: Values = inCabin ? { numbers: { ...n, pumpSpeed: 4 * n.jarVolume! / n.pumpTime!, ultimatePressure: 0.98 * n.targetPressure!, leakArea: 0 }, choices: { ...values.choices, pump: 'membrane' } } : values
  const pumped = pumpJar(climbing, detail, {
    volume: p => Math.max(0.05 * n.jarVolume!, n.jarVolume! - state(p)), over,
    row: p => ({ packVolume: state(p), packDifference: opened === undefined ? Math.max(0, amount / state(p) - p) : 0 }),
  }, COLUMNS)
  const { simulation: s, time, pressure } = pumped
  // Held so long at the end, then the air back.
  const HELD = inCabin ? 0 : n.holdTime!
  for (let i = 1; i <= 12 && HELD > 0; i++) {
    over(pressure, time + HELD * i / 12)
    pumped.rows?.add(time + HELD * i / 12, pumped.row(pressure, time + HELD * i / 12))
  }
  const back = inCabin ? time * 0.5 : 4
  for (let i = 1; i <= 16; i++) {
    const p = pressure + (outside - pressure) * i / 16
    pumped.rows?.add(time + HELD + back * i / 16, pumped.row(p, time + HELD + back * i / 16))
  }
  const after = packVolume(pack, amount, outside) / pack.rest
  s.outcome = opened !== undefined ? 'opens' : seen !== undefined ? 'swells' : 'little'
  Object.assign(s.results, { growth: most, packDifference: strain, shrunkTo: Math.min(1, after), ...(seen !== undefined && { hush: seen }) })
  s.details.difference = outside - pressure
  s.details.showAt = time + HELD
  if (seen !== undefined) s.details.goneAt = seen
  if (opened !== undefined) s.events.push({ id: 'opens', name: 'opens', time: opened })
  s.trace = withTrace(pumped, (rows) => {
    rows.stage('hush', inCabin ? 'climb' : 'pumping', time)
    rows.stage('hold', 'hold', time + HELD)
    rows.stage('after', inCabin ? 'descent' : 'return of the air', time + HELD + back)
  })
  return s
}
