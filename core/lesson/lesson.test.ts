/** A lesson over wishes of all kinds: what it may never do, and that it tells why. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { DEMONSTRATIONS } from '../catalogue/everything'
import { EQUIPMENT_IDS } from '../demonstration'
import { usualStaging } from '../formats'
import { firstPlan } from '../running-order'
import { LESSON_TIMES, LESSON_TOPICS, aimOf, chooseLesson, lessonCandidate, lessonTalk, type LessonWish } from '.'

const CANDIDATES = DEMONSTRATIONS.flatMap(d => {
  const { values } = usualStaging(d, {})
  return lessonCandidate(d, values, d.simulate(values, 'trace')) ?? []
})
const byId = new Map(CANDIDATES.map(c => [c.id, c]))
const wishes = fc.record(
  {
    topic: fc.constantFrom(...LESSON_TOPICS),
    age: fc.integer({ min: 5, max: 18 }),
    minutes: fc.integer({ min: 5, max: 120 }),
    things: fc.subarray(EQUIPMENT_IDS),
    stage: fc.record({
      heaters: fc.integer({ min: 0, max: 3 }),
      hands: fc.integer({ min: 1, max: 3 }),
      before: fc.constantFrom(0, 600),
    }),
    leaveOut: fc.subarray(CANDIDATES.map(c => c.id)),
  },
  { requiredKeys: ['age', 'minutes', 'things', 'stage'] },
)
const all: LessonWish = { age: 12, minutes: 45, things: EQUIPMENT_IDS, stage: { heaters: 2, hands: 2, before: 600 } }

describe('a lesson', () => {
  it('shows what suits the age, of the topic, with what is there, in the minutes there are', () => {
    fc.assert(
      fc.property(wishes, wish => {
        const { acts, length, also, leftOut } = chooseLesson(CANDIDATES, wish)
        expect(acts.length).toBeLessThanOrEqual(4)
        expect(length).toBeLessThanOrEqual(wish.minutes * 60)
        for (const { id } of acts) {
          const c = byId.get(id)!
          expect(wish.age).toBeGreaterThanOrEqual(c.ages[0])
          expect(wish.age).toBeLessThanOrEqual(c.ages[1])
          if (wish.topic) expect(c.topics).toContain(wish.topic)
          for (const thing of c.needs) expect(wish.things).toContain(thing)
          expect(wish.leaveOut ?? []).not.toContain(id)
        }
        // Every demonstration is in it, would do, or is told why not: each once.
        const told = [...acts.map(a => a.id), ...also, ...leftOut.map(l => l.id)]
        expect(told.sort()).toEqual(CANDIDATES.map(c => c.id).sort())
        // Where something would do, something is shown.
        if (also.length > 0) expect(acts.length).toBeGreaterThan(0)
      }),
      { numRuns: 150, seed: 7 },
    )
  })
  it('can be performed as it is told: its own plan ends in time for the reason and the end', () => {
    fc.assert(
      fc.property(wishes, wish => {
        const { acts, length } = chooseLesson(CANDIDATES, wish)
        if (acts.length === 0) return
        const plan = firstPlan(acts, wish.stage)!
        expect(plan.at(-1)!.done + LESSON_TIMES.explain + LESSON_TIMES.closing).toBeCloseTo(length, 6)
        acts.forEach((act, place) => expect(act.talk).toBe(lessonTalk(place)))
      }),
      { numRuns: 60, seed: 8 },
    )
  })
  it('misses nothing by more things or more time, and is the same each time', () => {
    fc.assert(
      fc.property(wishes, wish => {
        const able = (w: LessonWish) => {
          const { acts, also } = chooseLesson(CANDIDATES, w)
          return new Set([...acts.map(a => a.id), ...also])
        }
        const more = able({ ...wish, things: EQUIPMENT_IDS, minutes: wish.minutes + 30 })
        for (const id of able(wish)) expect(more).toContain(id)
        expect(chooseLesson(CANDIDATES, wish).acts).toEqual(chooseLesson([...CANDIDATES].reverse(), wish).acts)
      }),
      { numRuns: 40, seed: 9 },
    )
  })
  it('takes what must be in it, and fills the rest with other sides of the topic', () => {
    const { acts } = chooseLesson(CANDIDATES, { ...all, topic: 'air pressure', take: ['card-and-glass'] })
    expect(acts.map(a => a.id)).toContain('card-and-glass')
    expect(acts.length).toBeGreaterThan(1)
    const families = new Set(acts.map(a => byId.get(a.id)!.family))
    expect(families.size).toBeGreaterThanOrEqual(3)
  })
  it('offers nothing that burns vapour, and no drum, unless it is ticked', () => {
    const { acts, also } = chooseLesson(CANDIDATES, {
      ...all,
      age: 16,
      things: EQUIPMENT_IDS.filter(t => t !== 'fuel' && t !== 'drum'),
    })
    for (const id of [...acts.map(a => a.id), ...also])
      expect(['canister-pop', 'bottle-line', 'sealed-drum', 'drum-reinflate']).not.toContain(id)
  })
  it('says which things are missing, and that a heater is where there is none free', () => {
    const { leftOut } = chooseLesson(CANDIDATES, { ...all, things: ['can', 'heater'] })
    expect(leftOut.find(l => l.id === 'egg-in-bottle')).toEqual({
      id: 'egg-in-bottle',
      why: 'things',
      missing: ['glass-bottle', 'eggs', 'flame'],
    })
    const without = chooseLesson(CANDIDATES, { ...all, stage: { ...all.stage, heaters: 0 } })
    expect(without.leftOut).toContainEqual({ id: 'can-plunge', why: 'things', missing: ['heater'] })
  })
  it('has an aim for every topic of the gallery', () => {
    const topics = new Set(DEMONSTRATIONS.flatMap(d => d.gallery.topics))
    expect([...topics].sort()).toEqual([...LESSON_TOPICS].sort())
    for (const topic of LESSON_TOPICS) expect(aimOf(topic)).toMatch(/^Pupils can .+\.$/)
  })
})
