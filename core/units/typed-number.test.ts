import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { formatNumber, parseQuantity, QuantityError, SHOWN_UNITS, unitLabel, type QuantityKind } from '.'

const read = (text: string, kind: QuantityKind, assumed: string, locale?: string) => {
  const { value, unit } = parseQuantity(text, kind, assumed, locale)
  return `${value} ${unit}`
}

describe('numbers as they are typed', () => {
  it.each([
    ['5,280 ft', 'length', '5280 ft'],
    ['1 240 m', 'length', '1240 m'],
    ['1\u202f240 m', 'length', '1240 m'],
    ["1'240 m", 'length', '1240 m'],
    ['12,345,678 Pa', 'pressure', '12345678 Pa'],
    ['1,013.25 hPa', 'pressure', '1013.25 hPa'],
    ['1.013,25 hPa', 'pressure', '1013.25 hPa'],
    ['4 13/16 in', 'length', '4.8125 in'],
    ['4-13/16 in', 'length', '4.8125 in'],
    ['½ cup', 'volume', '0.5 cup'],
    ['1½ cup', 'volume', '1.5 cup'],
    ['1 ½ cup', 'volume', '1.5 cup'],
    ['-½ °C', 'temperature', '-0.5 degC'],
    ['2:30', 'time', '2.5 min'],
    ['1:02:30', 'time', '62.5 min'],
    ['1:30 h', 'time', '90 min'],
    ['12,5 mL', 'volume', '12.5 mL'],
    ['0,125 L', 'volume', '0.125 L'],
    ['−5', 'temperature', '-5 degC'],
    ['.5 in', 'length', '0.5 in'],
  ] as const)('%s (%s) is %s in every language', (text, kind, expected) => {
    for (const locale of [undefined, 'en-GB', 'en-US', 'de-DE']) {
      if (text === '5,280 ft' && locale === 'de-DE') continue
      expect(read(text, kind, kind === 'temperature' ? 'degC' : kind === 'time' ? 's' : 'mL', locale), locale).toBe(
        expected,
      )
    }
  })

  it.each([
    ['1,013 hPa', undefined],
    ['1,013 hPa', 'en-GB'],
    ['1,013 hPa', 'en-US'],
    ['1.013 hPa', 'de-DE'],
    ['5,280 ft', 'de-DE'],
  ])('%s can be read in two ways (%s): both are named', (text, locale) => {
    expect(() => parseQuantity(text, text.endsWith('ft') ? 'length' : 'pressure', 'hPa', locale)).toThrow(
      /can be read in two ways; write (1013 or 1[.,]013|5280 or 5,28)/,
    )
  })

  it('takes the mark of the language where it can be no other', () => {
    expect(read('1,013', 'pressure', 'bar', 'de-DE')).toBe('1.013 bar')
    expect(read('1.013', 'pressure', 'bar', 'en-GB')).toBe('1.013 bar')
  })

  it.each(['4 16/13 in', '1/0 in', '1 2 in', '1,2,3 in', '1..2 in', '2:75', '--3 in', ',', '1 24 in', 'in'])(
    '%s is no number',
    text => expect(() => parseQuantity(text, 'length', 'in', 'en-US')).toThrow(QuantityError),
  )

  it('reads back whatever it writes, in every language and unit', () => {
    const kinds = Object.keys(SHOWN_UNITS) as QuantityKind[]
    fc.assert(
      fc.property(
        fc.constantFrom(...kinds),
        fc.nat(11),
        fc.double({ min: 1e-3, max: 999_999, noNaN: true }),
        fc.constantFrom('en-GB', 'en-US', 'de-DE', 'fr-CH'),
        (kind, place, size, locale) => {
          const unit = SHOWN_UNITS[kind][place % SHOWN_UNITS[kind].length]
          // What stands in a field has three digits, or as many as are before its mark.
          const text = `${formatNumber(size, 3, { locale })} ${unitLabel(unit)}`.trim()
          // A language writes 1.234 for what another reads as a thousand: asked about, never misread.
          const { value, unit: found } = parseQuantity(text, kind, unit, locale)
          expect(found).toBe(unit)
          expect(value).toBeCloseTo(Number(formatNumber(size)), 9)
        },
      ),
    )
  })
})
