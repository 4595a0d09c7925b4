/** A cup or sheet pressed on and pulled: what air it kept gets more room, and the room holds it down. */
import { type Detail, GAS_COLUMNS, type TraceColumn, TraceRows, type Demonstration } from '../../../demonstration'
import { leakIn } from '../../../mechanisms/pump-down'
import { pulledCup } from '../../../mechanisms/held-by-air'
import { AIR_GAS_CONSTANT } from '../../../substances/air'
import { GRAVITY } from '../../../substances/water-transport'
import type { SuctionCupValues } from './inputs'

export const COLUMNS: readonly TraceColumn[] = [
  ...GAS_COLUMNS,
  { id: 'lifted', name: 'share of the load lifted', quantity: 'fraction' },
  { id: 'opened', name: 'cup pulled open', quantity: 'fraction' },
]
/** The load comes on over so long, s. */
const PULL = 1

export function simulate(values: SuctionCupValues, detail: Detail) {
  const n = values.numbers
  const outside = n.stationPressure
  const temperature = n.airTemperature
  const area = ((Math.PI * n.cupDiameter * n.cupDiameter) / 4) * n.effectiveArea
  const pull = n.loadMass * GRAVITY * n.jerk
  const kept = n.cupVolume * n.airKept
  const most = n.cupVolume * (1 - n.airKept) * n.opening
  const atMost = pulledCup(outside, kept, most)
  const holding = Math.min((outside - atMost) * area, n.peelLimit * outside * area)
  const needed = pull / area
  const rows = detail === 'trace' ? new TraceRows(COLUMNS) : undefined
  const add = (time: number, pressure: number, amount: number, lifted: number, opened: number) =>
    rows?.add(time, {
      pressure,
      gasTemperature: temperature,
      airMass: amount / (AIR_GAS_CONSTANT * temperature),
      steamMass: 0,
      lifted,
      opened,
    })
  const amount = outside * kept
  const fails = holding < pull
  let goneAt: number | undefined
  add(0, outside, amount, 0, 0)
  let time = 0
  let pressure = outside
  const STEPS = 20
  for (let i = 1; i <= STEPS && goneAt === undefined; i++) {
    time = (PULL * i) / STEPS
    const wanted = outside - (needed * i) / STEPS
    if ((pull * i) / STEPS > holding) goneAt = time
    else pressure = wanted
    add(time, pressure, amount, i / STEPS, Math.min(1, (amount / Math.max(wanted, 1) - kept) / most))
  }
  // Held: the leak lets air in until the cup is open as far as it goes.
  let leaksFor = Infinity
  if (!fails) {
    const leak = leakIn(n.leakArea, outside, temperature, pressure)
    leaksFor = leak > 0 ? Math.max(0, (pressure * (kept + most) - amount) / leak) : Infinity
    const held = Math.min(n.liftTime, leaksFor)
    for (let i = 1; i <= 30; i++) {
      const since = (held * i) / 30
      add(
        PULL + since,
        pressure,
        amount + leak * since,
        1,
        Math.min(1, ((amount + leak * since) / pressure - kept) / most),
      )
    }
    time = PULL + held
    if (leaksFor < n.liftTime) goneAt = time
  }
  if (goneAt !== undefined) {
    add(goneAt + 0.01, outside, outside * n.cupVolume, 0, 1)
    add(goneAt + 0.4, outside, outside * n.cupVolume, 0, 1)
  }
  return {
    results: {
      holdingForce: holding,
      pull,
      safetyFactor: holding / pull,
      lowestPressure: pressure,
      peakPressureDifference: outside - pressure,
      mostDifference: outside - atMost,
      ...(!fails && leaksFor < 1e6 && { holdTime: leaksFor }),
      ...(goneAt !== undefined && { hush: goneAt }),
    },
    events: goneAt === undefined ? [] : [{ id: 'off', name: 'comes off', time: goneAt }],
    outcome: fails ? 'off' : goneAt !== undefined ? 'later' : 'lifts',
    details: {
      stationPressure: outside,
      sealing: 0,
      timeOfLifting: 0,
      area,
      kept,
      difference: outside - pressure,
      peels: n.peelLimit * outside < outside - atMost ? 1 : 0,
      ...(goneAt !== undefined && { goneAt }),
    },
    trace:
      rows &&
      (() => {
        rows.stage('pull', 'pulling', Math.min(PULL, goneAt ?? PULL))
        rows.stage('hush', 'lift', goneAt ?? time)
        rows.stage('after', 'drop', goneAt === undefined ? time : goneAt + 0.4)
        return rows.finish()
      })(),
  }
}
export type SuctionCupRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type SuctionCup = Demonstration<SuctionCupValues, SuctionCupRun>
