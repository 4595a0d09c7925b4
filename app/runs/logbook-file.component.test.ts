/** Runs out of a file: all of them or none, in pieces that the server takes; the whole logbook as a file. */
import { registerEndpoint } from '@nuxt/test-utils/runtime'
import fc from 'fast-check'
import { readBody } from 'h3'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import {
  logbookCsv,
  readStaging,
  runSchema,
  type LoggedRun,
  type RunDocument,
  type Sentence,
  type StagingDocument,
} from '~~/core'
import { DEMONSTRATIONS } from '~~/core/catalogue/everything'
import { downloadLogbook, inPieces, takeLogbook } from './logbook-file'

const run = (n: number, staging: StagingDocument, more: Partial<RunDocument> = {}): LoggedRun => ({
  id: `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`,
  stagingId: '5a1d0000-0000-4000-8000-000000000001',
  stagingVersion: 1,
  staging,
  document: runSchema.parse({
    ...{ performedAt: '2026-03-04T10:00:00Z', outcome: 'crush', note: `run ${n}`, used: {} },
    ...more,
  }),
})
const can = readStaging({ demonstration: 'can-plunge', title: 'Slim can', inputs: {} }).document
const file = (text: string, name = 'runs.json') => new File([text], name)
const book = (runs: unknown[]) => file(JSON.stringify({ format: 'zealous-hush/logbook', version: 1, runs }))
const told = (s: Sentence) => (typeof s === 'string' ? s : JSON.stringify(s))

const sent: LoggedRun[][] = []
let known = 0
registerEndpoint('/api/runs/import', {
  method: 'POST',
  handler: async event => {
    const { runs } = await readBody<{ runs: LoggedRun[] }>(event)
    sent.push(runs)
    return { added: runs.length - known }
  },
})
let exported: (LoggedRun & { title: string })[] = []
registerEndpoint('/api/runs/export', () => exported)
registerEndpoint('/api/stagings', { method: 'GET', handler: () => [{ id: 'here', version: 7, document: can }] })

beforeEach(() => {
  sent.length = known = 0
})
afterEach(() => vi.restoreAllMocks())

describe('runs out of a file', () => {
  it('are taken, and it is said how many were here already', async () => {
    const runs = [run(1, can), run(2, can)]
    expect(await takeLogbook(book(runs), told)).toEqual({ taken: '2 runs taken from runs.json.' })
    expect(sent).toEqual([runs])
    known = 1
    expect(await takeLogbook(book(runs), told)).toEqual({ taken: '1 run taken from runs.json; 1 were here already.' })
  })
  it.each(DEMONSTRATIONS.map(d => [d.id] as const))('%s: each end of it is one that a run may have', async id => {
    const { document, demonstration } = readStaging({ demonstration: id, title: id, inputs: {} })
    const runs = demonstration.outcomes.map((o, i) => run(i + 1, document, { outcome: o.id }))
    expect(await takeLogbook(book(runs), told)).toHaveProperty('taken')
    sent.length = 0
    const none = await takeLogbook(book([...runs, run(99, document, { outcome: 'vanishes' })]), told)
    expect(none.failure).toMatch(new RegExp(`run ${runs.length + 1}, outcome`))
    expect(sent).toEqual([])
  })
  it('of a table refer to the staging that is here', async () => {
    const csv = logbookCsv([run(1, can), run(2, can, { note: 'with, comma' })])
    expect(await takeLogbook(file(csv, 'runs.csv'), told)).toHaveProperty('taken')
    expect(sent[0]!.map(r => [r.stagingId, r.stagingVersion, r.document.note])).toEqual([
      ['here', 7, 'run 1'],
      ['here', 7, 'with, comma'],
    ])
  })
  it('of a table with one bad row are none, and the row is named', async () => {
    const [head, first] = logbookCsv([run(1, can)])
      .trim()
      .split(/\r?\n/) as [string, string]
    const taken = await takeLogbook(file([head, first, first.replace('crush', 'shrug')].join('\n'), 'runs.csv'), told)
    expect(taken.faults).toHaveLength(1)
    expect(taken.faults![0]!.line).toBe(3)
    expect(sent).toEqual([])
  })
  it.each([
    ['no JSON', file('{'), /is not JSON; accepted: a logbook as JSON or CSV/],
    ['no run', book([]), /holds no run/],
    ['another document', file('{"format":"zealous-hush/staging","version":1}'), /format: accepted/],
    ['a run without an end', book([{ ...run(1, can), document: { performedAt: '2026-03-04T10:00:00Z' } }]), /outcome/],
  ])('%s: nothing is sent, and it is said why', async (_, given, words) => {
    expect((await takeLogbook(given, told)).failure).toMatch(words)
    expect(sent).toEqual([])
  })
})

describe('pieces of a logbook', () => {
  it('hold every run once, in order, and are no larger than the server takes', () => {
    fc.assert(
      fc.property(
        fc.array(fc.nat(400), { maxLength: 60 }),
        fc.integer({ min: 1, max: 9 }),
        fc.integer({ min: 1000, max: 4000 }),
        (notes, runs, bytes) => {
          const list = notes.map((n, i) => run(i, can, { note: 'x'.repeat(n) }))
          const pieces = inPieces(list, { runs, bytes })
          expect(pieces.flat()).toEqual(list)
          for (const piece of pieces) {
            expect(piece.length).toBeGreaterThan(0)
            expect(piece.length).toBeLessThanOrEqual(runs)
            // One that is too large by itself goes alone: the server says what is wrong with it.
            if (piece.length > 1) expect(JSON.stringify(piece).length).toBeLessThan(bytes + 2000)
          }
        },
      ),
      { seed: 5, numRuns: 60 },
    )
  })
})

describe('the whole logbook', () => {
  it.each(['json', 'csv'] as const)('as %s can be read again', async kind => {
    exported = [run(1, can), run(2, can)].map(r => ({ ...r, title: 'Slim can' }))
    const given: Blob[] = []
    vi.spyOn(URL, 'createObjectURL').mockImplementation(blob => {
      given.push(blob as Blob)
      return 'blob:here'
    })
    vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(() => {})
    await downloadLogbook(kind)
    const text = await given[0]!.text()
    expect(await takeLogbook(file(text, `logbook.${kind}`), told)).toEqual({
      taken: `2 runs taken from logbook.${kind}.`,
    })
    const said = (list: readonly LoggedRun[]) =>
      list.map(({ document: d }) => [Date.parse(d.performedAt), d.outcome, d.note])
    expect(said(sent[0]!)).toEqual(said(exported))
  })
})
