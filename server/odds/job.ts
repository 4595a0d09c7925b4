import type { FirstOdds, PastRunDocument, StagingDocument } from '../../core'

/** What is asked of the thread. */
export interface Asked {
  job: number
  document: StagingDocument
  samples: number
  /** runs that teach it, the oldest first */ teachers: readonly PastRunDocument[]
  /** what they teach hangs on: see `teachingKey` */ about: string
  key: string
}

export type Answered = FirstOdds & { job: number }
