import { describe, expect, it } from 'vitest'
import { turned, type Point } from './scene'
import { levelOf, vesselOutline, type OutlineShape } from './vessel-outline'

/** Area of a polygon by the shoelace formula. */
const area = (points: readonly Point[]) =>
  Math.abs(
    points.reduce((sum, [x, y], i) => {
      const [nx, ny] = points[(i + 1) % points.length]
      return sum + x * ny - nx * y
    }, 0),
  ) / 2
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
        const points = vesselOutline({
          shape,
          width: 40,
          height: 100,
          mouth: 15,
          neck: shape === 'bottle' ? 20 : 0,
          lost,
        })
        expect(points.flat().every(Number.isFinite)).toBe(true)
        expect(area(points)).toBeLessThan(before)
        before = area(points)
        const right = points.slice(0, 45).map(([x]) => x)
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
  it('leaves its mouth open where it is', () => {
    const points = vesselOutline({ shape: 'drum', width: 40, height: 100, mouth: 6, mouthAt: 10, lost: 0 })
    expect([points[0], points.at(-1)]).toEqual([
      [13, 100],
      [7, 100],
    ])
  })
  it('is turned about a point by half turns: a quarter, a half, and its size is kept', () => {
    expect(turned([[1, 0]], [0, 0], 0.5)[0]).toEqual([0, -1])
    expect(turned([[1, 0]], [0, 0], 1)[0].map(Math.abs)).toEqual([1, 0])
    for (const share of [0.1, 0.4, 0.6, 0.9]) expect(area(turned(can(0), [7, 3], share))).toBeCloseTo(4000, 6)
  })
})
