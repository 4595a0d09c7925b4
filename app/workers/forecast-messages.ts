import type {
  Debrief,
  Followed,
  Forecast,
  Influence,
  Investigation,
  Lever,
  Mark,
  Observation,
  PracticeAct,
  Representative,
  AsStated,
  StagingDocument,
  StoredRun,
  StripPoint,
  Taught,
  Traced,
  UnitSystem,
  Values,
  WaterWindow,
} from '~~/core'

/** `whole`: draws of a whole forecast here; `taught`: what past runs have taught, where it is to be used */
interface Request {
  /** a newer request of the same asker and kind ends an older one */ asker: number
  job: number
  whole: number
  document: StagingDocument
  seed: number
  /** demonstrations that the page has at hand: it may ask about them while the server is away */ known: string[]
  taught?: Taught
}

export type ForecastRequest =
  | (Request & { kind: 'forecast'; /** as many as a whole one has, where fewer are not enough */ samples?: number })
  | (Request & { /** a change is about to come: what it will need is fetched and begun */ kind: 'prepare' })
  | (Request & { kind: 'levers'; units: UnitSystem; /** of `leverInputs` */ nth: number; asStated?: AsStated })
  | (Request & { kind: 'strip'; input: string })
  | (Request & { kind: 'window' })
  | (Request & { kind: 'follow'; marks: Mark[]; act: string; speed: number; now: number })
  | (Request & { kind: 'learn'; runs: StoredRun[] })
  | (Request & { kind: 'end'; outcome: string })
  | (Request & { kind: 'debrief'; exercise: string; acts: PracticeAct[]; now: number })
  | (Request & { kind: 'investigate'; used: StagingDocument; measured: string[]; seen: Observation; units: UnitSystem })

/** What is drawn and explained, with its run where it is not what is stated. */
export type Shown = Representative & { run?: Traced }

/** Ends what is of no use to anybody any more. */
export interface Idle {
  kind: 'idle'
  asker: number
  /** all that it asked for, where none is named */ of?: ForecastRequest['kind'][]
}

export type ForecastAnswer =
  | {
      kind: 'forecast'
      job: number
      forecast: Forecast
      complete: boolean
      influences: Influence[]
      /** once complete */
      shown?: Shown
    }
  | { kind: 'prepared'; job: number }
  | { kind: 'levers'; job: number; levers: Lever[]; /** as many inputs */ of: number; asStated?: AsStated }
  | { kind: 'strip'; job: number; input: string; strip: StripPoint[] }
  | { kind: 'window'; job: number; window?: WaterWindow }
  | { kind: 'follow'; job: number; followed: Followed; complete: boolean }
  | { kind: 'learn'; job: number; taught: Taught }
  | { kind: 'investigate'; job: number; forecast: Forecast; investigation: Investigation; levers: Lever[] }
  | { kind: 'debrief'; job: number; debrief: Debrief; logbook?: Investigation }
  | { kind: 'end'; job: number; run?: { values: Values; simulation: Traced } }
  | { kind: 'failed'; job: number; message: string; /** it could not be fetched, and may be later */ again?: true }
