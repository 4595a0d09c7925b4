/** What stands beside the sentence: verdict, ledger, levers, sizes and repeats say what the computation says. */
import { mountSuspended } from '@nuxt/test-utils/runtime'
import fc from 'fast-check'
import { beforeEach, describe, expect, it } from 'vitest'
import { DEMONSTRATIONS, findDemonstration } from '~~/core/catalogue/everything'
import { resolve, type Forecast, type Lever } from '~~/core'
import LedgerBars from './LedgerBars.vue'
import LeverList from './LeverList.vue'
import RepeatTable from './RepeatTable.vue'
import SizeList from './SizeList.vue'
import VerdictPanel from './VerdictPanel.vue'

const can = findDemonstration('can-plunge')!
const staged = (d = can) => {
  const { values } = resolve(d, { numbers: {}, choices: {} })
  return { values, simulation: d.simulate(values, 'trace') }
}
const forecast = (shares: Record<string, number>, hush?: [number, number], count = 2000): Forecast =>
  ({
    samples: 2000,
    shares,
    errors: Object.fromEntries(can.outcomes.map(o => [o.id, 0.01])),
    quantiles: hush ? { hush: { p10: hush[0], p50: hush[0], p90: hush[1], count } } : {},
  }) as unknown as Forecast
const verdict = (of: Forecast | undefined, complete = true, stale = false) =>
  mountSuspended(VerdictPanel, {
    props: { demonstration: can, complete, stale, simulation: staged().simulation, ...(of && { forecast: of }) },
  })

/** A part that is folded, once somebody asks. */
async function asked(...given: Parameters<typeof mountSuspended>) {
  const part = await mountSuspended(...given)
  const question = part.get('h2 button')
  if (question.attributes('aria-expanded') === 'false') await question.trigger('click')
  return part
}

beforeEach(() => {
  localStorage.removeItem('hush-asked-parts')
  useUnitsStore().system = 'si'
})

describe('the verdict', () => {
  it('counts to a hundred, whatever the shares', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(fc.nat(1000), { minLength: 5, maxLength: 5 }), async weights => {
        const all = weights.reduce((a, b) => a + b, 0) || 1
        const shares = Object.fromEntries(can.outcomes.map((o, i) => [o.id, weights[i]! / all]))
        if (weights.every(w => w === 0)) shares[can.outcomes[0]!.id] = 1
        const shown = await verdict(forecast(shares))
        const label = shown.get('svg[role=img]').attributes('aria-label')!
        const counts = [...label.matchAll(/(\d+) /g)].map(m => Number(m[1])).slice(0, can.outcomes.length)
        expect(counts.reduce((a, b) => a + b, 0)).toBe(100)
        // None is more than one off its share.
        can.outcomes.forEach((o, i) => expect(Math.abs(counts[i]! - 100 * shares[o.id]!)).toBeLessThan(1.0001))
        const drawn = shown.findAll('svg[role=img] > use').map(sign => sign.attributes('href')!)
        expect(drawn).toHaveLength(100)
        for (const sign of new Set(drawn)) expect(shown.find(sign).find('path').exists()).toBe(true)
      }),
      { seed: 6, numRuns: 12 },
    )
  })
  it('tells a hush of milliseconds in milliseconds, and one of seconds in seconds', async () => {
    expect((await verdict(forecast({ crush: 1 }, [0.06, 0.11]))).text()).toContain('Hush 60 to 110 ms.')
    expect((await verdict(forecast({ crush: 1 }, [40, 95]))).text()).toContain('Hush 40 to 95 s.')
  })
  it('tells in how many it comes to that, where not in nearly all, and nothing where in hardly any', async () => {
    const told = async (count: number) =>
      (await verdict(forecast({ fill: 0.99, crush: 0.01 }, [0.4, 0.5], count))).text()
    expect(await told(40)).toContain('Hush 400 to 500 ms, in 2 of 100.')
    expect(await told(3)).not.toContain('Hush')
  })
  it('says until what, where all come to what is not wanted', async () => {
    const cup = findDemonstration('suction-cup')!
    const { simulation } = staged(cup)
    const props = { demonstration: cup, complete: true, stale: false, simulation }
    const of = { ...forecast({ off: 1 }, [2, 3]), errors: {} }
    const shown = await mountSuspended(VerdictPanel, { props: { ...props, forecast: of } })
    expect(shown.text()).toContain('Comes off after 2 to 3 s.')
  })
  it('says how many to bring, and that more of the same is no help where it hardly ever goes', async () => {
    expect((await verdict(forecast({ crush: 0.95, fill: 0.05 }))).text()).toContain('Two cans give 99 in 100')
    expect((await verdict(forecast({ crush: 0.05, fill: 0.95 }))).text()).toContain('change something first')
  })
  it('says what is stated as long as there are no odds, and how many there are so far', async () => {
    expect((await verdict(undefined)).text()).toContain('Nominally it crushes; computing the odds…')
    expect((await verdict(forecast({ crush: 1 }), false)).text()).toContain('2000 computed so far: ± 2 of 100…')
    const before = (await verdict(forecast({ crush: 1 }), false, true)).text()
    expect(before).toContain('Of the plan before')
    expect(before).not.toContain('computed')
  })
})

describe('the ledger', () => {
  it.each(DEMONSTRATIONS.map(d => [d.id, d] as const))(
    'of %s shows all rows that count, to one scale',
    async (_, d) => {
      const { simulation } = staged(d)
      const ledger = d.ledger(simulation)
      const shown = await asked(LedgerBars, { props: { ledger } })
      const rows = ledger.rows.filter(r => Math.abs(r.pressure) > 0.002 * Math.abs(ledger.difference))
      const bars = shown.findAll('tbody rect')
      expect(bars).toHaveLength(rows.length)
      const widest = Math.max(...rows.map(r => Math.abs(r.pressure)), 1)
      bars.forEach((bar, i) => {
        expect(Number(bar.attributes('width'))).toBeCloseTo((98 * Math.abs(rows[i]!.pressure)) / widest, 6)
        // What gives some back points the other way.
        expect(Number(bar.attributes('x')) < 0).toBe(rows[i]!.pressure < 0)
      })
      expect(shown.text()).not.toMatch(/NaN|undefined/)
    },
  )
})

describe('the levers', () => {
  const lever = (input: string, to: number, after: number, more: Partial<Lever> = {}): Lever => ({
    input,
    name: input,
    from: can.inputs.find(i => i.id === input)!.default as number,
    to,
    before: 0.8,
    after,
    dryAfter: 0,
    ...more,
  })
  const list = (levers?: Lever[]) =>
    mountSuspended(LeverList, { props: { demonstration: can, ...(levers && { levers }) } })
  it('show the strongest step of each thing, better ones first, none that drowns in the sampling', async () => {
    const shown = await list([
      lever('transferTime', 1, 0.95),
      lever('transferTime', 1.5, 0.9),
      lever('purgeTime', 60, 0.81),
      lever('bathTemperature', 313, 0.6),
    ])
    const lines = shown.findAll('li').map(l => l.text())
    expect(lines).toHaveLength(2)
    expect(lines[0]).toContain('95')
    expect(lines[1]).toContain('60')
    // What makes it worse has no button.
    expect(shown.findAll('button')).toHaveLength(1)
    await shown.get('button').trigger('click')
    expect(shown.emitted('pull')![0]![1]).toBe(1)
  })
  it('offer nothing that boils dry', async () => {
    const shown = await list([lever('purgeTime', 90, 0.99, { dryAfter: 0.2 })])
    expect(shown.text()).toContain('Nothing within reach makes it noticeably better.')
    expect(shown.findAll('button')).toHaveLength(0)
  })
  it('tell what other schools do apart, with what each buys, be it nothing', async () => {
    const tin = findDemonstration('sealed-tin')!
    const levers: Lever[] = [
      { input: 'coolingMethod', name: 'cooling', from: 'pour', to: 'ice-pool', before: 0.9, after: 0.9, dryAfter: 0 },
    ]
    const shown = await mountSuspended(LeverList, { props: { demonstration: tin, levers } })
    expect(shown.text()).toContain('Other ways people do it')
    await shown.get('button').trigger('click')
    expect(shown.emitted('choose')).toEqual([['coolingMethod', 'ice-pool']])
  })
  it('are being tried until they are there', async () => {
    expect((await list()).text()).toContain('Trying what is within reach…')
  })
})

describe('sizes and repeats', () => {
  it.each(DEMONSTRATIONS.map(d => [d.id, d] as const))('of %s are told in both unit systems', async (_, d) => {
    const { values, simulation } = staged(d)
    const sizes = d.sizes(values, simulation)
    for (const system of ['si', 'us'] as const) {
      useUnitsStore().system = system
      const shown = await asked(SizeList, { props: { sizes } })
      expect(shown.findAll('dt')).toHaveLength(sizes.length)
      expect(shown.text()).not.toMatch(/NaN|undefined|\d[eE][+-]?\d/)
    }
  })
  it('shows the bath before each of several, warmer every time, and follows how many', async () => {
    const { values, simulation } = staged()
    const shown = await asked(RepeatTable, { props: { demonstration: can, values, simulation } })
    const rows = () => shown.findAll('tbody tr').map(r => r.findAll('td').map(c => c.text()))
    expect(rows()).toHaveLength(6)
    const ice = rows().map(r => parseFloat(r[2]!))
    for (let i = 1; i < ice.length; i++) expect(ice[i]!).toBeLessThanOrEqual(ice[i - 1]!)
    await shown.get('input').setValue(3)
    expect(rows()).toHaveLength(3)
  })
})
