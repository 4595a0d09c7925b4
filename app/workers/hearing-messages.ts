import type { Onset } from '~~/core'

export interface HearingRequest {
  job: number
  samples: Float32Array
  rate: number
}
export interface HearingAnswer {
  job: number
  onsets: Onset[]
}
