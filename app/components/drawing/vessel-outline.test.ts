import { describe, expect, it } from 'vitest'
import { levelOf, vesselOutline, type OutlineShape } from './vessel-outline'

/** Area of a polygon path by the shoelace formula. */
function area(path: string): number {
  const points = path
    .slice(1, -1)
    .split('L')
    .map(p => p.split(',').map(Number) as [number, number])
  return (
    Math.abs(
      points.reduce((sum, [x, y], i) => {
        const [nx, ny] = points[(i + 1) % points.length]
        return sum + x * ny - nx * y
      }, 0),
    ) / 2
  )
}
const can = (lost: number) => vesselOutline({ shape: 'cylinder', width: 40, height: 100, mouth: 15, lost })

describe('outline of a vessel', () => {
  it('is the whole rectangle when a cylinder is sound, a disc for a flask', () => {
    expect(area(can(0))).toBeCloseTo(4000, 0)
    expect(
      area(vesselOutline({ shape: 'flask', width: 100, height: 100, mouth: 8, lost: 0 })) / (Math.PI * 2500),
    ).toBeCloseTo(1, 1)
  })
  it.each(['cylinder', 'drum', 'box', 'bottle', 'tank'] as OutlineShape[])(
    'of a %s loses area as volume is lost, and never crosses itself',
    shape => {
      let before = Infinity
      for (let lost = 0; lost <= 0.92; lost += 0.04) {
        const path = vesselOutline({
          shape,
          width: 40,
          height: 100,
          mouth: 15,
          neck: shape === 'bottle' ? 20 : 0,
          lost,
        })
        expect(path).not.toMatch(/NaN/)
        expect(area(path)).toBeLessThan(before)
        before = area(path)
        const right = path
          .slice(1, -1)
          .split('L')
          .slice(0, 45)
          .map(p => Number(p.split(',')[0]))
        expect(Math.min(...right)).toBeGreaterThanOrEqual(-2)
      }
      expect(before).toBeGreaterThan(200)
    },
  )
  it('fills a sphere by its volume: half at half height, a tenth of it above a tenth of the height', () => {
    expect(levelOf('flask', 0.5)).toBeCloseTo(0.5, 3)
    expect(levelOf('flask', 0.1)).toBeGreaterThan(0.15)
    expect(levelOf('box', 0.1)).toBe(0.1)
  })
})
