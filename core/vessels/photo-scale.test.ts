import { expect, test } from 'vitest'
import { lengthInPhoto } from './photo-scale'

// Plane geometry: a 3-4-5 triangle, and a ruler of 30 cm across 600 pixels.
test('a length is to the scale as their pixels are, whichever way they lie', () => {
  const scale = [
    { x: 100, y: 50 },
    { x: 700, y: 50 },
  ] as const
  const thing = [
    { x: 0, y: 0 },
    { x: 90, y: 120 },
  ] as const
  const { value, uncertainty } = lengthInPhoto(scale, 0.3, 0, thing, 1000)
  expect(value).toBeCloseTo(0.075, 12)
  // Two points of 2 pixels on 150 and on 600, and two in a hundred for the view.
  expect(uncertainty / value).toBeCloseTo(Math.hypot((2 * Math.SQRT2) / 150, (2 * Math.SQRT2) / 600, 0.02), 6)
})

test('what is known less surely makes the length less sure, and no length is refused', () => {
  const ends = [
    { x: 0, y: 0 },
    { x: 500, y: 0 },
  ] as const
  const sure = lengthInPhoto(ends, 0.1, 0, ends, 800)
  expect(sure.value).toBe(0.1)
  expect(lengthInPhoto(ends, 0.1, 0.01, ends, 800).uncertainty).toBeGreaterThan(2 * sure.uncertainty)
  expect(() => lengthInPhoto([ends[0], ends[0]], 0.1, 0, ends, 800)).toThrow('lie on one another')
  expect(() => lengthInPhoto(ends, 0, 0, ends, 800)).toThrow('above nought')
})
