import '../catalogue/everything'
import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { loggedRunSchema, logbookCsv, logbookSchema, readLogbookCsv, type LoggedRun } from './logbook'
import { keptReadings, runSchema } from './run'
import { readingsOf } from './run-reading'
import { stagingSchema, type StagingDocument } from './staging'

const demo = (name: string) => JSON.parse(readFileSync(`db/demo/${name}.json`, 'utf8'))
const stagings: StagingDocument[] = demo('stagings').map((s: { versions: unknown[] }) =>
  stagingSchema.parse(s.versions.at(-1)),
)
const byId = new Map(demo('stagings').map((s: { id: string; versions: unknown[] }) => [s.id, s.versions]))
const runs: LoggedRun[] = demo('runs').map(
  (r: { id: string; stagingId: string; stagingVersion: number; document: unknown }) =>
    loggedRunSchema.parse({
      id: r.id,
      staging: (byId.get(r.stagingId) as unknown[])[r.stagingVersion - 1],
      document: r.document,
    }),
)
const stagingOf = (title: string) => stagings.find(s => s.title === title)

describe('the logbook as a file', () => {
  it('holds every run as JSON, marks, readings and votes included', () => {
    const again = logbookSchema.parse(JSON.parse(JSON.stringify({ runs })))
    expect(again.runs).toEqual(runs)
    expect(
      runs.some(r => r.document.readings) && runs.some(r => r.document.vote) && runs.some(r => r.document.marks),
    ).toBe(true)
  })
  it('holds what was seen and used as CSV, each with its unit, and is read again as the same', () => {
    const { runs: read, faults } = readLogbookCsv(logbookCsv(runs), stagingOf, () => 'none')
    expect(faults).toEqual([])
    expect(read.map(r => r.id)).toEqual(runs.map(r => r.id))
    for (const [i, { document }] of read.entries()) {
      const before = runs[i].document
      expect([document.outcome, document.note, Date.parse(document.performedAt)]).toEqual([
        before.outcome,
        before.note,
        Date.parse(before.performedAt),
      ])
      // A spread has no place in a cell; values and units are what they were.
      const bare = (part: Record<string, unknown>) =>
        Object.fromEntries(
          Object.entries(part).map(([id, q]) => [
            id,
            typeof q === 'string' ? q : { value: (q as { value: number }).value, unit: (q as { unit?: string }).unit },
          ]),
        )
      expect(bare(document.seen)).toEqual(bare(before.seen))
      expect(bare(document.used)).toEqual(bare(before.used))
    }
  })
  it('names the line, the column, what was given and what is accepted', () => {
    const rows = [
      'performedAt,staging,outcome,seen.hush,used.wings',
      '2026-11-02T10:00,"Oil tin, poured",crush,3 s,',
      'soon,"Oil tin, poured",flies,3 kg,2',
      '2026-11-02T10:00,Nobody’s,crush,,',
    ]
    const { runs: good, faults } = readLogbookCsv(
      rows.join('\n'),
      stagingOf,
      () => '5a1d0000-0000-4000-8000-00000000ffff',
    )
    expect(good).toHaveLength(1)
    expect(good[0].document.seen).toEqual({ hush: { value: 3, unit: 's' } })
    expect(faults.map(f => `${f.line} ${f.column}`)).toEqual([
      '3 performedAt',
      '3 seen.hush',
      '3 used.wings',
      '3 outcome',
      '4 staging',
    ])
    expect(faults[3].message).toBe('given "flies"; accepted: crush, dent, stand')
    expect(readLogbookCsv('a,b\n1,2', stagingOf, () => '').faults.map(f => f.column)).toEqual([
      'performedAt',
      'staging',
      'outcome',
      'a',
      'b',
    ])
  })
})

describe('readings in a run', () => {
  it('count from the seal, and are thinned out evenly where there are too many', () => {
    const many = Array.from({ length: 9000 }, (_, i) => ({
      channel: 'pressure' as const,
      time: i * 0.01,
      value: 87000 - i,
    }))
    const kept = keptReadings(many, 30)
    expect(kept.pressure!.time).toHaveLength(3000)
    expect([kept.pressure!.time[0], kept.pressure!.time.at(-1)]).toEqual([-30, 59.97])
    const run = runSchema.parse({ performedAt: '2026-11-02T10:00:00Z', outcome: 'crush', readings: kept })
    expect(readingsOf(run)[1]).toEqual({ channel: 'pressure', time: -29.97, value: 86997 })
  })
})
