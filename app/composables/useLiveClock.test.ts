import { describe, expect, it } from 'vitest'
import { betterOffset } from './useLiveClock'

/** A device that is `off` ms slow, with an answer that takes `out` ms there and `back` ms back. */
const measured = (known: Parameters<typeof betterOffset>[0], off: number, out: number, back: number, at: number) =>
  betterOffset(known, at, at + out + back, at + out + off)

describe('the server’s clock on a device', () => {
  it('is known to half a round trip, whatever the device’s clock says', () => {
    for (const off of [0, 3_600_000, -90_000]) {
      const { offset, trip } = measured(undefined, off, 180, 20, 1_000_000)
      expect(Math.abs(offset - off)).toBeLessThanOrEqual(trip / 2)
    }
  })
  it('keeps the quickest answer, until it is old or the device’s clock is set', () => {
    const quick = measured(undefined, 500, 5, 5, 1_000_000)
    expect(measured(quick, 500, 300, 10, 1_030_000)).toBe(quick)
    expect(measured(quick, 500, 300, 10, 1_000_000 + 11 * 60_000)).not.toBe(quick)
    const set = measured(quick, -59_500, 300, 10, 1_060_000)
    expect(Math.abs(set.offset + 59_500)).toBeLessThanOrEqual(set.trip / 2)
    expect(measured(quick, 3_000_000, 5, 5, 10_000).offset).toBeCloseTo(3_000_000, -1)
  })
})
