import { describe, expect, it } from 'vitest'
import { barrelAt, type FoamPlan, squeezeFoam } from './foam-in-syringe'

const plan: FoamPlan = {
  outside: 101325,
  room: 293.15,
  foam: { rest: 2e-6, taut: 8e-6, stiffness: 0 },
  leakTime: 1e9,
  solid: 1e-6,
  start: 15e-6,
  moved: 43e-6,
  moveTime: 1,
  holdTime: 5,
  leakArea: 0,
}
const run = (changes: Partial<FoamPlan> = {}) => squeezeFoam({ ...plan, ...changes }, 1e-6)

describe('foam in a syringe', () => {
  it('without a skin all gas follows Boyle as one (closed form), and comes back', () => {
    const { largest, after, lowest } = run()
    const ratio = (plan.moved - plan.solid) / (plan.start - plan.solid)
    expect(lowest / (plan.outside / ratio)).toBeCloseTo(1, 5)
    expect(largest / ratio).toBeCloseTo(1, 5)
    expect(after).toBeCloseTo(1, 5)
  })
  it('pushed in it shrinks by the same law', () => {
    const { smallest, highest } = run({ moved: 8e-6 })
    const ratio = (8e-6 - plan.solid) / (plan.start - plan.solid)
    expect(smallest / ratio).toBeCloseTo(1, 5)
    expect(highest / (plan.outside / ratio)).toBeCloseTo(1, 5)
  })
  it('a stiffer foam swells less, a leaking one is smaller afterwards (limiting cases)', () => {
    const stiff = run({ foam: { ...plan.foam, stiffness: 20e3 } })
    expect(stiff.largest).toBeLessThan(run().largest)
    expect(run({ foam: { ...plan.foam, stiffness: 1e9 } }).largest).toBeCloseTo(1, 2)
    const seeping = run({ foam: { ...plan.foam, stiffness: 5e3 }, leakTime: 5 })
    expect(seeping.after).toBeLessThan(0.9)
  })
  it('moves out, holds, and comes back to its mark', () => {
    expect([0, 0.5, 1, 3, 6.5, 7].map(t => Math.round(barrelAt(plan, t) * 1e7) / 10)).toEqual([15, 29, 43, 43, 29, 15])
  })
})
