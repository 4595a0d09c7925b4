/** Whatever is written can be read again as the same: stagings, things, runs, readings; over documents of all kinds. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { DEMONSTRATIONS } from '../catalogue/everything'
import type { Demonstration, QuantityInput } from '../demonstration'
import { guessMatches, readColumns, readReadings, readingsCsv } from '../readings'
import { fromSi, toSi, unitsOfSystem } from '../units'
import { logbookCsv, readLogbookCsv, type LoggedRun } from './logbook'
import { runSchema } from './run'
import { readShelfCsv, shelfCsv } from './shelf-csv'
import { shelfItemSchema } from './shelf'
import { readStaging } from './staging'
import { attemptReading } from './staging-reading'

const SEED = { seed: 21, numRuns: 25 }
/** What people call their things: other alphabets, quotes, line breaks, what a table takes for a formula. */
const names = fc
  .oneof(
    fc.string({ minLength: 1, maxLength: 40, unit: 'grapheme' }),
    fc.constantFrom('=1+1', '"quoted", and; more', 'two\nlines', '-5', '+49', "'apostrophe", 'a\tb', '@name', '  x  '),
  )
  .map(s => s.trim())
  .filter(s => s.length > 0 && s.length <= 120)

/** Some inputs of a demonstration, each typed in a unit that people use for it, within its usual range. */
const typed = (d: Demonstration) => {
  const quantities = d.inputs.filter((i): i is QuantityInput => i.kind === 'quantity' && i.group !== 'room')
  return fc
    .record(
      Object.fromEntries(
        quantities.map(input => [
          input.id,
          fc.record({
            at: fc.double({ min: 0, max: 1, noNaN: true }),
            unit: fc.constantFrom(...unitsOfSystem(input.quantity, 'si'), ...unitsOfSystem(input.quantity, 'us')),
          }),
        ]),
      ),
      { requiredKeys: [] },
    )
    .map(chosen =>
      Object.fromEntries(
        Object.entries(chosen).flatMap(([id, picked]) => {
          if (!picked) return []
          const { at, unit } = picked
          const input = quantities.find(q => q.id === id)!
          const [low, high] = input.usual
          const si = low + (high - low) * at
          return [[id, { value: Number(fromSi(si, unit, input.quantity).toPrecision(9)), unit }] as const]
        }),
      ),
    )
}

describe('a staging', () => {
  it.each(DEMONSTRATIONS.map(d => [d.id, d] as const))(
    'of %s holds what was typed, in any unit, read twice',
    (id, d) => {
      let accepted = 0
      fc.assert(
        fc.property(typed(d), names, (inputs, title) => {
          const { read } = attemptReading(() => readStaging({ demonstration: id, title, inputs }))
          // What does not go together is refused; what is accepted is kept.
          if (!read) return
          accepted++
          for (const [input, { value, unit }] of Object.entries(inputs)) {
            const { quantity } = d.inputs.find((i): i is QuantityInput => i.id === input && i.kind === 'quantity')!
            const si = toSi(value, unit, quantity)
            const held = read.values.numbers[input]
            // One that another choice leaves out is not asked for.
            if (held !== undefined) expect(Math.abs(held - si)).toBeLessThanOrEqual(1e-12 * Math.abs(si))
          }
          const again = readStaging(JSON.parse(JSON.stringify(read.document)))
          expect(again.values).toEqual(read.values)
          expect(again.document).toEqual(read.document)
          expect(again.document.title).toBe(title)
        }),
        SEED,
      )
      // Where all were refused, nothing would have been checked.
      expect(accepted).toBeGreaterThan(0)
    },
  )
})

const things = fc.oneof(
  fc.record({
    kind: fc.constant('bath'),
    name: names,
    place: fc.option(names, { nil: undefined }),
    note: fc.option(names, { nil: undefined }),
    water: fc.record({ value: fc.integer({ min: 1, max: 90 }), unit: fc.constantFrom('L', 'qt') }),
  }),
  fc.record({
    kind: fc.constant('heater'),
    name: names,
    heaterKind: fc.constantFrom('plate', 'gas', 'spirit', 'microwave', 'kettle', 'other'),
    ratedPower: fc.record({
      value: fc.integer({ min: 100, max: 9000 }),
      unit: fc.constant('W'),
      spread: fc.constantFrom(0.02, 0.1),
    }),
  }),
  fc.record({
    kind: fc.constant('consumable'),
    name: names,
    count: fc.integer({ min: 0, max: 5000 }),
    restockAt: fc.integer({ min: 0, max: 500 }),
  }),
)

describe('a shelf as a table', () => {
  it('comes back with the same things, whatever they are called', () => {
    fc.assert(
      fc.property(fc.array(things, { minLength: 1, maxLength: 8 }), all => {
        const items = all.map(thing => shelfItemSchema.parse(JSON.parse(JSON.stringify(thing))))
        const { items: read, faults } = readShelfCsv(shelfCsv(items))
        expect(faults).toEqual([])
        expect(read.map(r => r.document)).toEqual(items)
      }),
      { seed: 22, numRuns: 120 },
    )
  })
})

describe('a logbook as a table', () => {
  const staging = readStaging({ demonstration: 'can-plunge', title: 'Can' }).document
  const runs = fc.array(
    fc.record({
      outcome: fc.constantFrom('crush', 'dent', 'both', 'fill', 'nothing'),
      note: fc.option(names, { nil: '' }),
      performedAt: fc
        .integer({ min: Date.UTC(2000, 0, 1), max: Date.UTC(2060, 0, 1) })
        .map(ms => new Date(Math.floor(ms / 1000) * 1000).toISOString()),
      seen: fc.record(
        { hush: fc.record({ value: fc.integer({ min: 1, max: 900 }).map(v => v / 1000), unit: fc.constant('s') }) },
        { requiredKeys: [] },
      ),
    }),
    { minLength: 1, maxLength: 6 },
  )
  it('comes back with what was noted, seen and when', () => {
    fc.assert(
      fc.property(runs, all => {
        const logged: LoggedRun[] = all.map((run, i) => ({
          id: `00000000-0000-4000-8000-${String(i).padStart(12, '0')}`,
          staging,
          document: runSchema.parse(run),
        }))
        const { runs: read, faults } = readLogbookCsv(
          logbookCsv(logged),
          title => (title === staging.title ? staging : undefined),
          () => 'none',
        )
        expect(faults).toEqual([])
        expect(read.map(r => [r.id, r.document.note, r.document.outcome, r.document.seen])).toEqual(
          logged.map(r => [r.id, r.document.note, r.document.outcome, r.document.seen]),
        )
        expect(read.map(r => Date.parse(r.document.performedAt))).toEqual(
          logged.map(r => Date.parse(r.document.performedAt)),
        )
      }),
      { seed: 23, numRuns: 80 },
    )
  })
})

describe('readings as a table', () => {
  it('come back with each channel’s times and values', () => {
    const reading = fc.record({
      channel: fc.constantFrom('pressure' as const, 'temperature' as const),
      time: fc.integer({ min: -5000, max: 60_000 }).map(ms => ms / 1000),
      value: fc.integer({ min: 2500, max: 120_000 }),
    })
    fc.assert(
      fc.property(fc.array(reading, { minLength: 2, maxLength: 30 }), all => {
        // One value a channel and moment.
        const readings = [...new Map(all.map(r => [`${r.channel} ${r.time}`, r])).values()]
        const columns = readColumns(readingsCsv(readings))
        const { readings: read, faults } = readReadings(columns, guessMatches(columns))
        expect(faults).toEqual([])
        const sorted = (rs: typeof readings) =>
          rs.map(r => `${r.channel} ${r.time.toFixed(3)} ${r.value.toFixed(3)}`).sort()
        expect(sorted(read)).toEqual(sorted(readings))
      }),
      { seed: 24, numRuns: 80 },
    )
  })
})
