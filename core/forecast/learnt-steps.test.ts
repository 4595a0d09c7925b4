import { describe, expect, it } from 'vitest'
import { canPlunge } from '../catalogue/steam/can-plunge'
import { learn, type PastRun, type Taught } from './calibration'
import { LearntSteps } from './learnt-steps'

const plain = { numbers: {}, choices: {}, spreads: {} }
const run = (seconds: number, vessel = {}): PastRun => ({
  given: { ...plain, numbers: vessel },
  seen: { outcome: 'crush', readings: { timeToPlume: { value: seconds, uncertainty: 20 } } },
})
const SAMPLES = 80

/** Learns with `steps`, and counts what was simulated for it: the pauses between its slices. */
async function learnt(runs: readonly PastRun[], steps?: LearntSteps<Taught>, numbers = {}) {
  let slices = 0
  const taught = await learn(canPlunge, { ...plain, numbers }, runs, SAMPLES, async () => void slices++, steps)
  return { taught, slices }
}

describe('steps of what was learnt', () => {
  const runs = [run(70), run(76), run(81)]

  it('say the same as learning it all anew', async () => {
    const steps = new LearntSteps<Taught>()
    await learnt(runs.slice(0, 2), steps)
    expect((await learnt(runs, steps)).taught).toEqual((await learnt(runs)).taught)
  })
  it('are simulated once: one run more has that one simulated, another order all from there on', async () => {
    const steps = new LearntSteps<Taught>()
    const { slices: two } = await learnt(runs.slice(0, 2), steps)
    expect((await learnt(runs.slice(0, 2), steps)).slices).toBe(0)
    expect((await learnt(runs, steps)).slices).toBe(two / 2)
    expect((await learnt([runs[1]!, runs[0]!], steps)).slices).toBe(two)
  })
  it('hold for another staging of which the runs say as much, and for no other', async () => {
    const steps = new LearntSteps<Taught>()
    await learnt(runs, steps, { bathTemperature: 280 })
    expect((await learnt(runs, steps, { bathTemperature: 285 })).slices).toBe(0)
    // Of another can the runs don't say how much heat gets into it.
    const narrow = { vesselVolume: 0.0002 }
    const { taught, slices } = await learnt(runs, steps, narrow)
    expect(slices).toBeGreaterThan(0)
    expect(taught).toEqual((await learnt(runs, undefined, narrow)).taught)
  })
  it('are not kept where learning was ended on the way', async () => {
    const steps = new LearntSteps<Taught>()
    const ended = learn(canPlunge, plain, runs, SAMPLES, () => Promise.reject(new Error('ended')), steps)
    await expect(ended).rejects.toThrow('ended')
    expect((await learnt(runs, steps)).taught).toEqual((await learnt(runs)).taught)
  })
})
