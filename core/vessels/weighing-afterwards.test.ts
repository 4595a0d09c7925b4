import { describe, expect, it } from 'vitest'
import { volumeGone, waterCameIn } from './weighing-afterwards'

/** Density of water at 20 °C, kg/m3: 998.2 (CRC Handbook, from memory). */
const AT_20 = { waterTemperature: 293.15 }

describe('weighing afterwards', () => {
  it('gives the water that came in, less what was there, with the spread of balance and guess', () => {
    const came = waterCameIn({ after: 0.264, emptied: 0.014, before: 0.01, ...AT_20 }, 0.001)
    expect(came.value * 998.2).toBeCloseTo(0.24, 5)
    // √(2 · 1² + 5²) g
    expect(came.uncertainty * 998.2).toBeCloseTo(0.0052, 4)
    expect(waterCameIn({ after: 0.02, emptied: 0.014, before: 0.01, ...AT_20 }, 0).value).toBe(0)
  })
  it('gives the share that is gone: none of a sound vessel, all of a flat one', () => {
    const of = (held: number, balance = 0.001) =>
      volumeGone(
        { brimful: 0.014 + held, emptied: 0.014, capacity: 330e-6, capacityUncertainty: 2e-6, ...AT_20 },
        balance,
      )
    expect(of(330e-6 * 998.2).value).toBeCloseTo(0, 4)
    expect(of(0).value).toBe(1)
    expect(of(0.0825).value).toBeCloseTo(1 - 0.0825 / (998.2 * 330e-6), 4)
    expect(of(0.0825, 0.005).uncertainty).toBeGreaterThan(of(0.0825, 0.001).uncertainty)
  })
  it('refuses masses that cannot be', () => {
    expect(() => waterCameIn({ after: 0.01, emptied: 0.02, before: 0, ...AT_20 }, 0)).toThrow(/must be no less than/)
    const more = { brimful: 0.5, emptied: 0.014, capacity: 330e-6, capacityUncertainty: 2e-6, ...AT_20 }
    expect(() => volumeGone(more, 0.001)).toThrow(/1\.48 times what the sound vessel holds/)
  })
})
