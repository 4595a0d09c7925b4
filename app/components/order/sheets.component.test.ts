/** What is printed of a show or a lesson: who does what when, what to carry, what can hurt. */
import { mountSuspended, registerEndpoint } from '@nuxt/test-utils/runtime'
import { describe, expect, it } from 'vitest'
import '~~/core/catalogue/everything'
import { DEMONSTRATIONS } from '~~/core/catalogue/everything'
import { gatesOf, CUSTOMARY, METRIC, cautionsOf, firstPlan, runningOrderSchema, tell, type Plan } from '~~/core'
import { kitList } from './kit-list'
import { listAct, orderActs } from './order-acts'
import KitSheet from './KitSheet.vue'
import RunSheet from './RunSheet.vue'
import SafetySheet from './SafetySheet.vue'

registerEndpoint('/api/shelf', () => [])
const order = (...ids: string[]) =>
  runningOrderSchema.parse({
    title: 'Evening',
    start: '2026-12-04T18:00',
    acts: ids.map((id, i) => ({ id: `${i}`, staging: { demonstration: id, title: id, inputs: {} } })),
  })
const actsOf = (...ids: string[]) => orderActs(order(...ids).acts, {})
const listing = (acts: ReturnType<typeof actsOf>) => acts.map(act => listAct(act))
const planOf = (acts: ReturnType<typeof actsOf>, heaters = 1): Plan => ({
  acts: firstPlan(
    acts.map(a => a.act),
    { heaters, hands: 2, before: 900 },
  )!,
  missed: 0,
  unproven: 0,
})
const clock = (s: number) => `${Math.round(s)}`

describe('the run sheet', () => {
  const sheet = async (hands: number, ...ids: string[]) => {
    const acts = actsOf(...ids)
    const shown = await mountSuspended(RunSheet, { props: { acts, plan: planOf(acts), hands, clock } })
    return shown.findAll('tbody tr').map(r => r.findAll('td').map(c => c.text()))
  }
  it('is in the order of the clock, and begins with the first heater', async () => {
    const lines = await sheet(2, 'can-plunge', 'card-and-glass', 'sealed-tin')
    const times = lines.map(l => Number(l[0]))
    // To ten seconds, which a hand can keep.
    expect(times.filter(t => t % 10 !== 0)).toEqual([])
    expect(times).toEqual([...times].sort((a, b) => a - b))
    expect(lines[0]![2]).toContain('On heater 1, heat on.')
    expect(lines[0]![1]).toBe('helper')
    // Every act is lifted or begun, and asked about afterwards.
    for (const id of ['can-plunge', 'card-and-glass', 'sealed-tin'])
      expect(lines.filter(l => l[2]!.startsWith(`${id}: ask what happened`))).toHaveLength(1)
  })
  it('says before it what can be made ready, with amounts; nothing that is hot or that is watched', async () => {
    useUnitsStore().system = 'si'
    const acts = actsOf('can-plunge', 'hot-water-bottle')
    const shown = await mountSuspended(RunSheet, { props: { acts, plan: planOf(acts), hands: 1, clock } })
    const before = shown.find('section').text().replace(/\s+/g, ' ')
    expect(before).toMatch(/☐ can-plunge: Fill the bowl with [\d.]+ L of water and \d+ g of ice; stir to/)
    expect(before).toMatch(/Pour 15 mL of water at 20 °C into a/)
    expect(before).not.toMatch(/heater|lift|boiling|cap/i)
  })
  it('has what must be confirmed in the line of the act, before it', async () => {
    const lines = await sheet(1, 'sealed-tin')
    const lift = lines.find(l => l[2]!.includes('Heat off, lift, go.'))![2]!
    expect(lift.indexOf('First:')).toBeGreaterThanOrEqual(0)
    expect(lift.indexOf('First:')).toBeLessThan(lift.indexOf('Heat off, lift, go.'))
    expect(lines.every(l => l[1] === 'presenter')).toBe(true)
  })
})

describe('the kit list', () => {
  const ONE = { heaters: 1, hands: 1 }
  it('names every thing of every act once, with how many', () => {
    const acts = actsOf('can-plunge', 'can-plunge', 'egg-in-bottle')
    for (const reader of [METRIC, CUSTOMARY]) {
      const { lines } = kitList(listing(acts), ONE, [], () => reader)
      expect(new Set(lines.map(l => l.name)).size).toBe(lines.length)
      const wanted = acts.flatMap(a => a.read.demonstration.kit(a.read.values).map(k => tell(k, reader)))
      expect(new Set(lines.map(l => l.name))).toEqual(new Set(wanted))
    }
  })
  it('of all demonstrations together has no more heaters than there are, and goggles once', () => {
    const acts = actsOf(
      ...DEMONSTRATIONS.map(d => d.id)
        .filter(id => id !== 'process-vessel')
        .slice(0, 24),
    )
    const counts = (heaters: number, hands: number) => {
      const { lines } = kitList(listing(acts), { heaters, hands }, [], () => METRIC)
      return (name: string) => lines.filter(l => l.name === name).map(l => l.count)
    }
    for (const heaters of [1, 2, 40]) {
      const asked = acts.filter(a => a.read.demonstration.kit(a.read.values).includes('heater')).length
      expect(counts(heaters, 2)('heater')).toEqual([Math.min(heaters, asked)])
    }
    const of = counts(2, 3)
    expect([of('eye protection for all'), of('eye protection'), of('clock'), of('heat-proof gloves')]).toEqual([
      [1],
      [],
      [1],
      [3],
    ])
    // A can is needed for each.
    const [can] = acts[0]!.read.demonstration.kit(acts[0]!.read.values).map(k => tell(k, METRIC))
    const twice = kitList(listing(actsOf('can-plunge', 'can-plunge')), ONE, [], () => METRIC).lines
    expect(twice.find(l => l.name === can)!.count).toBe(2)
  })
  it('adds up the ice of all acts that cool with it', async () => {
    const [one, two] = [actsOf('can-plunge'), actsOf('can-plunge', 'can-plunge')]
    const ice = (acts: typeof one) => kitList(listing(acts), ONE, [], () => METRIC).ice
    expect(ice(one)).toBeGreaterThan(0)
    expect(ice(two)).toBeCloseTo(2 * ice(one), 9)
    expect(ice(actsOf('plates'))).toBe(0)
    const shown = await mountSuspended(KitSheet, { props: { acts: two, stage: ONE, spares: {}, withoutShelf: true } })
    expect(shown.text()).toContain('Ice in all:')
  })
})

describe('the safety sheet', () => {
  it.each(DEMONSTRATIONS.map(d => [d.id] as const))(
    'of %s has every caution, gate and failure of the plan',
    async id => {
      const acts = actsOf(id)
      const [{ read, simulation }] = acts as [(typeof acts)[number]]
      const shown = await mountSuspended(SafetySheet, { props: { acts, forecasts: {} } })
      const text = shown.text().replace(/\s+/g, ' ')
      const told = (sentence: Parameters<typeof tell>[0]) =>
        tell(sentence, useUnitsStore().readerOf(id)).replace(/\s+/g, ' ')
      for (const c of cautionsOf(read.demonstration, read.values, simulation)) {
        expect(text).toContain(told(c.hazard))
        expect(text).toContain(told(c.control))
      }
      for (const gate of gatesOf(read.demonstration, read.values)) expect(text).toContain(told(gate.text))
      for (const o of read.demonstration.outcomes)
        if (o.id !== read.demonstration.wanted) expect(text).toContain(told(o.sentence))
      // Local rules decide, and nothing is called safe.
      expect(text).toMatch(/In an emergency/)
      expect(text).not.toMatch(/\bis safe\b|undefined|NaN/)
    },
  )
  it('says where odds are still to come, and where they never will', async () => {
    const acts = actsOf('can-plunge', 'plates')
    const shown = await mountSuspended(SafetySheet, { props: { acts, forecasts: {} } })
    expect(shown.get('[role=status]').text()).toContain('still being computed (0 of 2)')
    await shown.setProps({ failed: { 0: 'no worker', 1: 'no worker' } })
    expect(shown.find('[role=status]').exists()).toBe(false)
    expect(shown.findAll('[role=alert]').map(a => a.text())).toEqual([
      expect.stringContaining('no worker'),
      expect.stringContaining('stricter than these: no worker'),
    ])
  })
})
