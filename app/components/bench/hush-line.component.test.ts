/** The hush line: one panel a stage, nothing drawn outside of it, and a click on it is a moment. */
import { mountSuspended } from '@nuxt/test-utils/runtime'
import { beforeEach, describe, expect, it } from 'vitest'
import { resolve, type Demonstration, type Forecast } from '~~/core'
import { DEMONSTRATIONS, findDemonstration } from '~~/core/catalogue/everything'
import HushLine from './HushLine.vue'

const staged = (d: Demonstration, numbers: Readonly<Record<string, number>> = {}) => {
  const { values } = resolve(d, { numbers, choices: {} })
  return d.simulate(values, 'trace')
}
const line = (d: Demonstration, more: { time?: number; stageIndex?: number; forecast?: Forecast } = {}) =>
  mountSuspended(HushLine, { props: { demonstration: d, simulation: staged(d), time: 0, stageIndex: 0, ...more } })
type Line = Awaited<ReturnType<typeof line>>
/** Every point of a path that is made of moves and lines. */
const points = (d: string) =>
  [...d.matchAll(/(-?[\d.]+),(-?[\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)] as const)
const panels = (shown: Line) =>
  shown.findAll('clipPath rect').map(r => {
    const [x, y, width, height] = ['x', 'y', 'width', 'height'].map(name => Number(r.attributes(name)))
    return { left: x!, right: x! + width!, top: y!, bottom: y! + height! }
  })
const can = findDemonstration('can-plunge')!

beforeEach(() => {
  useUnitsStore().system = 'si'
})

describe('the hush line', () => {
  it.each(DEMONSTRATIONS.map(d => [d.id, d] as const))('of %s has a panel a stage, side by side', async (_, d) => {
    const { stages } = staged(d).trace
    const shown = await line(d)
    const all = panels(shown)
    expect(all).toHaveLength(stages.length)
    all.forEach((p, i) => {
      expect(p.right).toBeGreaterThan(p.left)
      if (i > 0) expect(p.left).toBeGreaterThan(all[i - 1]!.right)
    })
    // The curve goes from one side of its panel to the other, and no higher than its ceiling.
    shown.findAll('path.curve').forEach((curve, i) => {
      const drawn = points(curve.attributes('d')!)
      expect(drawn[0]![0]).toBeCloseTo(all[i]!.left, 0)
      expect(drawn.at(-1)![0]).toBeCloseTo(all[i]!.right, 0)
      const across = drawn.map(([x]) => x)
      expect(Math.min(...across)).toBeGreaterThanOrEqual(all[i]!.left - 0.2)
      expect(Math.max(...across)).toBeLessThanOrEqual(all[i]!.right + 0.2)
      // Within the width of its own line.
      expect(Math.min(...drawn.map(([, y]) => y))).toBeGreaterThanOrEqual(all[i]!.top - 1.25)
    })
  })
  it.each(DEMONSTRATIONS.map(d => [d.id, d] as const))('of %s is told in the reader’s units only', async (_, d) => {
    const shown = await line(d)
    expect(shown.get('svg').attributes('aria-label')).toMatch(/Outside [\d.]+\skPa/)
    useUnitsStore().system = 'us'
    await nextTick()
    expect(shown.get('svg').attributes('aria-label')).toMatch(/Outside [\d.]+\spsi/)
    expect(`${shown.text()} ${shown.get('svg').attributes('aria-label')}`).not.toMatch(/kPa/)
  })
  it('shows the moment that is looked at in its own panel', async () => {
    const { stages } = staged(can).trace
    for (const [i, { start, end }] of stages.entries()) {
      const shown = await line(can, { time: (start + end) / 2, stageIndex: i })
      const here = shown.findAll('path.here')
      expect(here).toHaveLength(1)
      const { left, right } = panels(shown)[i]!
      expect(points(here[0]!.attributes('d')!)[0]![0]).toBeCloseTo((left + right) / 2, 0)
    }
  })
  it('takes a click on a panel as a moment of its stage, and one beside it as none', async () => {
    const { stages } = staged(can).trace
    const shown = await line(can)
    const svg = shown.get('svg')
    const width = Number(svg.attributes('viewBox')!.split(' ')[2])
    svg.element.getBoundingClientRect = () => ({ left: 0, width }) as DOMRect
    for (const [i, { left, right }] of panels(shown).entries())
      for (const share of [0.1, 0.5, 0.9]) {
        await svg.trigger('click', { clientX: left + share * (right - left) })
        const [time] = shown.emitted<[number]>('move')!.at(-1)!
        const { start, end } = stages[i]!
        expect(time).toBeCloseTo(start + share * (end - start), 5)
      }
    const before = shown.emitted('move')!.length
    await svg.trigger('click', { clientX: 1 })
    expect(shown.emitted('move')).toHaveLength(before)
  })
  it('shades when it ends once there are draws, within the hush', async () => {
    const hush = staged(can).results.hush!
    const forecast = { quantiles: { hush: { p10: 0.8 * hush, p50: hush, p90: 1.1 * hush } } } as unknown as Forecast
    expect((await line(can)).find('rect.ends').exists()).toBe(false)
    const shown = await line(can, { forecast })
    const band = shown.get('rect.ends').attributes()
    const { left, right } = panels(shown)[staged(can).trace.stages.findIndex(s => s.id === 'hush')]!
    expect(Number(band.x)).toBeGreaterThan(left)
    expect(Number(band.x) + Number(band.width)).toBeLessThanOrEqual(right + 0.2)
    expect(shown.text()).toContain('when it ends, P10 to P90')
  })
  it('says what the ceiling is: the room, unless the inside rises over it', async () => {
    const rises = findDemonstration('process-vessel')!
    expect((await line(rises)).text()).toMatch(/top edge: outside|dashed: outside/)
    const balloon = await line(findDemonstration('bell-jar-balloon')!)
    expect(balloon.text()).toContain('top edge: outside')
    expect(balloon.find('path.room').exists()).toBe(false)
  })
})
