import { uniformInt } from 'pure-rand/distribution/uniformInt'
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64'
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'

/**
 * Latin hypercube sample: each variable has exactly one point in each of `samples` equal strata.
 *
 * @returns rows of `variables` shares in (0, 1), row after row
 * @source M. D. McKay, R. J. Beckman & W. J. Conover, Technometrics 21 (1979) 239
 */
export function latinHypercube(samples: number, variables: number, seed: number): Float64Array {
  const random = xoroshiro128plus(seed)
  const points = new Float64Array(samples * variables)
  const order = new Int32Array(samples)
  for (let v = 0; v < variables; v++) {
    for (let i = 0; i < samples; i++) order[i] = i
    for (let i = samples - 1; i > 0; i--) {
      const j = uniformInt(random, 0, i)
      const held = order[i]
      order[i] = order[j]!
      order[j] = held
    }
    for (let i = 0; i < samples; i++) {
      const share = (order[i] + uniformFloat64(random)) / samples
      points[i * variables + v] = share > 0 ? share : 0.5 / samples
    }
  }
  return points
}
