/** What is to be done now: asked when something is wrong, or when it has ended otherwise than wanted. */
import { riskOf, type FailureAct, type Simulation, type Values } from '../demonstration'
import type { Sentence } from '../sentence'
import { uniformInt } from 'pure-rand/distribution/uniformInt'
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'
import { phaseOf, type PracticeAct, type Setting } from './attempt'
import { dangersOf } from './dangers'

export interface WhatNow {
  /** in the order in which they are right */ acts: readonly FailureAct[]
  /** as they are shown: `act:PLACE` in `acts`, or `danger:ID` */ options: readonly { id: string; text: Sentence }[]
}

/** Why whoever goes near too soon is hurt. */
export const NOBODY_NEAR: Sentence =
  'Nobody goes near before everybody has stood back, and the heat and the pressure are off.'
/** Dangers among what can be chosen. */
const TEMPTATIONS = 2

function shuffled<T>(list: readonly T[], seed: number): T[] {
  const random = xoroshiro128plus(seed)
  const left = [...list]
  return list.map(() => left.splice(uniformInt(random, 0, left.length - 1), 1)[0])
}

/** @param acts right ones in order; what concerns only the next time is not asked */
function questionOf(setting: Setting, done: readonly PracticeAct[], all: readonly FailureAct[]): WhatNow {
  const acts = all.filter(a => a.kind !== 'next')
  const dangers = dangersOf(setting.demonstration, setting.values, phaseOf(setting, done))
  return {
    acts,
    options: shuffled(
      [
        ...acts.map((a, i) => ({ id: `act:${i}`, text: a.text })),
        ...dangers.slice(0, TEMPTATIONS).map(d => ({ id: `danger:${d.id}`, text: d.words })),
      ],
      setting.seed,
    ),
  }
}

/** What is asked once the trouble shows; undefined where it only has to be borne with. */
export function questionInTrouble(setting: Setting, done: readonly PracticeAct[]): WhatNow | undefined {
  const acts = setting.trouble?.doNow?.(setting.values)
  return acts && questionOf(setting, done, acts)
}

/** What is asked when it has ended otherwise than wanted. */
export function questionAfter(
  setting: Setting,
  done: readonly PracticeAct[],
  values: Values,
  run: Simulation,
): WhatNow | undefined {
  const { demonstration } = setting
  return run.outcome === demonstration.wanted
    ? undefined
    : questionOf(setting, done, demonstration.afterFailure(values, run, riskOf(run), run.outcome))
}

/** Places of the acts that were answered, in the order in which they were. */
export const answersOf = (done: readonly PracticeAct[]): number[] =>
  done.filter(a => a.kind === 'answer').map(a => Number(a.id))

/** What has to come before somebody looks in and touches, and before somebody comes to take the pressure off. */
const BEFORE: Readonly<Partial<Record<FailureAct['kind'], readonly FailureAct['kind'][]>>> = {
  'near': ['stand-back', 'wait', 'heat-off', 'pressure-off'],
  'pressure-off': ['stand-back'],
}

/** Why choosing an act now hurts somebody; undefined if it does not. @param given places that were answered before */
export function hurtBy({ acts }: WhatNow, given: readonly number[], place: number): Sentence | undefined {
  const kind = acts[place]?.kind
  const before = kind && BEFORE[kind]
  if (!before) return undefined
  const first = acts.findIndex(a => a.kind === kind)
  const missing = acts.some((a, i) => i < first && before.includes(a.kind) && !given.includes(i))
  return missing ? NOBODY_NEAR : undefined
}

export const isAnswered = ({ acts }: WhatNow, given: readonly number[]): boolean =>
  acts.every((_, i) => given.includes(i))

/**
 * True where the pressure was taken off with the heat or the pump still on. Another order of what is not near hurts
 * nobody, and is not held against anybody.
 */
export const outOfOrder = (acts: readonly FailureAct[], given: readonly number[]): boolean =>
  given.some(
    (place, i) =>
      acts[place]?.kind === 'pressure-off' &&
      given.slice(i + 1).some(later => later < place && acts[later]?.kind === 'heat-off'),
  )
