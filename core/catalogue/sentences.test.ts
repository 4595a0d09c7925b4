/** Every sentence of every demonstration, as it is read in both unit systems and in another language's numbers. */
import { describe, expect, it } from 'vitest'
import { DEMONSTRATIONS } from './everything'
import { cautionsOf, resolve, sentencesOf, type Demonstration, type Given } from '../demonstration'
import { isCustomary } from '../units'
import { CUSTOMARY, METRIC, tell, type Sentence } from '../sentence'

type Changes = Partial<Pick<Given, 'numbers' | 'choices'>>

/** As planned, each choice, and each number at both ends of its usual range. */
function* everySentence(d: Demonstration): Generator<[where: string, sentence: Sentence]> {
  const changes: Changes[] = [
    {},
    ...d.inputs.flatMap((i): Changes[] =>
      i.kind === 'choice'
        ? i.choices.map(c => ({ choices: { [i.id]: c.id } }))
        : i.usual.map(v => ({ numbers: { [i.id]: v } })),
    ),
  ]
  for (const { numbers = {}, choices = {} } of changes) {
    const { values, faults } = resolve(d, { numbers, choices })
    if (faults.length > 0) {
      for (const f of faults) yield ['fault', f.message]
      continue
    }
    yield* sentencesOf(d, values, d.simulate(values, 'trace'))
  }
}

const NUMBER = String.raw`(?:\d|\b(?:an?|one|two|three|half a|hundred|thousand|few|several|every|per|of)\b)[ \u00a0-]?`
const SI = new RegExp(
  `${NUMBER}(?:[kMhm]?Pa|m?bar|°C|K|k?J|[mk]?m|cm|[mc]m²|m²|m³|m?L|k?g|mg|k?N|k?W|m/s|L/min)(?![\\p{L}°²³/])|` +
    String.raw`\b(?:(?:milli|centi|kilo)?(?:metres?|litres?|grams?|newtons?|watts?|joules?)|` +
    String.raw`(?:kilo|hecto)?pascals?|kelvins?|degrees? Celsius)\b`,
  'u',
)
const US = new RegExp(`${NUMBER}(?:psi|inHg|°F|in|ft|mil|tsp|tbsp|fl oz|qt|gal|oz|lb|lbf|BTU|ft/s)(?![\\p{L}²/])`, 'u')
/** Droplets are counted in a cubic metre everywhere. */
const COUNTED = /droplets .*in a cubic metre/u
const BROKEN = /NaN|undefined|\[object|Infinity|\d e-|-0(?![\d.])|\$\{/u

describe.each(DEMONSTRATIONS.map(d => [d.id, d] as const))('%s', (_, d) => {
  const everything = [...everySentence(d)]
  const read = (reader: Parameters<typeof tell>[1]) => [
    ...new Set(everything.map(([where, sentence]) => `${where}: ${tell(sentence, reader)}`)),
  ]
  it('says nothing in SI units to who reads in US units', () => {
    expect(read(CUSTOMARY).filter(line => SI.test(line) && !COUNTED.test(line))).toEqual([])
  })
  it('says nothing in US units to who reads in SI units', () => {
    expect(read(METRIC).filter(line => US.test(line))).toEqual([])
  })
  it('writes every number with the marks of the language', () => {
    expect(read({ units: 'si', locale: 'de-DE' }).filter(line => /\d\.\d/u.test(line))).toEqual([])
  })
  it('has customary units for everything that is shown', () => {
    const { values } = resolve(d, { numbers: {}, choices: {} })
    const s = d.simulate(values, 'trace')
    const shown = [
      ...d.inputs.filter(i => i.kind === 'quantity'),
      ...d.results,
      ...d.sizes(values, s),
      ...cautionsOf(d, values, s).flatMap(c => c.number ?? []),
    ]
    for (const { units } of shown) {
      expect(isCustomary(units[0]), units[0]).not.toBe(true)
      expect(units[1] && isCustomary(units[1]), units[1]).not.toBe(false)
    }
  })
  it('breaks nowhere', () => {
    expect([...read(METRIC), ...read(CUSTOMARY)].filter(line => BROKEN.test(line))).toEqual([])
  })
})
