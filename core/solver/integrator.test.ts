import { describe, expect, it } from 'vitest'
import { Integrator, type OdeEvent, type OdeSystem } from '.'

const system = (size: number, derivatives: OdeSystem['derivatives'], extra: Partial<OdeSystem> = {}): OdeSystem => ({
  size,
  scale: new Float64Array(size).fill(1e-3),
  derivatives,
  ...extra,
})

describe('integrator', () => {
  it('converges with order four on a system with a known solution', () => {
    // y' = y cos t, y(0) = 1: y = exp(sin t)
    const forced = system(
      1,
      (t, y, f) => {
        f[0] = y[0] * Math.cos(t)
      },
      { dependsOnTime: true },
    )
    const errors = [1e-3, 1e-5, 1e-7].map(tolerance => {
      const y = Float64Array.of(1)
      const { steps } = new Integrator(1).run(forced, y, 0, 3, { tolerance, firstStep: 1e-3 })
      return { error: Math.abs(y[0] - Math.exp(Math.sin(3))), steps }
    })
    expect(errors[0].error).toBeLessThan(2e-3)
    const order = Math.log(errors[1].error / errors[2].error) / Math.log(errors[2].steps / errors[1].steps)
    expect(order).toBeGreaterThan(3.5)
  })

  it('follows explicit time dependence', () => {
    // y' = -50 (y - cos t): Hairer & Wanner II, eq. IV.1.1; exact solution from the variation of constants
    const forced = system(
      1,
      (t, y, f) => {
        f[0] = -50 * (y[0] - Math.cos(t))
      },
      { dependsOnTime: true },
    )
    const y = Float64Array.of(0)
    new Integrator(1).run(forced, y, 0, 1.5, { tolerance: 1e-7, firstStep: 1e-3 })
    const exact = (2500 * Math.cos(1.5) + 50 * Math.sin(1.5)) / 2501
    expect(y[0]).toBeCloseTo(exact, 6)
  })

  it('solves the Robertson problem to the published values', () => {
    // H. H. Robertson (1966); reference solution at t = 40 from Hairer & Wanner II, sect. IV.10: 0.7158, 9.185e-6,
    // 0.2842
    const robertson = system(
      3,
      (_, y, f) => {
        f[0] = -0.04 * y[0] + 1e4 * y[1] * y[2]
        f[2] = 3e7 * y[1] * y[1]
        f[1] = -f[0] - f[2]
      },
      { scale: Float64Array.of(1e-3, 1e-7, 1e-3) },
    )
    const y = Float64Array.of(1, 0, 0)
    const { steps } = new Integrator(3).run(robertson, y, 0, 40, { tolerance: 1e-6, firstStep: 1e-6 })
    expect(y[0]).toBeCloseTo(0.7158, 4)
    expect(y[1] * 1e6).toBeCloseTo(9.185, 2)
    expect(steps).toBeLessThan(400)
  })

  it('finds where a falling body lands and stops there', () => {
    const fall = system(2, (_, y, f) => {
      f[0] = y[1]!
      f[1] = -9.81
    })
    const y = Float64Array.of(10, 0)
    const result = new Integrator(2).run(fall, y, 0, 100, {
      tolerance: 1e-6,
      firstStep: 0.1,
      events: [
        { id: 'half-way', direction: -1, stops: false, value: (_, s) => s[0] - 5 },
        { id: 'ground', direction: -1, stops: true, value: (_, s) => s[0] },
      ],
    })
    expect(result.stoppedBy).toBe('ground')
    expect(result.time).toBeCloseTo(Math.sqrt(20 / 9.81), 6)
    expect(result.occurrences.map(o => o.id)).toEqual(['half-way', 'ground'])
    expect(result.occurrences[0].time).toBeCloseTo(Math.sqrt(10 / 9.81), 6)
  })

  it('finds when a steady flow has emptied a tank, whatever the flow and however long the step', () => {
    for (let i = 1; i <= 400; i++) {
      const flow = 0.37 * i ** 1.3
      const tank = system(1, (_, __, f) => {
        f[0] = -flow
      })
      const { time } = new Integrator(1).run(tank, Float64Array.of(10), 0, 1e4, {
        tolerance: 1e-3,
        firstStep: 0.01 * (1 + (i % 7)),
        events: [{ id: 'empty', direction: -1, stops: true, value: (_, s) => s[0] - 0.01 }],
      })
      expect(time / (9.99 / flow), `flow ${flow}`).toBeCloseTo(1, 9)
    }
  })

  it('finds the top of a throw between two steps, and only as far as an event lets it', () => {
    const fall = system(2, (_, y, f) => {
      f[0] = y[1]!
      f[1] = -9.81
    })
    const thrown = (events: OdeEvent[]) =>
      new Integrator(2).run(fall, Float64Array.of(0, 7), 0, 1.4, {
        tolerance: 1e-4,
        firstStep: 0.5,
        events,
        peaks: [{ id: 'height', value: (_, s) => s[0] }],
      }).peaks.height
    expect(thrown([]).value).toBeCloseTo(49 / (2 * 9.81), 9)
    expect(thrown([]).time).toBeCloseTo(7 / 9.81, 6)
    expect(thrown([{ id: 'ceiling', direction: 1, stops: true, value: (_, s) => s[0] - 1.5 }]).value).toBeCloseTo(
      1.5,
      9,
    )
  })

  it('finds the highest of ever higher swings, by either kind of steps (closed form)', () => {
    // y = exp(t/10) sin t: its tops lie where tan t = -10.
    const swing = system(2, (_, y, f) => {
      f[0] = y[1]
      f[1] = 0.2 * y[1] - 1.01 * y[0]
    })
    const top = Math.PI - Math.atan(10) + 6 * Math.PI
    for (const explicitSteps of [0, 10_000]) {
      const { peaks } = new Integrator(2).run(swing, Float64Array.of(0, 1), 0, 23, {
        tolerance: 1e-3,
        firstStep: 0.1,
        explicitSteps,
        peaks: [{ id: 'height', value: (_, y) => y[0] }],
      })
      expect(Math.abs(peaks.height.time - top)).toBeLessThan(0.05)
      expect(Math.abs(peaks.height.value / (Math.exp(top / 10) * Math.sin(top)) - 1)).toBeLessThan(0.02)
    }
  })

  it('keeps running totals exact and gives the same bits twice', () => {
    const decay = system(
      2,
      (_, y, f) => {
        f[0] = -3 * y[0]
        f[1] = 3 * y[0]
      },
      { coupledAt: () => [0] },
    )
    const run = () => {
      const y = Float64Array.of(1, 0)
      new Integrator(2).run(decay, y, 0, 2, { tolerance: 1e-5, firstStep: 0.01 })
      return y
    }
    expect(run()[0] + run()[1]).toBeCloseTo(1, 12)
    expect(run()).toEqual(run())
  })

  it('solves only for what the rates hang on, wherever that stands, and a step is carried into what follows', () => {
    // A chain of decays with what has decayed counted between them: Bateman, Proc. Camb. Phil. Soc. 15 (1910) 423.
    const [a, b] = [3, 0.5]
    const chain = (coupledAt?: OdeSystem['coupledAt']) =>
      system(
        3,
        (_, y, f) => {
          f[0] = -a * y[0]
          f[1] = a * y[0] + b * y[2]
          f[2] = a * y[0] - b * y[2]
        },
        coupledAt && { coupledAt },
      )
    const COUPLED = [0, 2]
    const STILL = [1]
    const run = (of: OdeSystem) => {
      const y = Float64Array.of(1, 0, 0)
      const integrator = new Integrator(3)
      const first = integrator.run(of, y, 0, 0.7, { tolerance: 1e-7, firstStep: 1e-3 })
      const second = integrator.run(of, y, 0.7, 2, { tolerance: 1e-7, firstStep: first.step })
      expect(second.opening).toBeGreaterThan(1e-3)
      return { y, evaluations: first.evaluations + second.evaluations }
    }
    const [all, some] = [run(chain()), run(chain(() => COUPLED))]
    const left = Math.exp(-a * 2)
    const second = (a / (b - a)) * (left - Math.exp(-b * 2))
    for (const { y } of [all, some]) {
      expect(y[0]).toBeCloseTo(left, 6)
      expect(y[2]).toBeCloseTo(second, 6)
      // Each atom is counted at its first decay and again at its second.
      expect(y[1]).toBeCloseTo(2 * (1 - left) - second, 6)
    }
    expect(some.evaluations).toBeLessThan(all.evaluations)
    // What is said to stand still is carried along as it was, between the steps, too.
    const halved = { ...chain(() => COUPLED), idleAt: () => STILL }
    const still = Float64Array.of(1, 0.3, 0)
    const { peaks } = new Integrator(3).run(halved, still, 0, 2, {
      tolerance: 1e-7,
      firstStep: 1e-3,
      peaks: [{ id: 'off', value: (_, y) => Math.abs(y[1] - 0.3) }],
    })
    expect([still[1], peaks.off.value]).toEqual([0.3, 0])
    expect(still[2]).toBeCloseTo(second, 6)
  })
})
