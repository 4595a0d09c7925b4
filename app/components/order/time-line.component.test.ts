/** The time line of a show: to scale, moved by keys and by dragging, told in words. */
import { mountSuspended } from '@nuxt/test-utils/runtime'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { firstPlan, type Act, type Plan } from '~~/core'
import { clockAt } from './clock-at'
import TimeLine from './TimeLine.vue'

const act = (id: string, more: Partial<Act> = {}): Act => ({
  id,
  title: `Act ${id}`,
  heating: 200,
  wait: 60,
  early: 0,
  show: 40,
  talk: 30,
  ...more,
})
const STAGE = { heaters: 2, hands: 2, before: 600 }
const planOf = (acts: readonly Act[]): Plan => ({ acts: firstPlan(acts, STAGE)!, missed: 0, unproven: 0 })
const written = (locale: string) => (when: string, options: Intl.DateTimeFormatOptions) =>
  new Intl.DateTimeFormat(locale, { ...options, timeZone: 'UTC' }).format(new Date(`${when}Z`))
const clock = (s: number) => clockAt('2026-12-04T18:00', s, written('en-GB'))
const line = (acts: readonly Act[], plan = planOf(acts)) =>
  mountSuspended(TimeLine, { props: { acts, plan, clock }, attachTo: document.body })
const TWO = [act('a'), act('b', { heating: 0 })]

describe('the clock of a show', () => {
  it.each([
    ['en-GB', '18:00', '18:04:30', '00:00'],
    ['en-US', '6:00 PM', '6:04:30 PM', '12:00 AM'],
    ['de-DE', '18:00', '18:04:30', '00:00'],
  ])('is as %s writes it, with seconds where there are some, past midnight too', (locale, begins, later, midnight) => {
    const at = (s: number) => clockAt('2026-12-04T18:00', s, written(locale)).replace(/\s/g, ' ')
    expect([at(0), at(269.6), at(6 * 3600)]).toEqual([begins, later, midnight])
  })
})

describe('the time line', () => {
  it('has a slider for each act that says all its moments', async () => {
    const plan = planOf(TWO)
    const sliders = (await line(TWO, plan)).findAll('[role=slider]')
    expect(sliders.map(s => s.attributes('aria-label'))).toEqual(['Moment of Act a', 'Moment of Act b'])
    expect(sliders.map(s => Number(s.attributes('aria-valuenow')))).toEqual(plan.acts.map(p => Math.round(p.lift)))
    const [heated, plain] = sliders.map(s => s.attributes('aria-valuetext')!)
    expect(heated).toContain(`on heater 1 at ${clock(plan.acts[0]!.heatOn)}`)
    expect(heated).toContain(`no later than ${clock(plan.acts[0]!.ready + 60)}`)
    expect(plain).toBe(`Act b: lifted ${clock(plan.acts[1]!.lift)}, done ${clock(plan.acts[1]!.done)}`)
  })
  it('draws the same length for the same time, in any plan, all of it within its width', async () => {
    const acts = fc.array(
      fc.record({ heating: fc.constantFrom(0, 90, 240), show: fc.integer({ min: 20, max: 200 }), talk: fc.nat(120) }),
      { minLength: 1, maxLength: 6 },
    )
    await fc.assert(
      fc.asyncProperty(acts, async some => {
        const all = some.map((more, i) => act(String(i), more))
        const plan = planOf(all)
        const drawn = await line(all, plan)
        const width = Number(drawn.get('svg').attributes('width'))
        const bars = drawn.findAll('[role=slider] rect')
        const scales = bars.map((bar, i) => {
          const { x, width: wide } = bar.attributes() as { x: string; width: string }
          expect(Number(x)).toBeGreaterThanOrEqual(0)
          expect(Number(x) + Number(wide)).toBeLessThanOrEqual(width + 9)
          return Number(wide) / (plan.acts[i]!.done - plan.acts[i]!.lift)
        })
        // A bar too short to be touched is drawn wider; all others are to one scale.
        const least = Math.min(...scales)
        bars.forEach((bar, i) => {
          if (Number(bar.attributes('width')) > 9) expect(scales[i]).toBeCloseTo(least, 6)
        })
        drawn.unmount()
      }),
      { seed: 5, numRuns: 12 },
    )
  })
  it('moves an act by arrow and page keys, never before the start', async () => {
    const plan = planOf(TWO)
    const shown = await line(TWO, plan)
    const [slider] = shown.findAll('[role=slider]')
    for (const key of ['ArrowRight', 'ArrowLeft', 'PageDown', 'PageUp', 'x']) await slider!.trigger('keydown', { key })
    const lift = Math.round(plan.acts[0]!.lift)
    expect(shown.emitted('move')).toEqual([15, -15, 60, -60].map(by => [0, Math.max(0, lift + by)]))
  })
  it('moves an act that is dragged, to five seconds, and not one that was only touched', async () => {
    const plan = planOf(TWO)
    const shown = await line(TWO, plan)
    const [slider] = shown.findAll('[role=slider]')
    const pointer = (kind: string, clientX: number) => window.dispatchEvent(new MouseEvent(kind, { clientX }))
    await slider!.trigger('pointerdown', { clientX: 300 })
    pointer('pointermove', 300)
    pointer('pointerup', 300)
    expect(shown.emitted('move')).toBeUndefined()
    await slider!.trigger('pointerdown', { clientX: 300 })
    pointer('pointermove', 420)
    pointer('pointerup', 420)
    const [[index, lift]] = shown.emitted('move') as [[number, number]]
    expect(index).toBe(0)
    expect(lift % 5).toBe(0)
    expect(lift).toBeGreaterThan(plan.acts[0]!.lift)
  })
})
