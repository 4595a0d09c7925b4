import { indexAt, type Ledger, type Ran } from '../../demonstration'
import { differenceByCause } from '../../mechanisms/difference-by-cause'
import { AIR_GAS_CONSTANT } from '../../substances/air'
import { WATER_GAS_CONSTANT } from '../../substances/water'

const CAUSES: Record<string, string> = {
  wall: 'steam condensing on the cold wall',
  water: 'steam condensing on water inside, less what it gave off',
  fog: 'steam turning to fog',
  cooling: 'the gas getting colder',
  leak: 'air that leaked in (gives back)',
  inflow: 'room taken by water that came in (gives back)',
  crush: 'room lost by caving in (gives back)',
}

/** Nothing comes into a vessel that is closed: what takes up room is what the steam turned to. */
export const CLOSED = { inflow: 'room taken by the water it turned to (gives back)' } as const

/**
 * The ledger at the moment that ends the hush (`moment` says it in words) or, if it never does, at the greatest
 * difference. Needs a simulation with a trace. Rows add up to the difference exactly; see `difference-by-cause.ts`
 * for the convention. `causes` names what is different here.
 */
type Sealed = Ran<never, 'sealing' | 'timeOfPeak' | 'capacity', never, 'goneAt'>
export const steamLedger =
  (moment: string, causes: Readonly<Record<string, string>> = {}) =>
  (simulation: Sealed): Ledger =>
    ledgerOf(simulation, moment, { ...CAUSES, ...causes })

function ledgerOf({ trace, details }: Sealed, words: string, causes: Readonly<Record<string, string>>): Ledger {
  if (!trace) throw new RangeError('trace: the ledger needs a simulation with a trace')
  const sealing = details.sealing
  const moment = details.goneAt ?? details.timeOfPeak
  const first = indexAt(trace.time, sealing)
  const now = Math.max(first, indexAt(trace.time, moment))
  const c = trace.columns
  const steam = c.steamMass[first]
  const amount = steam * WATER_GAS_CONSTANT + c.airMass[first] * AIR_GAS_CONSTANT
  const temperatures = [c.gasTemperature[first], c.gasTemperature[now]] as const
  const volume = (amount * temperatures[0]) / c.pressure[first]
  const lost = c.volumeLost[now] * details.capacity
  // The water's volume is what is left of the difference in gas volume, so that the rows meet the trace exactly.
  const remaining = c.steamMass[now] * WATER_GAS_CONSTANT + c.airMass[now] * AIR_GAS_CONSTANT
  const volumeNow = (remaining * temperatures[1]) / c.pressure[now]
  const gone: Record<string, number> = {
    wall: c.condensedOnWall[now] * WATER_GAS_CONSTANT,
    water: c.condensedOnWater[now] * WATER_GAS_CONSTANT,
    fog: c.condensedAsFog[now] * WATER_GAS_CONSTANT,
    leak: (c.airMass[first] - c.airMass[now]) * AIR_GAS_CONSTANT,
  }
  const total = (steam - c.steamMass[now]) * WATER_GAS_CONSTANT
  gone.water += total - gone.wall - gone.water - gone.fog
  const rows = differenceByCause({ temperatures, volume, amount, inflow: volume - volumeNow - lost, lost, gone })
  const order = ['wall', 'water', 'fog', 'cooling', ...(rows.leak !== 0 ? ['leak'] : []), 'inflow', 'crush']
  return {
    moment: details.goneAt === undefined ? 'at its greatest' : words,
    rows: order.map(id => ({ id, cause: causes[id], pressure: rows[id] })),
    difference: c.pressure[first] - c.pressure[now],
  }
}
