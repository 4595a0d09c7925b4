/**
 * A lesson from what there is: one to four demonstrations of a topic that suit an age and fit into the minutes, chosen
 * so that they show the topic from different sides and bring out as many wrong ideas as they can.
 */
import type { Equipment } from '../demonstration'
import { firstPlan, type Act, type Stagecraft } from '../running-order'
import type { LessonCandidate } from './candidate'

export interface LessonWish {
  /** left out: any */ topic?: string
  /** years */ age: number
  /** of the lesson, from its first word to its last */ minutes: number
  things: readonly Equipment[]
  stage: Stagecraft
  /** ids of demonstrations that must be in it, and that must not */
  take?: readonly string[]
  leaveOut?: readonly string[]
}

export type LeftOut =
  | { id: string; why: 'age' | 'topic' | 'left-out' | 'time' }
  | { id: string; why: 'things'; missing: readonly Equipment[] }

export interface ChosenLesson {
  /** in the order in which they are shown */ acts: readonly Act[]
  /** s, with beginning and end */ length: number
  /** would do as well, and fit on their own */ also: readonly string[]
  leftOut: readonly LeftOut[]
}

/** s: words at the beginning of the lesson; before each demonstration, predicting; after it, explaining; at the end. */
export const LESSON_TIMES = { opening: 180, predict: 180, explain: 300, closing: 240 } as const
const MOST_DEMONSTRATIONS = 4
/** Candidates that are combined: more of them would all be of the same kind. */
const MOST_COMBINED = 12

/** What a sequence is worth: each side of the topic and each wrong idea once; the main topic more than a side topic. */
const WORTH = { family: 1.5, idea: 1, mainTopic: 2, sideTopic: 0.5, sameThings: -1, time: 2 }

/** s of talk before a demonstration: words at the beginning or the reason of the one before, and predicting. */
export const lessonTalk = (place: number): number =>
  (place === 0 ? LESSON_TIMES.opening : LESSON_TIMES.explain) + LESSON_TIMES.predict

/** What needs no heater comes first: meanwhile the others get hot. */
const inOrder = (set: readonly LessonCandidate[]): Act[] =>
  [...set]
    .sort((a, b) => a.act.heating - b.act.heating || a.act.show - b.act.show || a.id.localeCompare(b.id))
    .map(({ id, name, act }, place) => ({ ...act, id, title: name, talk: lessonTalk(place) }))

/** s; undefined where it can't be performed */
function lengthOf(acts: readonly Act[], stage: Stagecraft): number | undefined {
  const plan = firstPlan(acts, stage)
  return plan && (plan.at(-1)?.done ?? 0) + LESSON_TIMES.explain + LESSON_TIMES.closing
}

function worthOf(set: readonly LessonCandidate[], topic: string | undefined): number {
  const ideas = new Set(set.flatMap(c => c.wrongIdeas))
  const families = new Set(set.map(c => c.family))
  const things = set.map(c => [...c.needs].sort().join())
  const topics = set.map(c => {
    const at = topic === undefined ? 0 : c.topics.indexOf(topic)
    return at < 2 ? WORTH.mainTopic : WORTH.sideTopic
  })
  return (
    WORTH.family * families.size +
    WORTH.idea * ideas.size +
    WORTH.sameThings * (things.length - new Set(things).size) +
    topics.reduce((a, b) => a + b, 0)
  )
}

/** Why a demonstration is not to be had for such a lesson at all. */
function obstacle(c: LessonCandidate, wish: LessonWish): LeftOut | undefined {
  const missing = c.needs.filter(thing => !wish.things.includes(thing))
  if (wish.leaveOut?.includes(c.id)) return { id: c.id, why: 'left-out' }
  if (wish.age < c.ages[0] || wish.age > c.ages[1]) return { id: c.id, why: 'age' }
  if (wish.topic !== undefined && !c.topics.includes(wish.topic)) return { id: c.id, why: 'topic' }
  return missing.length > 0 ? { id: c.id, why: 'things', missing } : undefined
}

/** Every set of one to so many. */
function* setsOf<T>(all: readonly T[], most: number, from = 0): Generator<T[]> {
  for (let i = from; i < all.length; i++) {
    yield [all[i]]
    if (most > 1) for (const rest of setsOf(all, most - 1, i + 1)) yield [all[i], ...rest]
  }
}

/** @returns no acts where nothing fits: `leftOut` tells why */
export function chooseLesson(candidates: readonly LessonCandidate[], wish: LessonWish): ChosenLesson {
  const { stage, topic, minutes, take = [] } = wish
  const leftOut: LeftOut[] = []
  const able: LessonCandidate[] = []
  for (const c of candidates) {
    const why = obstacle(c, wish)
    const length = why ? undefined : lengthOf(inOrder([c]), stage)
    if (why) leftOut.push(why)
    else if (length === undefined && stage.heaters === 0) leftOut.push({ id: c.id, why: 'things', missing: ['heater'] })
    else if (length === undefined || length > minutes * 60) leftOut.push({ id: c.id, why: 'time' })
    else able.push(c)
  }
  const must = able.filter(c => take.includes(c.id))
  const free = able
    .filter(c => !take.includes(c.id))
    .sort((a, b) => worthOf([b], topic) - worthOf([a], topic) || a.id.localeCompare(b.id))
    .slice(0, MOST_COMBINED)
  let best: { worth: number; acts: Act[]; length: number } | undefined
  const weigh = (set: readonly LessonCandidate[]) => {
    const acts = inOrder(set)
    const length = lengthOf(acts, stage)
    if (length === undefined || length > minutes * 60) return
    const worth = worthOf(set, topic) + WORTH.time * (length / (minutes * 60))
    if (!best || worth > best.worth + 1e-9) best = { worth, acts, length }
  }
  if (must.length > 0) weigh(must)
  for (const set of setsOf(free, MOST_DEMONSTRATIONS - must.length)) weigh([...must, ...set])
  const chosen = best?.acts.map(a => a.id) ?? []
  return {
    acts: best?.acts ?? [],
    length: best?.length ?? 0,
    also: able.filter(c => !chosen.includes(c.id)).map(c => c.id),
    leftOut,
  }
}
