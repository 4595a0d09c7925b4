import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { DEMONSTRATIONS } from '../catalogue/everything'
import { gatesOf, MARKS, resolve } from '../demonstration'
import { canPlunge } from '../catalogue/steam/can-plunge'
import { sealedDrum } from '../catalogue/steam/sealed-drum'
import { StagingSample } from '../forecast'
import { focusOf } from './agenda'
import { countdowns } from './countdowns'
import { METRIC, tell, type Sentence } from '../sentence'
import { afterwards, cuesOf, placeIn, refusalOfMark, wantedNow } from './cues'
import { follow, givenNow, seenNow } from './following'
import { countingMarks, joinMarks, storyOf, type Mark } from './marks'
import { measuredBy } from './timings'

const words = (sentence: Sentence): string => tell(sentence, METRIC)
const plain = { numbers: {}, choices: {}, spreads: {} }
let made = 0
const mark = (kind: Mark['kind'], at: number, value?: string, act = 'a'): Mark => ({
  id: `m${String(made++).padStart(6, '0')}`,
  act,
  kind,
  at,
  ...(value && { value }),
})
const valuesOf = (demonstration = canPlunge) => resolve(demonstration, plain).values
const played = (demonstration = canPlunge) => demonstration.simulate(valuesOf(demonstration), 'trace')

describe('marks', () => {
  it('are not lost to an answer that was asked for before they were sent', () => {
    const [early, late] = [mark('heat-on', 1000), mark('sealed', 5000)]
    const afterSending = joinMarks([early], [early, late])
    expect(joinMarks(afterSending, [early])).toEqual([early, late])
  })
  it('tell one story however they arrive: in any order, twice, from two devices', () => {
    const marks = [
      mark('heat-on', 1000),
      mark('plume', 31000),
      mark('plume', 32500),
      mark('gate', 60000, 'lift'),
      mark('lifted', 61000),
      mark('sealed', 62500),
    ]
    const told = storyOf(marks, 'a').times
    expect(told).toEqual({ 'heat-on': 1000, 'plume': 31000, 'lifted': 61000, 'sealed': 62500 })
    fc.assert(
      fc.property(fc.shuffledSubarray([...marks, ...marks], { minLength: 12, maxLength: 12 }), some => {
        expect(storyOf(some, 'a').times).toEqual(told)
      }),
      { seed: 3, numRuns: 50 },
    )
  })
  it('are taken back with what the other device marked of the same moment, and can be made again', () => {
    const first = mark('sealed', 5000)
    const marks = [first, mark('sealed', 6200), mark('undo', 9000, first.id), mark('sealed', 20000)]
    expect(storyOf(marks, 'a').times.sealed).toBe(20000)
    expect(countingMarks(marks)).toHaveLength(1)
  })
  it('measure the inputs and results that they stand between, a sped-up clock included', () => {
    const story = storyOf(
      [mark('heat-on', 0), mark('plume', 3000), mark('lifted', 5000), mark('sealed', 5200), mark('gone', 5300)],
      'a',
    )
    expect(measuredBy(canPlunge, story, 10)).toEqual({
      inputs: { purgeTime: 20, transferTime: 2 },
      results: { timeToPlume: 30, hush: 1 },
    })
  })
})

describe('cues', () => {
  it('lead every demonstration from its first step to a hush, one thing at a time, past every gate', () => {
    for (const demonstration of DEMONSTRATIONS) {
      const simulation = played(demonstration)
      const cues = cuesOf(demonstration, simulation, valuesOf(demonstration))
      expect(
        cues.flatMap(c => c.marks).filter(m => m === 'sealed'),
        demonstration.id,
      ).toEqual(['sealed'])
      expect([...cues.map(c => c.step), ...afterwards(demonstration)], demonstration.id).toEqual(
        demonstration.procedure,
      )
      const marks: Mark[] = []
      for (let i = 0; i < 40; i++) {
        const wanted = wantedNow(cues, storyOf(marks, 'a'))
        if (!wanted) break
        if (wanted.kind === 'mark')
          expect(refusalOfMark(cues, storyOf(marks, 'a'), wanted.value as never), demonstration.id).toBeUndefined()
        marks.push(wanted.kind === 'mark' ? mark(wanted.value as Mark['kind'], i) : mark(wanted.kind, i, wanted.value))
      }
      const story = storyOf(marks, 'a')
      expect(story.times.sealed, demonstration.id).toBeDefined()
      expect([...story.gates].sort()).toEqual(
        gatesOf(demonstration, valuesOf(demonstration))
          .map(g => g.step)
          .filter(s => cues.some(c => c.step.id === s))
          .sort(),
      )
      expect(placeIn(cues, story)).toBe(cues.length)
      expect(refusalOfMark(cues, story, 'gone')).toBeUndefined()
    }
  })
  it('ask for nothing that this way of doing it does not bring', () => {
    const pack = DEMONSTRATIONS.find(d => d.id === 'soft-pack')!
    const stepsOf = (where: string) =>
      gatesOf(pack, resolve(pack, { numbers: {}, choices: { where } }).values).map(g => g.step)
    expect(stepsOf('jar')).toEqual(['jar', 'pump'])
    expect(stepsOf('cabin')).toEqual([])
  })
  it('never let a vessel be marked sealed before somebody has confirmed that the heat is off', () => {
    const cues = cuesOf(sealedDrum, played(sealedDrum), valuesOf(sealedDrum))
    const story = storyOf(
      [mark('gate', 0, 'charge'), mark('gate', 0, 'heat'), mark('heat-on', 0), mark('plume', 1)],
      'a',
    )
    expect(words(refusalOfMark(cues, story, 'sealed')!)).toMatch(/First confirm: Heat off/)
    // What is past is past: a gate before an act that has begun is not asked for again.
    expect(
      words(
        refusalOfMark(cues, storyOf([mark('gate', 0, 'heat'), mark('heat-on', 0), mark('plume', 1)], 'a'), 'sealed')!,
      ),
    ).toMatch(/First confirm: Heat off/)
    expect(words(refusalOfMark(cues, storyOf([], 'a'), 'heat-on')!)).toMatch(/First confirm: A drum whose history/)
    expect(refusalOfMark(cues, storyOf([], 'a'), 'gone')).toBe('The hush has not begun.')
    expect(refusalOfMark(cues, story, 'plume')).toBe('That is marked already.')
  })
  it('show the act in hand before one whose heater is due, and that before the next in order', () => {
    const acts = (a: Mark[], b: Mark[]) => [
      { id: 'a', story: storyOf(a, 'a'), heatOn: -100 },
      {
        id: 'b',
        story: storyOf(
          b.map(m => ({ ...m, act: 'b' })),
          'b',
        ),
        heatOn: 200,
      },
    ]
    expect(focusOf(acts([], []), 0)).toBe('a')
    expect(focusOf(acts([mark('heat-on', 0)], []), 190)).toBe('b')
    expect(focusOf(acts([mark('heat-on', 0), mark('lifted', 5)], []), 300)).toBe('a')
    expect(focusOf(acts([mark('closed', 9, 'logged')], [mark('closed', 9, 'skipped')]), 300)).toBeUndefined()
  })
})

describe('the forecast of a running act', () => {
  const nominal = played()
  const { timeToPlume } = nominal.results
  const sampleFor = (marks: Mark[]) => {
    const given = givenNow(canPlunge, plain, storyOf(marks, 'a'))
    const sample = new StagingSample(canPlunge, given, 600)
    sample.advance(600)
    return { given, sample }
  }
  it('takes a late plume for less heat, and is ready later', () => {
    const at = (factor: number) => {
      const marks = [mark('heat-on', 0), mark('plume', factor * timeToPlume! * 1000)]
      const { given, sample } = sampleFor(marks)
      const followed = follow(sample, given, seenNow(canPlunge, storyOf(marks, 'a'), 40000))
      const simulation = canPlunge.simulate(followed.values, 'summary')
      return { followed, counts: countdowns(canPlunge, followed.values, simulation, followed, storyOf(marks, 'a')) }
    }
    const [early, late] = [at(0.95), at(1.5)]
    expect(late.followed.heat).toBeLessThan(0.85)
    expect(early.followed.heat).toBeGreaterThan(late.followed.heat! + 0.1)
    const ready = (x: ReturnType<typeof at>) => x.counts.find(c => c.id === 'ready')!.at
    const dry = (x: ReturnType<typeof at>) => x.counts.find(c => c.id === 'dry')!.at
    expect(ready(late)).toBeGreaterThan(ready(early) + 5000)
    expect(dry(late)).toBeGreaterThan(dry(early))
    expect(late.counts.find(c => c.id === 'dry')!.danger).toBe(true)
  })
  it('counts what has not happened yet: the longer the hush, the worse the odds', () => {
    const marks = [mark('heat-on', 0), mark('plume', timeToPlume! * 1000), mark('lifted', 54000), mark('sealed', 58500)]
    const story = storyOf(marks, 'a')
    const { given, sample } = sampleFor(marks)
    expect(given.numbers.transferTime).toBe(4.5)
    const odds = (since: number) =>
      follow(sample, given, seenNow(canPlunge, story, 58500 + since * 1000)).forecast.shares.crush
    expect(odds(3)).toBeLessThan(odds(0))
    const tooLate = follow(sample, given, { readings: {}, atLeast: { hush: 1e6, timeToPlume: 1e6 } })
    expect([tooLate.matches, tooLate.asSealed.samples]).toEqual([false, 600])
    expect(
      countdowns(
        canPlunge,
        follow(sample, given, seenNow(canPlunge, story, 58500)).values,
        nominal,
        undefined,
        story,
      ).map(c => c.id),
    ).toContain('give-up')
  })
})

it('marks are the ones that a run keeps', () => {
  expect(new Set(DEMONSTRATIONS.flatMap(d => d.procedure.flatMap(s => s.marks ?? [])))).toEqual(
    new Set(MARKS.slice(0, 4)),
  )
})
