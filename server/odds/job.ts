import type { Forecast, StagingDocument } from '../../core'

/** What is asked of the thread. */
export interface Asked {
  job: number
  document: StagingDocument
  samples: number
}

/** Without a forecast where the staging is not accepted. */
export interface Answered {
  job: number
  forecast?: Forecast
}
