import type { Forecast, Influence, Lever, StagingDocument, StripPoint } from '~~/core'

interface Request { job: number, document: StagingDocument, seed: number }

export type ForecastRequest =
  | Request & { kind: 'forecast', samples: number }
  | Request & { kind: 'levers' }
  | Request & { kind: 'strip', input: string }

export type ForecastAnswer =
  | { kind: 'forecast', job: number, forecast: Forecast, complete: boolean, influences: Influence[] }
  | { kind: 'levers', job: number, levers: Lever[] }
  | { kind: 'strip', job: number, input: string, strip: StripPoint[] }
  | { kind: 'failed', job: number, message: string }
