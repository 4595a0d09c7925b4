import { describe, expect, it } from 'vitest'
import { QuantityError, differenceToSi, formatNumber, fromSi, parseQuantity, roundStep, toSi } from '.'

const si = (text: string, kind: Parameters<typeof parseQuantity>[1], assumed: string) => {
  const { value, unit } = parseQuantity(text, kind, assumed)
  return toSi(value, unit, kind)
}

describe('quantities', () => {
  // Exact definitions (NIST SP 811): inch, pound, US gallon, Fahrenheit, BTU(IT)
  it.each([
    ['2 qt', 'volume', 1.892705892e-3],
    ['12.7 psi', 'pressure', 87563.4],
    ['190 °F', 'temperature', 360.9278],
    ['60000 BTU/h', 'power', 17584.27],
    ['15', 'volume', 15e-6],
    ['1/2 cup', 'volume', 118.294e-6],
    ['29.92 inHg', 'pressure', 101320.7],
    ['4 mil', 'length', 1.016e-4],
    ['-5 °C', 'temperature', 268.15],
    ['1,5 mL', 'volume', 1.5e-6],
    ['3 fl oz', 'volume', 88.7206e-6],
    ['1.2kW', 'power', 1200],
    ['20 %', 'fraction', 0.2],
    ['873 hPa', 'pressure', 87300],
    ['300 K', 'temperature', 300],
  ] as const)('reads %s as a %s', (text, kind, expected) => {
    expect(si(text, kind, kind === 'volume' ? 'mL' : kind === 'pressure' ? 'hPa' : 's') / expected).toBeCloseTo(1, 4)
  })
  it('goes back to where it came from', () => {
    for (const [unit, kind] of [
      ['degF', 'temperature'],
      ['psi', 'pressure'],
      ['floz', 'volume'],
      ['%', 'fraction'],
      ['BTU/h', 'power'],
    ] as const) {
      expect(fromSi(toSi(12.5, unit, kind), unit, kind)).toBeCloseTo(12.5, 9)
    }
    expect(differenceToSi(2, 'degF', 'temperature')).toBeCloseTo(1.1111, 3)
  })
  it('says what was given and what is accepted', () => {
    expect(() => parseQuantity('3 kg', 'volume', 'mL')).toThrow(/"kg" is not a unit of volume; accepted: mL/)
    expect(() => parseQuantity('cold', 'temperature', 'degC')).toThrow(QuantityError)
    expect(() => parseQuantity('1,000 mL', 'volume', 'mL')).toThrow(/two ways/)
    expect(() => parseQuantity('', 'volume', 'mL')).toThrow(QuantityError)
  })
  it('shows three digits without needless zeros', () => {
    expect([
      formatNumber(0.1),
      formatNumber(15),
      formatNumber(0.012345),
      formatNumber(877.84, 4),
      formatNumber(1200),
      formatNumber(0),
    ]).toEqual(['0.1', '15', '0.0123', '877.8', '1200', '0'])
  })
})

describe('a step of a lever', () => {
  it.each([
    [10e-6, 'mL', 'volume', 10],
    [10e-6, 'tbsp', 'volume', 0.5],
    [-7.5, 'degC', 'temperature', -7.5],
    [-7.5, 'degF', 'temperature', -10],
    [0.1e-3, 'mil', 'length', 5],
    [-0.3, 'ft', 'length', -1],
    [30, 's', 'time', 30],
  ] as const)('%d SI in %s of %s is %d', (step, unit, kind, expected) => {
    expect(roundStep(step, unit, kind) / differenceToSi(1, unit, kind)).toBeCloseTo(expected, 9)
  })
})
