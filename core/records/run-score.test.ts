/** What is known of how well a run was forecast, before anything is computed. */
import '../catalogue/everything'
import { describe, expect, it } from 'vitest'
import { runSchema, stagingSchema } from '../formats'
import type { StoredRun } from './records'
import { scoringOf } from './run-score'

function runOf(demonstration: string, inputs: object, more: object = {}): StoredRun {
  const document = { performedAt: '2026-03-01T09:00:00Z', outcome: 'crush', note: '', used: {}, ...more }
  return {
    id: '5a1d0000-0000-4000-8000-00000000ffff',
    demonstration,
    staging: stagingSchema.parse({ demonstration, title: 'Tried', inputs }),
    document: runSchema.parse(document),
  } as StoredRun
}
const ML = (value: number) => ({ value, unit: 'mL' })

describe('how well a run was forecast', () => {
  it('is what was kept with it, for the vessel and the heater that were really used', () => {
    const run = runOf(
      'can-plunge',
      { vesselVolume: ML(330) },
      { forecast: { samples: 2000, outcomes: { crush: 0.93 } }, used: { heaterPower: { value: 1.2, unit: 'kW' } } },
    )
    const { score, open } = scoringOf(run)
    expect(score).toMatchObject({ run: run.id, share: 0.93, power: 1200 })
    expect(score.volume).toBeCloseTo(330e-6, 12)
    expect(open).toBeUndefined()
  })
  it('is still to be computed otherwise, of what was planned and used', () => {
    const { score, open } = scoringOf(runOf('can-plunge', {}, { used: { vesselVolume: ML(330) } }))
    expect(score.share).toBeNull()
    expect(open).toMatchObject({ demonstration: 'can-plunge', title: '', inputs: { vesselVolume: ML(330) } })
  })
  it('is told by no heater where there is none, and by the vessel whatever it is called', () => {
    expect(scoringOf(runOf('plates', {})).score).toMatchObject({ volume: null, power: null })
    expect(scoringOf(runOf('syringe-boil', {})).score.volume).toBeGreaterThan(0)
  })
  it('is never known of a run that is accepted no more', () => {
    const { score, open } = scoringOf(runOf('can-plunge', { heaterPower: { value: -5, unit: 'W' } }))
    expect(score).toEqual({ run: score.run, share: null, volume: null, power: null })
    expect(open).toBeUndefined()
  })
})
