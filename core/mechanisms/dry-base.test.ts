import { describe, expect, it } from 'vitest'
import { dryBaseAfter } from './dry-base'
import { SOLIDS } from '../substances/solids'

const GLASS = { solid: SOLIDS.glass, wallThickness: 2e-3 }
const PER_AREA = SOLIDS.glass.density * SOLIDS.glass.specificHeat * GLASS.wallThickness
/** CODATA 2018. */
const STEFAN_BOLTZMANN = 5.670374419e-8
const loss = { room: 293, still: 0, buoyant: 0, emissivity: 0 }

describe('a base that has boiled dry, off the heat', () => {
  it('falls exponentially where it loses heat in proportion to what it is over the room (closed form)', () => {
    for (const t of [1, 30, 300])
      expect(dryBaseAfter(700, t, GLASS, { loss: { ...loss, still: 12 } }, 1e-4)).toBeCloseTo(
        293 + 407 * Math.exp((-12 * t) / PER_AREA),
        0,
      )
  })
  it('cools with the third power where it only radiates into the cold (closed form)', () => {
    const cold = { ...loss, room: 0, emissivity: 0.9 }
    for (const t of [10, 100, 600])
      expect(dryBaseAfter(700, t, GLASS, { loss: cold }, 1e-4)).toBeCloseTo(
        1 / Math.cbrt(1 / 700 ** 3 + (3 * 0.9 * STEFAN_BOLTZMANN * t) / PER_AREA),
        0,
      )
  })
  it('is as hot as it came off at once, and as warm as the room in the end', () => {
    const room = { loss: { ...loss, still: 10, buoyant: 2, emissivity: 0.9 } }
    expect(dryBaseAfter(700, 0, GLASS, room, 1e-3)).toBe(700)
    expect(dryBaseAfter(700, 2e4, GLASS, room, 1e-3)).toBeCloseTo(293, 1)
  })
  it('is the same at a hundredth of the tolerance', () => {
    const room = { loss: { ...loss, still: 10, buoyant: 2, emissivity: 0.9 } }
    const [usual, closer] = [1e-3, 1e-5].map(tolerance => dryBaseAfter(780, 40, GLASS, room, tolerance))
    expect(Math.abs(usual - closer)).toBeLessThan(0.5)
  })
})
