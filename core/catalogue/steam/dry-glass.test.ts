import { describe, expect, it } from 'vitest'
import { findDemonstration } from '../everything'
import { riskOfForecast, StagingSample, summarise } from '../../forecast'
import { cautionsOf, resolve, type Given } from '../../demonstration'
import { METRIC, tell } from '../../sentence'

const stated = (numbers: Given['numbers'], choices: Given['choices'] = {}): Given => ({ numbers, choices, spreads: {} })
const faultsOf = (id: string, given: Given) => resolve(findDemonstration(id)!, given).faults

describe.each(['bottle-fill', 'flask-fountain', 'balloon-into-flask'])('%s: glass that boils dry', id => {
  const d = findDemonstration(id)!
  it('is refused, and what is accepted is', () => {
    const [fault] = faultsOf(id, stated({ purgeTime: 1500 }))
    expect(fault.input).toBe('purgeTime')
    const most = Number(/at most ([\d.]+)\s?min/u.exec(tell(fault.message, METRIC))![1]) * 60
    expect(faultsOf(id, stated({ purgeTime: most }))).toEqual([])
    expect(faultsOf(id, stated({ purgeTime: 1.02 * most }))).toHaveLength(1)
  })
  it('where it is a matter of chance, what gets too hot for the water cracks, and a caution says so', () => {
    const most = Number(
      /at most ([\d.]+)/u.exec(tell(faultsOf(id, stated({ purgeTime: 1500 }))[0].message, METRIC))![1],
    )
    const given = stated({ purgeTime: 55 * most }, id === 'balloon-into-flask' ? { coolingMethod: 'pour' } : {})
    const sample = new StagingSample(d, given, 100)
    sample.advance(100)
    const forecast = summarise(sample)
    expect(forecast.dryShare).toBeGreaterThan(0.1)
    expect(forecast.shares.crack).toBeGreaterThan(0.8 * forecast.dryShare)
    const { values } = resolve(d, given)
    const cautions = cautionsOf(d, values, d.simulate(values, 'summary'), riskOfForecast(forecast))
    expect(cautions.filter(c => c.id === 'dry' || c.id === 'chill').map(c => c.severity)).toEqual(['raised', 'raised'])
  })
})
