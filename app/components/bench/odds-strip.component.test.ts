/** The strip of odds across a range: bands that fill it, and words that say the same. */
import { mountSuspended } from '@nuxt/test-utils/runtime'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { OutcomeSpec, StripPoint } from '~~/core'
import OddsStrip from './OddsStrip.vue'

const OUTCOMES: readonly OutcomeSpec[] = [
  { id: 'crush', look: 'gone', name: 'crushes', sentence: 'It is crushed.' },
  { id: 'dent', look: 'partly', name: 'dents', sentence: 'It is dented.' },
  { id: 'nothing', look: 'nothing', name: 'stands', sentence: 'It stands.' },
] as never
const strip = (points: StripPoint[] | undefined, value = 15) =>
  mountSuspended(OddsStrip, { props: { points, subject: 'can', outcomes: OUTCOMES, low: 10, high: 20, value } })
/** Corners of a band. */
const corners = (path: string): [number, number][] =>
  path
    .slice(1, -1)
    .split('L')
    .map(p => p.split(',').map(Number) as [number, number])

describe('the strip of odds', () => {
  it('fills its height at every point, one band on the other, whatever the shares', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.tuple(fc.nat(100), fc.nat(100), fc.nat(100)), { minLength: 2, maxLength: 9 }),
        async weights => {
          const points = weights.map(([a, b, c], i): StripPoint => {
            const all = a + b + c || 1
            const shares = a + b + c ? { crush: a / all, dent: b / all, nothing: c / all } : { crush: 1 }
            return { value: 10 + (10 * i) / (weights.length - 1), shares: { dent: 0, nothing: 0, ...shares } }
          })
          const bands = (await strip(points)).findAll('path[fill^="url(#strip-"]').map(p => corners(p.attributes('d')!))
          expect(bands).toHaveLength(3)
          points.forEach((_, i) => {
            const edges = bands.map(b => [b[i]![1], b[b.length - 1 - i]![1]] as const)
            // From the bottom up, with nothing between and nothing over one another.
            expect(edges[0]![1]).toBeCloseTo(44, 0)
            expect(edges[1]![1]).toBeCloseTo(edges[0]![0], 0)
            expect(edges[2]![1]).toBeCloseTo(edges[1]![0], 0)
            expect(Math.abs(edges[2]![0])).toBeLessThan(0.6)
          })
        },
      ),
      { seed: 4, numRuns: 15 },
    )
  })
  it('marks the value where it lies in the range', async () => {
    const line = (await strip(undefined, 12.5)).get('line')
    expect(line.attributes('x1')).toBe('80')
  })
  it('says the odds of the first outcome in words, and that they are being computed', async () => {
    const points = [0.2, 0.955].map((crush, i) => ({ value: 10 + 10 * i, shares: { crush, dent: 1 - crush } }))
    expect((await strip(points)).get('svg').attributes('aria-label')).toBe(
      'Of 100 stagings, crushes across the range: 20, 96',
    )
    expect((await strip(undefined)).get('svg').attributes('aria-label')).toBe('Odds across the range, being computed')
  })
})
