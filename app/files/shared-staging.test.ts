/** A staging in an address comes out as it went in, in letters that any address takes. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { DEMONSTRATIONS } from '~~/core/catalogue/everything'
import { readStaging } from '~~/core'
import { addressOf, carriedBy } from './shared-staging'

const ORIGIN = 'http://127.0.0.1:4310'
const hashOf = (address: string) => new URL(address).hash

describe('a staging in an address', () => {
  it.each(DEMONSTRATIONS.map(d => [d.id]))('of %s comes out as it went in, whatever it is called', id => {
    fc.assert(
      fc.property(fc.string({ maxLength: 120, unit: 'grapheme' }), title => {
        const { document } = readStaging({ demonstration: id, title, inputs: {} })
        const address = addressOf(document, ORIGIN)
        expect(address).toMatch(/^http:\/\/127\.0\.0\.1:4310\/bench\/shared#[\w-]+$/)
        expect(readStaging(carriedBy(hashOf(address))).document).toEqual(document)
      }),
      { seed: 41, numRuns: 6 },
    )
  })
  it('leaves behind what stands on this Shelf, and fits into a QR code', () => {
    const inputs = Object.fromEntries(
      ['waterCharge', 'purgeTime', 'transferTime', 'bathTemperature', 'iceMass', 'heaterPower'].map(input => {
        const { usual, units } = DEMONSTRATIONS[0]!.inputs.find(i => i.id === input) as never as {
          usual: [number, number]
          units: [string]
        }
        return [
          input,
          { value: input === 'bathTemperature' ? 5 : Number((usual[0] * 1.1).toPrecision(6)), unit: units[0] },
        ]
      }),
    )
    const things = { vessel: { id: '00000000-0000-4000-8000-000000000001', version: 3 } }
    const document = { ...readStaging({ demonstration: 'can-plunge', title: 'Can' }).document, inputs, things } as never
    const address = addressOf(document, ORIGIN)
    expect(carriedBy(hashOf(address))).not.toHaveProperty('things')
    // The largest code holds 2953 bytes at its lowest level of correction (ISO/IEC 18004).
    expect(address.length).toBeLessThan(2000)
  })
  it.each(['', '#', '#!!', '#abc', '#eJw'])('of which %s is left is none', hash => {
    expect(carriedBy(hash)).toBeUndefined()
  })
})
