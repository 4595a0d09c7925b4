import { describe, expect, it } from 'vitest'
import { canOutline } from './can-outline'

/** Area that a closed outline encloses, by the shoelace formula. */
function area(path: string): number {
  const points = path.slice(1, -1).split('L').map(p => p.split(',').map(Number) as [number, number])
  return Math.abs(points.reduce((sum, [x, y], i) => {
    const [nx, ny] = points[(i + 1) % points.length]!
    return sum + (x * ny - nx * y) / 2
  }, 0))
}

describe('can outline', () => {
  it('is a plain rectangle while the can is sound', () => {
    expect(area(canOutline(40, 100, 0))).toBeCloseTo(4000, 0)
  })
  it('loses area as volume is lost, and never crosses itself', () => {
    let before = Infinity
    for (let lost = 0; lost <= 0.92; lost += 0.04) {
      const path = canOutline(40, 100, lost)
      expect(path).not.toMatch(/NaN/)
      expect(area(path)).toBeLessThan(before)
      before = area(path)
      const right = path.slice(1, -1).split('L').slice(0, 23).map(p => Number(p.split(',')[0]))
      expect(Math.min(...right)).toBeGreaterThanOrEqual(-2)
    }
    expect(before).toBeGreaterThan(200)
  })
})
