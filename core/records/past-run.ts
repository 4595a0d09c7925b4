import { attemptReading, observationOf, stagingOfRun, type StagingDocument } from '../formats'
import type { Observation } from '../forecast'
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

/** Whether a run teaches: one that is no longer accepted does not. */
export const teaches = (run: StoredRun): boolean => attemptReading(() => pastRun(run)).read !== undefined

/** Runs that teach, the oldest first. */
export const teachersAmong = (newestFirst: readonly StoredRun[]): StoredRun[] => newestFirst.filter(teaches).reverse()
