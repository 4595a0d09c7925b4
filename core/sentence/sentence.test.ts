import { describe, expect, it } from 'vitest'
import {
  asEnergy,
  asForce,
  asLength,
  asMass,
  asNumber,
  asPressure,
  asRoomPressure,
  asShare,
  asTemperature,
  asTemperatureDifference,
  asTime,
  asTimes,
  asVolume,
  CUSTOMARY,
  joined,
  keyOf,
  METRIC,
  say,
  tell,
  type Told,
} from '.'

describe('a sentence', () => {
  it('is told in the units, the marks and the words of its reader', () => {
    const sentence = say`The wall holds about ${asPressure(12_340)},
      ${asTime(0.0456)} long.`
    expect(tell(sentence, METRIC)).toBe('The wall holds about 12 kPa, 46 ms long.')
    expect(tell(sentence, CUSTOMARY)).toBe('The wall holds about 1.8 psi, 46 ms long.')
    expect(keyOf(sentence)).toBe('The wall holds about {0}, {1} long.')
    const german = { 'The wall holds about {0}, {1} long.': 'Nach {1} gibt die Wand nach, bei {0}.' } as Record<
      string,
      string
    >
    expect(tell(sentence, { units: 'si', locale: 'de', translate: key => german[key] })).toBe(
      'Nach 46 ms gibt die Wand nach, bei 12 kPa.',
    )
    expect(tell(say`${asMass(1.2345)} or ${say`${asShare(0.035)} of it`}`, { units: 'si', locale: 'de' })).toBe(
      '1,2 kg or 3,5 % of it',
    )
  })
  it('can be put together from others', () => {
    expect(tell(joined(['One.', say`${2} two.`], ' '), METRIC)).toBe('One. 2 two.')
    expect(joined(['One.'], ' ')).toBe('One.')
    expect(tell(joined([], ' '), METRIC)).toBe('')
  })
  // Sizes a person would use: a spoon, not half an ounce; a drum in litres; exact definitions as in NIST SP 811.
  it.each<[Told, string, string]>([
    [asVolume(15e-6), '15 mL', '1.01 tbsp'],
    [asVolume(3e-6), '3 mL', '0.609 tsp'],
    [asVolume(0.2082), '208 L', '55 gal'],
    [asVolume(355e-6), '355 mL', '12 fl oz'],
    [asVolume(999.9e-6), '1 L', '1.06 qt'],
    [asLength(97e-6), '0.097 mm', '3.8 mil'],
    [asLength(4e-6), '4 µm', '0.16 mil'],
    [asLength(0.05), '5 cm', '2 in'],
    [asLength(1609), '1610 m', '5280 ft'],
    [asMass(0.2e-3), '0.2 g', '3.1 gr'],
    [asMass(0.8), '800 g', '1.8 lb'],
    [asForce(2940), '2.9 kN', '661 lbf'],
    [asEnergy(5), '5 J', '3.7 ft·lbf'],
    [asPressure(40), '40 Pa', '0.0058 psi'],
    [asPressure(1e-12), '0 Pa', '0 psi'],
    [asRoomPressure(101_325), '1013 hPa', '29.9 inHg'],
    [asVolume(0.3765e-3 + 4e-8, { toward: 'below' }), '376 mL', '12.7 fl oz'],
    [asVolume(0.3765e-3 - 4e-8, { toward: 'above' }), '377 mL', '12.8 fl oz'],
    [asTemperature(273.25, { toward: 'above' }), '0.1 °C', '32.2 °F'],
    [asNumber(1.96, 2, 'below'), '1.9', '1.9'],
    [asLength(14.4, { toward: 'above' }), '15 m', '48 ft'],
    [asLength(123.4, { toward: 'above' }), '130 m', '410 ft'],
    [asTemperature(373.15), '100 °C', '212 °F'],
    [asTemperatureDifference(40), '40 K', '72 °F'],
    [asTime(150), '2.5 min', '2.5 min'],
    [asShare(0.0035), '0.4 %', '0.4 %'],
    [asTimes(3.44), '3.4 times', '3.4 times'],
  ])('tells %o as %s or %s', (told, metric, customary) => {
    expect(tell(say`${told}`, METRIC)).toBe(metric)
    expect(tell(say`${told}`, CUSTOMARY)).toBe(customary)
  })
})
