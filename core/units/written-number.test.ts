import { describe, expect, it } from 'vitest'
import { QuantityError } from './quantity-error'
import { readNumber, usesDecimalComma } from './written-number'

describe('a number as somebody wrote it', () => {
  it.each([
    ['1013', 1013],
    ['1.013', 1.013],
    ['0,013', 0.013],
    ['31,5', 31.5],
    ['-2,25', -2.25],
    ['−3', -3],
    ['1,0132', 1.0132],
    ['2e5', 2e5],
  ])('%s is %d', (text, value) => {
    expect(readNumber(text)).toBe(value)
  })
  it.each(['1,013', '-12,500', '1,013,250', '1.013,25'])('%s can be read in two ways and is asked about', text => {
    expect(() => readNumber(text)).toThrow(QuantityError)
  })
  it('takes a decimal comma where its neighbours prove it, and never a thousands separator', () => {
    expect(usesDecimalComma(['1,013', '0,98'])).toBe(true)
    expect(usesDecimalComma(['1,013', '2,500', '7'])).toBe(false)
    expect(readNumber('1,013', true)).toBe(1.013)
    expect(() => readNumber('1,013,250', true)).toThrow(QuantityError)
  })
  it('is no number where there is none', () => expect(readNumber('much')).toBeNaN())
})
