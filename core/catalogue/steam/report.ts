/** What every steam simulation reports of its way to the seal. */
import type { TimedEvent } from '../../demonstration'
import type { HeatingPlan } from '../../mechanisms/heating'
import { floorPressure, type Filled, type GasAtSeal } from './filling'

const EVENT_NAMES: Readonly<Record<string, string>> = {
  'boil': 'boils',
  'plume': 'steady plume',
  'dry': 'boils dry',
  'lift': 'off the heat',
  'seal': 'sealed',
  'talk': 'a panel talks',
  'critical': 'wall gives way',
  'mouth-full': 'water through the mouth',
  'full': 'full of water',
  'unstop': 'stopper out',
  'relief': 'steam comes out',
  'pop': 'pops back',
  'round': 'round inside',
  'over': 'past its rated vacuum',
  'peak': 'greatest difference',
}

/** Events in order; those that never come are left out. */
export class EventList {
  private readonly events: TimedEvent[] = []
  constructor(private readonly names: Readonly<Record<string, string>> = {}) {}

  add(id: string, time: number | undefined): this {
    if (time !== undefined) this.events.push({ id, name: this.names[id] ?? EVENT_NAMES[id], time })
    return this
  }

  addHeating({ heated, timeOfLifting, sealing }: Filled): this {
    if (heated)
      this.add('boil', heated.timeToBoil)
        .add('plume', heated.timeToPlume)
        .add('dry', heated.boiledDry ? heated.timeToDry : undefined)
    if (timeOfLifting > 0) this.add('lift', timeOfLifting)
    return this.add('seal', sealing)
  }

  sorted(): TimedEvent[] {
    return this.events.sort((a, b) => a.time - b.time)
  }
}

/** A type and not an interface, since results are looked up by id. */
type ResultsAtSeal = {
  boilingTemperature: number
  waterLeft: number
  residualAirFraction: number
  steamMass: number
  floorPressure: number
  timeToBoil?: number
  timeToPlume?: number
  timeToDry?: number
}

/** Results of heating and of the gas at the seal. @param coolant what cools the gas, K */
export function resultsAtSeal(plan: Pick<HeatingPlan, 'room'>, filled: Filled, gas: GasAtSeal, coolant: number) {
  const { heated } = filled
  const results: ResultsAtSeal = {
    boilingTemperature: plan.room.boilingPoint,
    waterLeft: filled.waterMass,
    residualAirFraction: gas.residualAirFraction,
    steamMass: gas.steam,
    floorPressure: floorPressure(gas, plan.room, coolant),
  }
  // Added one by one: spreading what may be missing takes ten times as long, and this is done for every draw.
  if (heated?.timeToBoil !== undefined) results.timeToBoil = heated.timeToBoil
  if (heated?.timeToPlume !== undefined) results.timeToPlume = heated.timeToPlume
  if (heated?.timeToDry !== undefined) results.timeToDry = heated.timeToDry
  return results
}

/** When it went, for the details of a run: nothing where it never did. */
export const goneAt = (time: number | undefined): { goneAt?: number } => (time === undefined ? {} : { goneAt: time })

/** What ledger, cautions and drawing need of the way to the seal. */
export const detailsAtSeal = (plan: Pick<HeatingPlan, 'room' | 'vessel'>, filled: Filled) => ({
  timeOfLifting: filled.timeOfLifting,
  sealing: filled.sealing,
  boiledDry: filled.heated?.boiledDry ? 1 : 0,
  steamRate: filled.heated?.steamRate ?? 0,
  overheat: filled.overheat,
  stationPressure: plan.room.pressure,
  capacity: plan.vessel.capacity,
  wallAtSeal: filled.wall,
  liquidAtSeal: filled.liquid,
})

/**
 * Differences and forces on the whole outer surface (m2), which are three different numbers with `faceForce` of the
 * sizes.
 */
export const forcesOf = (surface: number, roomPressure: number, peakDifference: number) => ({
  peakPressureDifference: peakDifference,
  outsideForce: roomPressure * surface,
  peakNetForce: peakDifference * surface,
})
