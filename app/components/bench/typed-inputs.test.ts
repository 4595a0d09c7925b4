import '~~/core/catalogue/everything'
import { describe, expect, it } from 'vitest'
import { StagingFaults, readStaging, type Fault, type StagingDocument } from '~~/core'
import { typedInputs } from './typed-inputs'

/** A staging as the Bench keeps it: a change that brings faults is not made. */
function bench(demonstration: string) {
  let document = { title: '', demonstration, inputs: {} } as unknown as StagingDocument
  const change = (make: (d: StagingDocument) => void): Fault[] => {
    const candidate = structuredClone(document)
    make(candidate)
    try {
      readStaging(candidate)
    } catch (error) {
      if (error instanceof StagingFaults) return [...error.faults]
      throw error
    }
    document = candidate
    return []
  }
  return { typed: typedInputs(change), inputs: () => document.inputs }
}
const mm = (value: number) => ({ value, unit: 'mm' })

describe('typed inputs', () => {
  it('of one vessel are judged together, whichever comes first', () => {
    // A litre does not go into the can that stands there: the volume waits for the dimensions.
    const wanted: Record<string, { value: number; unit: string }> = {
      vesselVolume: { value: 1, unit: 'L' },
      vesselHeight: mm(150),
      vesselDiameter: mm(100),
    }
    for (const order of [
      ['vesselVolume', 'vesselHeight', 'vesselDiameter'],
      ['vesselVolume', 'vesselDiameter', 'vesselHeight'],
    ]) {
      const { typed, inputs } = bench('can-plunge')
      const refused = order.map(id => typed.put(id, wanted[id], true).length > 0)
      expect(refused[0]).toBe(true)
      expect(refused.at(-1)).toBe(false)
      expect(inputs()).toEqual(wanted)
    }
  })
  it('that stand in no field do not wait: a lever that is refused never comes into force later, unasked', () => {
    const { typed, inputs } = bench('can-plunge')
    expect(typed.put('vesselVolume', { value: 1, unit: 'L' }, false).length).toBeGreaterThan(0)
    typed.put('vesselHeight', mm(150), true)
    typed.put('vesselDiameter', mm(100), true)
    expect(inputs()).not.toHaveProperty('vesselVolume')
  })
  it('wait no longer once they are taken back, and a refused one changes nothing', () => {
    const { typed, inputs } = bench('can-plunge')
    expect(typed.put('vesselDiameter', mm(5), true).length).toBeGreaterThan(0)
    expect(inputs()).toEqual({})
    typed.drop('vesselDiameter')
    expect(typed.put('waterCharge', { value: 20, unit: 'mL' }, true)).toEqual([])
    expect(inputs()).toEqual({ waterCharge: { value: 20, unit: 'mL' } })
  })
})
