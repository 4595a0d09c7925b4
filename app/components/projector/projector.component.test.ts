/** What a projector shows besides the drawing: the band of the hush, the votes, how it might end. */
import { mountSuspended } from '@nuxt/test-utils/runtime'
import { describe, expect, it } from 'vitest'
import { findDemonstration } from '~~/core/catalogue/everything'
import HushBand from '../live/HushBand.vue'
import WallEnds from './WallEnds.vue'
import WallTold from './WallTold.vue'
import WallVotes from './WallVotes.vue'

const { outcomes } = findDemonstration('can-plunge')!
const percent = (style: string | undefined, property: string) =>
  Number(new RegExp(`${property}:\\s*([\\d.]+)%`).exec(style ?? '')![1])

describe('the band of the hush', () => {
  const gone = { id: 'gone' as const, name: 'gone', at: 10_300, from: 10_200, until: 10_500, danger: false }
  const band = (now: number, countdowns = [gone]) =>
    mountSuspended(HushBand, { props: { now, since: 10_000, countdowns, speed: 1 } })
  it('lies where most go, with its middle in it, and the time now beside it', async () => {
    const parts = (await band(250)).findAll('span').map(s => s.attributes('style'))
    const [from, middle, now] = parts.map(style => percent(style, 'left')) as [number, number, number]
    // A second long at least: 200, 300 and 250 of 1000 ms.
    expect([from, middle, now]).toEqual([20, 30, 25])
  })
  it('grows with a hush that goes on, so that the time now never leaves it', async () => {
    for (const now of [900, 5000, 60_000]) {
      const parts = (await band(now)).findAll('span')
      expect(percent(parts.at(-1)!.attributes('style'), 'left')).toBeLessThanOrEqual(100)
    }
  })
  it('has no place for what is not forecast to happen', async () => {
    expect((await band(500, [])).findAll('span')).toHaveLength(1)
  })
})

describe('votes for a projector', () => {
  it('are bars by their share, and the end that happened is told in words', async () => {
    const counts = { crush: 6, fill: 2 }
    const shown = await mountSuspended(WallVotes, { props: { outcomes, counts, happened: 'fill' } })
    const rows = shown.findAll('li')
    expect(rows).toHaveLength(outcomes.length)
    const of = (id: string) => rows[outcomes.findIndex(o => o.id === id)]!
    expect(of('crush').get('[style]').attributes('style')).toContain('75%')
    expect(of('fill').text()).toContain('It happened:')
    expect(of('crush').text()).not.toContain('It happened:')
    expect(of('dent').get('b').text()).toBe('0')
  })
  it('are no bars where nobody voted', async () => {
    const shown = await mountSuspended(WallVotes, { props: { outcomes, counts: {}, happened: 'crush' } })
    for (const bar of shown.findAll('[style]')) expect(bar.attributes('style')).toContain('0%')
  })
})

describe('how it might end, and how it did', () => {
  it('asks with every end', async () => {
    const shown = await mountSuspended(WallEnds, { props: { outcomes } })
    expect(shown.findAll('li').map(l => l.text())).toEqual(outcomes.map(o => o.sentence))
  })
  it('tells the end without a reason where there is none', async () => {
    const shown = await mountSuspended(WallTold, { props: { ended: outcomes[0]! } })
    expect(shown.get('h1').text()).toBe(outcomes[0]!.sentence)
    expect(shown.find('[role=status]').exists()).toBe(false)
    expect(shown.find('svg').exists()).toBe(false)
  })
})
