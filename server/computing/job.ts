import type { FirstOdds, PastRunDocument, Scene, Sentence, StagingDocument } from '../../core'

interface Teachers {
  document: StagingDocument
  /** runs that teach it, the oldest first */ teachers: readonly PastRunDocument[]
  /** what they teach hangs on: see `teachingKey` */ about: string
  key: string
}

/** How a staging stands by so many draws; as a whole with all that they say, and others are answered in between. */
export interface OddsAsked extends Teachers {
  kind: 'odds' | 'whole'
  /** nobody waits for it yet */ unhurried?: true
  samples: number
}

/** What past runs have taught about a staging, alone. */
export interface LearntAsked extends Teachers {
  kind: 'learnt'
}

/** What a class is told of a staging that really ended so. */
export interface EndAsked {
  kind: 'end'
  document: StagingDocument
  outcome: string
}

export interface EndTold {
  /** that it was looked for: without a reason then, no computed run ends so */ looked?: true
  /** why, by age */ levels?: readonly { from: number; text: Sentence }[]
  /** as it stands there afterwards */ scene?: Scene
}

/** What is asked of the thread, and answered. */
export type Asked = { job: number } & (OddsAsked | LearntAsked | EndAsked)
export type Answered = { job: number } & (FirstOdds | EndTold)
