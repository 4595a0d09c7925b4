/** What a page brings of a forecast, and what says of which staging it is. */
import { findDemonstration } from '../catalogue/known'
import type { WaterWindow } from '../demonstration'
import type { StagingDocument } from '../formats'
import type { Forecast, Influence, Representative, Taught } from '../forecast'
import type { StoredRun } from './records'

/** What past runs have taught, and about what. */
export interface Learnt {
  /** `teachingKey` without the runs */ about: string
  /** `teachingKey` with them */ key: string
  taught: Taught
}

/** What says of which staging a forecast is: all that its draws hang on, but for what past runs taught. */
export const forecastKey = ({ demonstration, inputs }: StagingDocument): string =>
  JSON.stringify({ demonstration, inputs })

/** How a staging stands; without a forecast where it is not accepted, or not there in time. */
export interface FirstOdds {
  /** by a few draws, or by all */ forecast?: Forecast
  /** where there are runs that teach */ learnt?: Learnt
  /** where it is by all draws: what else they say */ whole?: WholeOdds
}

/** What all draws of a forecast say beside their shares. */
export interface WholeOdds {
  /** `forecastKey` of the staging, with the room's conditions in it */ of: string
  influences: Influence[]
  representative: Representative
  waterWindow?: WaterWindow
}

/** What past runs can teach hangs on: the inputs that tell one vessel or heater from another, and the runs. */
export function teachingKey(staging: StagingDocument, runs: readonly StoredRun[]): string {
  const bound = findDemonstration(staging.demonstration)?.inputs.filter(i => i.tells) ?? []
  return JSON.stringify([staging.demonstration, bound.map(i => inOrder(staging.inputs[i.id])), runs.map(r => r.id)])
}

/** However it was written down: neither a database nor a reader keeps the order of what belongs to a quantity. */
const inOrder = (input: StagingDocument['inputs'][string] | undefined) =>
  typeof input === 'object' ? Object.entries(input).sort(([a], [b]) => a.localeCompare(b)) : input
