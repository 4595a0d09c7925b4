/** What a lesson needs to know of a demonstration: nothing of it is simulated to choose it. */
import type { Demonstration, Family, Equipment, Traced, Values } from '../demonstration'
import { timesOf, type ActTimes } from '../running-order'
import { keyOf } from '../sentence'

export interface LessonCandidate {
  id: string
  name: string
  family: Family
  topics: readonly string[]
  /** ages that it suits and may watch it */ ages: readonly [from: number, to: number]
  needs: readonly Equipment[]
  /** ideas that it brings out, each by its kind or its own words */ wrongIdeas: readonly string[]
  act: ActTimes
}

/** @param simulation with usual values in the room that it is taught in */
export function lessonCandidate(
  demonstration: Demonstration,
  values: Values,
  simulation: Traced,
): LessonCandidate | undefined {
  const { id, name, gallery, people, teaching } = demonstration
  // What is only told of is no part of a sequence of things that are done.
  if (gallery.whatIf) return undefined
  return {
    id,
    name,
    family: gallery.family,
    topics: gallery.topics,
    ages: [Math.max(gallery.ages[0], people.watches), gallery.ages[1]],
    needs: gallery.needs,
    wrongIdeas: teaching.wrongIdeas.map(w => w.kin ?? keyOf(w.idea)),
    act: timesOf(demonstration, values, simulation),
  }
}
