/** Finds onsets away from the screen's thread. */
import { findOnsets } from '~~/core/hearing'
import type { HearingAnswer, HearingRequest } from './hearing-messages'

self.onmessage = ({ data: { job, samples, rate } }: MessageEvent<HearingRequest>) => {
  const answer: HearingAnswer = { job, onsets: findOnsets(samples, rate) }
  self.postMessage(answer)
}
