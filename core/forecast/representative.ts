/** The staging to be drawn and explained where exactly what is stated ends otherwise than most stagings like it. */
import type { Values } from '../demonstration'
import { scoreOf } from './normal-scores'
import { NO_OUTCOME } from './draws'
import type { StagingSample } from './sample'

export interface Representative {
  /** the likeliest outcome, by id */ outcome: string
  /** how exactly what is stated ends, by id */ asStated: string
  /** the draw of the likeliest outcome nearest to the medians; undefined where what is stated ends so itself */
  numbers: Values['numbers'] | undefined
}

/**
 * The numbers of the draw that ends so and lies nearest to what is stated; undefined where none does.
 *
 * Nearness is the sum of squares of the normal scores of what was drawn: each input counts in widths of its own spread.
 * @param outcome by id
 */
export function nearestDraw(sample: StagingSample, outcome: string): Values['numbers'] | undefined {
  const { demonstration, done, nominal, uncertain } = sample
  const wanted = demonstration.outcomes.findIndex(o => o.id === outcome)
  let nearest = -1
  let least = Infinity
  for (let i = 0; i < done; i++) {
    if (sample.outcomes[i] !== wanted) continue
    let distance = 0
    for (const { column } of uncertain) {
      const score = scoreOf(sample.pointOf(i, column))
      distance += score * score
    }
    if (distance < least) {
      least = distance
      nearest = i
    }
  }
  if (nearest < 0) return undefined
  const numbers: Partial<Record<string, number>> = { ...nominal.numbers }
  for (const { input, drawn } of uncertain) numbers[input.id] = drawn[nearest]!
  return numbers
}

/** Looks in a finished sample for the draw of its likeliest outcome that lies nearest to what is stated. */
export function representativeOf(sample: StagingSample): Representative {
  const { demonstration, done, nominal } = sample
  const counts = demonstration.outcomes.map(() => 0)
  for (let i = 0; i < done; i++) if (sample.outcomes[i] !== NO_OUTCOME) counts[sample.outcomes[i]]++
  const likeliest = counts.indexOf(Math.max(...counts))
  const outcome = demonstration.outcomes[likeliest].id
  const asStated = demonstration.simulate(nominal, 'summary').outcome
  if (asStated === outcome) return { outcome, asStated, numbers: undefined }
  return { outcome, asStated, numbers: nearestDraw(sample, outcome) }
}
