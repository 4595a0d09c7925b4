import { beforeEach, describe, expect, it, vi } from 'vitest'

describe('demonstrations that are fetched', () => {
  beforeEach(() => vi.resetModules())

  it('are there once fetched, and one that a page forgot is told at once', async () => {
    const { findDemonstration, knownDemonstrations, loadDemonstrations } = await import('./known')
    expect(() => findDemonstration('diver')).toThrow('diver is used before it has been fetched')
    await loadDemonstrations(['diver'])
    expect(findDemonstration('diver')?.id).toBe('diver')
    expect(() => findDemonstration('plates')).toThrow(RangeError)
    expect(knownDemonstrations().map(d => d.id)).toEqual(['diver'])
  })
  it('that nobody knows are passed over, names of every object too', async () => {
    const { findDemonstration, loadDemonstrations } = await import('./known')
    for (const id of ['levitation', '', 'constructor', '__proto__']) {
      await loadDemonstrations([id])
      expect(findDemonstration(id)).toBeUndefined()
    }
  })
  it('keep the order of the gallery, in whatever order they came', async () => {
    const { knownDemonstrations, loadDemonstrations } = await import('./known')
    await loadDemonstrations(['plates', 'can-plunge', 'plates'])
    expect(knownDemonstrations().map(d => d.id)).toEqual(['can-plunge', 'plates'])
  })
})
