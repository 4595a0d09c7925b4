/** What is advised with a value: by the draws of the plan before and after it is taken. */
import { describe, expect, it } from 'vitest'
import { drawnStagings } from '../../tests/drawn-stagings'
import { DEMONSTRATIONS } from '../catalogue/everything'
import { adviceOf, resolve, type Demonstration, type Given } from '../demonstration'
import { StagingSample } from './sample'
import { riskOfForecast, summarise } from './summary'

const STAGINGS = 16
const DRAWS = 240
/** Of a share of so many draws, more than twice its greatest standard error, the same draws before and after. */
const NOTICED = 0.07

const stagings = (d: Demonstration): Given[] =>
  drawnStagings(d, 6 * STAGINGS, 5)
    .filter(given => resolve(d, given).faults.length === 0)
    .slice(0, STAGINGS)
function oddsOf(d: Demonstration, given: Given) {
  const sample = new StagingSample(d, given, DRAWS, 1)
  sample.advance(DRAWS)
  const forecast = summarise(sample)
  return { wanted: forecast.shares[d.wanted], risk: riskOfForecast(forecast) }
}

describe('a value that is advised', () => {
  it.each(DEMONSTRATIONS.filter(d => d.advice).map(d => [d.id, d] as const))(
    'makes what is hoped for of %s no less likely',
    (_, d) => {
      for (const given of stagings(d)) {
        const { values } = resolve(d, given)
        const before = oddsOf(d, given)
        for (const { take } of adviceOf(d, values, d.simulate(values, 'summary'), before.risk)) {
          if (!take) continue
          const after = oddsOf(d, { ...given, numbers: { ...given.numbers, [take.input]: take.value } })
          expect(after.wanted, JSON.stringify([given.numbers, take])).toBeGreaterThan(before.wanted - NOTICED)
        }
      }
    },
    120_000,
  )
})
