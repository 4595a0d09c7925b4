/** Sheets of all demonstrations: complete, with answers that the numbers in the questions give. */
import { describe, expect, it } from 'vitest'
import { DEMONSTRATIONS } from './everything'
import { pupilsSheet, resolve } from '../demonstration'
import { METRIC, tell } from '../sentence'

describe.each(DEMONSTRATIONS.map(d => [d.id, d] as const))('the sheet for pupils of %s', (_, d) => {
  const { values } = resolve(d, { numbers: {}, choices: {} })
  const sheet = pupilsSheet(d, values, d.simulate(values, 'summary'))
  it('asks, lets predict every end, and has something to write down in each run', () => {
    expect(sheet.ends).toEqual(d.outcomes.map(o => o.sentence))
    // What is only told of, as what happens elsewhere, is measured by nobody.
    if (!d.gallery.whatIf) expect(sheet.seen.length + sheet.set.length).toBeGreaterThan(0)
    for (const { axis } of [...sheet.set, ...sheet.seen]) expect(axis[1]).toBeGreaterThan(axis[0])
    expect(sheet.sets.map(s => s.from)).toEqual([7, 11, 14])
    for (const { questions } of sheet.sets) expect(questions.length).toBeGreaterThanOrEqual(2)
  })
  it('answers its sums with what its own numbers give: force is pressure times 100 cm²', () => {
    const kilopascals = (text: string) => {
      const [, number, unit] = /([\d,.]+) (k?Pa)/.exec(text)!
      return Number(number!.replaceAll(',', '')) * (unit === 'kPa' ? 1 : 1e-3)
    }
    const sums = sheet.sets[2]!.questions.filter(q => /orce is \w+ times area/.test(tell(q.answer, METRIC)))
    expect(sums.length).toBeGreaterThan(0)
    for (const { ask, answer } of sums) {
      const [, number, unit] = /([\d,.]+) (k?N)/.exec(tell(answer, METRIC))!
      const newtons = Number(number!.replaceAll(',', '')) * (unit === 'kN' ? 1000 : 1)
      // 1 kPa on 100 cm² is 10 N; both are told to two or three digits.
      expect(newtons / (10 * kilopascals(tell(ask, METRIC)))).toBeCloseTo(1, 1)
    }
  })
})
