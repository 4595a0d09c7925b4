import { describe, expect, it } from 'vitest'
import { heldFraction, weakestAt } from './collapse'
import { foldedTo, pumpShell, type Shell } from './pumped-shell'

const shell: Shell = { capacity: 5e-3, criticalDifference: 12e3, residualLoad: 0.35, stiffening: 1.5, packing: 0.92 }
const OUTSIDE = 101_325
const plan = { outside: OUTSIDE, temperature: 293, leakArea: 0, longest: 300, tolerance: 1e-8 }
const steady = { kind: 'steady' as const, speed: 50e-3 / 60, ultimate: 30 }
const load = (lost: number) =>
  shell.criticalDifference * heldFraction(lost, shell.residualLoad, shell.stiffening, shell.packing)

describe('a thin shell that is pumped', () => {
  it('gives way when the closed form of the pump says so', () => {
    // p − p_ult = (p0 − p_ult) exp(−S t/V): O'Hanlon, ch. 3.
    const closed =
      (shell.capacity / steady.speed) * Math.log((OUTSIDE - 30) / (OUTSIDE - shell.criticalDifference - 30))
    expect(pumpShell(shell, { ...plan, pump: steady }).folds! / closed).toBeCloseTo(1, 6)
  })
  it('gives way in the stroke in which Boyle passes its strength', () => {
    const pump = { kind: 'strokes' as const, swept: 120e-6, period: 1.5, ultimate: 12_000 }
    // (p − p_ult) falls by V/(V + s) a stroke.
    const strokes = Math.ceil(
      Math.log((OUTSIDE - shell.criticalDifference - 12_000) / (OUTSIDE - 12_000)) /
        Math.log(shell.capacity / (shell.capacity + pump.swept)),
    )
    const { folds } = pumpShell(shell, { ...plan, pump })
    expect(Math.ceil(folds! / pump.period)).toBe(strokes)
  })
  it('rests where gas and wall together hold the room, and no earlier place does', () => {
    for (const amount of [0.9, 0.7, 0.4, 0.1].map(
      share => share * (OUTSIDE - shell.criticalDifference) * shell.capacity,
    )) {
      const lost = foldedTo(shell, OUTSIDE, amount)
      const balance = (x: number) => OUTSIDE - amount / (shell.capacity * (1 - x)) - load(x)
      expect(Math.abs(balance(lost))).toBeLessThan(0.1)
      for (let i = 0; i < 50; i++) expect(balance((lost * i) / 50)).toBeGreaterThan(-1e-3)
    }
  })
  it('at the pump’s end carries all but the pump’s own pressure on its folds', () => {
    const { lost, pressure } = pumpShell(shell, { ...plan, pump: steady })
    expect(load(lost)).toBeCloseTo(OUTSIDE - pressure, 0)
    // The wall that carries a whole atmosphere, from the stiffening alone: s v/(packing − v) ≈ Δp/p_c.
    expect(lost).toBeGreaterThan(0.7)
    expect(lost).toBeLessThan(shell.packing)
  })
  it('stands where the pump can’t do as much as it holds, for ever', () => {
    const weak = { kind: 'steady' as const, speed: 8e-3 / 60, ultimate: OUTSIDE - 11_000 }
    const { folds, lost, pressure } = pumpShell(shell, { ...plan, pump: weak })
    expect(folds).toBeUndefined()
    expect(lost).toBe(0)
    expect(pressure).toBeCloseTo(OUTSIDE - 11_000, -3)
  })
  it('carries least where the derivative says so', () => {
    const weakest = weakestAt(0.35, 1.5, 0.92)
    for (const beside of [0.98, 0.999, 1.001, 1.02])
      expect(heldFraction(weakest * beside, 0.35, 1.5, 0.92)).toBeGreaterThan(heldFraction(weakest, 0.35, 1.5, 0.92))
    expect(weakestAt(0.35, 1e4, 0.92)).toBe(0)
  })
})
