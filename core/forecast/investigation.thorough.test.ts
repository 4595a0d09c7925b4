import { describe, expect, it } from 'vitest'
import { findDemonstration } from '../catalogue/everything'
import { resolve, type Given } from '../demonstration'
import { canPlunge } from '../catalogue/steam/can-plunge'
import { investigate } from './investigation'
import { METRIC, tell } from '../sentence'
import { whyInWords } from './why-words'

const plain: Given = { numbers: {}, choices: {}, spreads: {} }

describe('the cause of a failure', () => {
  it('cannot be told from the outcome alone, and it says so', async () => {
    const found = await investigate(
      canPlunge,
      { plan: plain, used: plain, measured: [] },
      { outcome: 'fill', readings: {} },
      600,
    )
    expect(found.canTell).toBe(false)
    const said = whyInWords(found, 'fills')
      .map(s => tell(s, METRIC))
      .join(' ')
    expect(said).toContain('The data cannot tell what it was.')
    expect(said).toMatch(/In question: .*of 10; .*of 10/)
  }, 120_000)

  it('is what was measured to be off, where that alone explains it', async () => {
    const used: Given = {
      numbers: { transferTime: 15 },
      choices: {},
      spreads: { transferTime: { shape: 'normal', absolute: 0.3 } },
    }
    const found = await investigate(
      canPlunge,
      { plan: plain, used, measured: ['transferTime'] },
      { outcome: 'fill', readings: { waterDrawnIn: { value: 240e-6, uncertainty: 20e-6 } } },
      600,
    )
    expect(found.causes[0].id).toBe('carrying')
    expect(found.oddsAsPlanned).toBeGreaterThan(0.9)
    expect(tell(whyInWords(found, 'fills')[0], METRIC)).toMatch(
      /^Most likely: air got in between heat and seal, (8|9|10) of 10/,
    )
  }, 120_000)

  it('is nothing but the plan, where the plan itself fails', async () => {
    const plan: Given = { numbers: { bathTemperature: 273.15 + 90, iceMass: 0 }, choices: {}, spreads: {} }
    const found = await investigate(
      canPlunge,
      { plan, used: plan, measured: [] },
      { outcome: 'fill', readings: {} },
      400,
    )
    if (canPlunge.simulate(resolve(canPlunge, plan).values, 'summary').outcome === 'crush')
      throw new Error('this plan was to fail')
    expect(found.planFails).toBe(true)
    expect(tell(whyInWords(found, 'fills')[0], METRIC)).toMatch(/^As planned it is not expected to end as wanted/)
  }, 120_000)

  it('comes with the odds of the next try: as it was, and put right (a leaking closure of a tin)', async () => {
    const tin = findDemonstration('sealed-tin')!
    const leaking = tin.simulate(resolve(tin, { numbers: { leakArea: 30e-6 }, choices: {} }).values, 'summary')
    expect(leaking.outcome).not.toBe('crush')
    const found = await investigate(
      tin,
      { plan: plain, used: plain, measured: [] },
      {
        outcome: leaking.outcome,
        readings: {
          peakPressureDifference: {
            value: leaking.results.peakPressureDifference!,
            uncertainty: 0.05 * leaking.results.peakPressureDifference!,
          },
        },
      },
      600,
    )
    const leak = found.causes.find(c => c.id === 'leak')!
    expect(leak.again).toBeLessThan(0.3)
    expect(leak.mended).toBeGreaterThan(0.9)
    expect(leak.remedy).toMatch(/seal/)
  }, 120_000)
})
