import { findDemonstration } from '../catalogue/known'
import type { WaterWindow } from '../demonstration'
import { attemptReading, observationOf, stagingOfRun, type StagingDocument } from '../formats'
import type { Forecast, Influence, Observation, Representative, Taught } from '../forecast'
import type { StoredRun } from './records'

/** A run as it teaches: its staging with what was really used, and what was seen. */
export interface PastRunDocument {
  staging: StagingDocument
  seen: Observation
}

/** @throws where the run's staging is no longer accepted */
export function pastRun(run: StoredRun): PastRunDocument {
  const read = stagingOfRun(run.staging, run.document)
  return {
    staging: { ...run.staging, inputs: { ...run.staging.inputs, ...run.document.used } },
    seen: observationOf(read, run.document),
  }
}

/** Runs that teach, the oldest first; one that is no longer accepted teaches nothing. */
export const teachersAmong = (newestFirst: readonly StoredRun[]): StoredRun[] =>
  newestFirst.filter(run => attemptReading(() => pastRun(run)).read).reverse()

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
  return JSON.stringify([staging.demonstration, bound.map(i => staging.inputs[i.id]), runs.map(r => r.id)])
}
