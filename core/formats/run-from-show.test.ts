import '../catalogue/everything'
import { describe, expect, it } from 'vitest'
import { StagingSample, summarise } from '../forecast'
import { storyOf, type Mark } from '../live'
import { checkRun, runSchema } from './run'
import { runFromShow } from './run-from-show'
import { showSchema } from './show'
import { readStaging } from './staging'

const staging = {
  demonstration: 'can-plunge',
  title: 'Slim can',
  inputs: { stationPressure: { value: 870, unit: 'hPa' }, purgeTime: { value: 30, unit: 's' } },
}
const ID = '5a1d0000-0000-4000-8000-00000000000'
const show = (more: object = {}) =>
  showSchema.parse({
    title: 'Evening',
    acts: [{ id: 'can', run: `${ID}a`, stagingId: `${ID}b`, stagingVersion: 1, staging }],
    ...more,
  })
const mark = (kind: Mark['kind'], at: number, value?: string): Mark => ({
  id: `${kind}${at}`,
  act: 'can',
  kind,
  at,
  ...(value && { value }),
})
const marks = [
  mark('heat-on', 1000),
  mark('plume', 27000),
  mark('lifted', 61500),
  mark('sealed', 64000),
  mark('nothing', 90000),
  mark('outcome', 90001, 'nothing'),
  mark('outcome', 95000, 'fill'),
]

describe('an act that was performed', () => {
  const document = show()
  const read = readStaging(staging)
  const sample = new StagingSample(read.demonstration, read.given, 40)
  sample.advance(40)
  const run = runFromShow({
    show: document,
    act: document.acts[0],
    read,
    story: storyOf(marks, 'can'),
    readingsFrom: 'simulated',
    votes: { crush: 3, dent: 0, fill: 1, nothing: 0 },
    note: 'It drank.',
    forecast: summarise(sample),
    readings: [
      { channel: 'pressure', time: 63, value: 87000 },
      { channel: 'pressure', time: 65.5, value: 86000 },
    ],
  })
  it('becomes a run that says what was used, seen, voted, forecast and read, and fits its staging', () => {
    expect(run.outcome).toBe('fill')
    expect(run.used).toEqual({
      stationPressure: { value: 870, unit: 'hPa' },
      purgeTime: { value: 34.5, unit: 's', spread: { value: 0.3, unit: 's' } },
      transferTime: { value: 2.5, unit: 's', spread: { value: 0.3, unit: 's' } },
    })
    expect(run.seen.timeToPlume).toMatchObject({ value: 26, unit: 's' })
    expect(run.seen.hush).toBeUndefined()
    expect(run.marks!.map(m => m.kind)).toEqual(['heat-on', 'plume', 'lifted', 'sealed', 'nothing'])
    expect(run.readings!.pressure).toEqual({ time: [-1, 1.5], value: [87000, 86000] })
    expect(run.performedAt).toBe(new Date(64000).toISOString())
    expect(Object.values(run.forecast!.outcomes).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9)
    expect(runSchema.parse(JSON.parse(JSON.stringify(run)))).toEqual(run)
    expect(() => checkRun(document.acts[0].staging, run)).not.toThrow()
  })
  it('is one of a rehearsal with its times on the show’s clock', () => {
    const fast = show({ rehearsal: true, speed: 10 })
    const rehearsed = runFromShow({
      show: fast,
      act: fast.acts[0],
      read,
      story: storyOf(marks, 'can'),
      readings: [],
      readingsFrom: '',
      votes: {},
      note: '',
    })
    expect(rehearsed).toMatchObject({ rehearsal: true, speed: 10, used: { transferTime: { value: 25 } } })
    expect([rehearsed.vote, rehearsed.readings, rehearsed.forecast]).toEqual([undefined, undefined, undefined])
    expect(showSchema.safeParse({ ...fast, rehearsal: false }).success).toBe(false)
  })
})
