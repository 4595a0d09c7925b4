import { describe, expect, it } from 'vitest'
import { resolve } from '~~/core'
import { DEMONSTRATIONS } from '~~/core/catalogue/everything'
import { leanRun, textOf } from './lean-run'

describe('a run that comes with a page', () => {
  it.each(DEMONSTRATIONS.map(d => [d.id, d] as const))(
    '%s: says the same to the last digit, and draws it to a millionth',
    (_, d) => {
      const run = d.simulate(resolve(d, { numbers: {}, choices: {} }).values, 'trace')
      const { trace, ...said } = JSON.parse(textOf(leanRun(run))!) as typeof run
      const { trace: whole, ...of } = run
      expect(said).toEqual(of)
      expect({ stages: trace.stages, time: trace.time }).toEqual({ stages: whole.stages, time: whole.time })
      expect(Object.keys(trace.columns)).toEqual(Object.keys(whole.columns))
      for (const [id, column] of Object.entries(whole.columns))
        column.forEach((x, i) => {
          expect(Math.abs(trace.columns[id]![i]! - x), `${id} ${i}`).toBeLessThanOrEqual(1e-6 * Math.abs(x))
        })
    },
  )
  it('has no text where a number is not finite, which would come as nothing', () => {
    const run = DEMONSTRATIONS[0]!.simulate(resolve(DEMONSTRATIONS[0]!, { numbers: {}, choices: {} }).values, 'trace')
    expect(textOf(run)).toBeDefined()
    expect(textOf({ ...run, details: { ...run.details, dryAt: Infinity } })).toBeUndefined()
    run.trace.columns.pressure![3] = NaN
    expect(textOf(run)).toBeUndefined()
  })
})
