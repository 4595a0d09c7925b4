import '../catalogue/everything'
import { describe, expect, it } from 'vitest'
import { StagingSample, summarise } from '../forecast'
import { storyOf, type Mark } from '../live'
import { checkRun, keptOnsets, runSchema } from './run'
import { runFromShow } from './run-from-show'
import { observationOf } from './run-reading'
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
  it('has what a microphone heard instead of what a thumb marked', () => {
    const hush = { value: 0.212, unit: 's', spread: { value: 0.003, unit: 's' } }
    const heard = runFromShow({
      show: document,
      act: document.acts[0],
      read,
      story: storyOf(marks, 'can'),
      readings: [],
      readingsFrom: '',
      votes: {},
      note: '',
      // A can has no panels that talk: a pop of it is no result.
      heard: { hush, pop: hush, document: { from: 'the microphone', onsets: [] } },
    })
    expect(heard.seen.hush).toEqual(hush)
    expect(Object.values(heard.seen).filter(q => q.value === 0.212)).toHaveLength(1)
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
  it('takes the hush from the ear where there is one, and what runs teach is as sure as that', () => {
    const story = storyOf([...marks.slice(0, 4), mark('gone', 64500), mark('outcome', 66000, 'crush')], 'can')
    const given = {
      show: document,
      act: document.acts[0],
      read,
      story,
      readings: [],
      readingsFrom: '',
      votes: {},
      note: '',
    }
    const byThumb = observationOf(read, runFromShow(given)).readings.hush
    expect(byThumb).toEqual({ value: 0.5, uncertainty: 0.3 })
    const onsets = [0.7, 2, 2.112].map(time => ({ time, uncertainty: 0.002, strength: 2, loudness: 0.1 }))
    const heard = runFromShow({
      ...given,
      heard: {
        hush: { value: 0.112, unit: 's', spread: { value: 0.003, unit: 's' } },
        document: keptOnsets('microphone', onsets, 2),
      },
    })
    checkRun(document.acts[0].staging, runSchema.parse(heard))
    expect(observationOf(read, heard).readings.hush).toEqual({ value: 0.112, uncertainty: 0.003 })
    expect(heard.heard!.onsets.map(o => o.time)).toEqual([-1.3, 0, 0.112])
  })
})
