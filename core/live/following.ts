/** The forecast of an act while it runs: what was marked is known now, and what has not happened yet counts too. */
import { resolve, type Demonstration, type Given, type Values } from '../demonstration'
import { summarise, weigh, type Forecast, type Observation, type StagingSample } from '../forecast'
import type { ActStory } from './marks'
import { measuredBy, THUMB } from './timings'

/** When a plume "first looks steady" is a judgement: relative and least uncertainty, s. Assumption. */
const PLUME = { relative: 0.05, least: 2 }
const ENOUGH = 40

export interface Followed {
  forecast: Forecast
  /** the same without what has not happened yet: what is counted against */ asSealed: Forecast
  /** of the heat that was reckoned with, how much seems to come; undefined before the plume */ heat?: number
  /** readings had to be taken this many times less exactly; 1 is as they are */ stretched: number
  /** false: no computed staging is like this by now, so that the forecast says nothing any more */ matches: boolean
  /** the plan's numbers as they are now believed */ values: Values
}

/** The plan with what the marks have measured put in. */
export function givenNow(demonstration: Demonstration, given: Given, story: ActStory, speed = 1): Given {
  const { inputs } = measuredBy(demonstration, story, speed)
  const spreads = { ...given.spreads }
  for (const id of Object.keys(inputs)) spreads[id] = { shape: 'normal', absolute: THUMB }
  return { ...given, numbers: { ...given.numbers, ...inputs }, spreads }
}

/** What has been seen so far, and what has not happened for as long. @param now ms on the clock of the marks */
export function seenNow(demonstration: Demonstration, story: ActStory, now: number, speed = 1): Observation {
  const { results } = measuredBy(demonstration, story, speed)
  const atLeast: Record<string, number> = {}
  const seen: Observation = { readings: {}, atLeast }
  const { times } = story
  for (const { id, measuredBy: marks } of demonstration.results) {
    if (!marks) continue
    const [from, to] = marks
    const began = times[from]
    if (to === 'plume' && results[id] !== undefined) {
      seen.readings[id] = { value: results[id], uncertainty: Math.max(PLUME.least, PLUME.relative * results[id]) }
    }
    // Neither has it come, nor has anybody ended the wait for it.
    const waitedFor = times[to] === undefined && times[to === 'plume' ? 'lifted' : 'nothing'] === undefined
    const waited = began === undefined ? 0 : ((now - began) / 1000) * speed
    if (waitedFor && waited > 0) atLeast[id] = waited
  }
  return seen
}

/**
 * Weighs a finished sample of `givenNow` by what was seen so far.
 * @param sample all its samples done
 */
export function follow(sample: StagingSample, given: Given, seen: Observation): Followed {
  const { demonstration } = sample
  const weights = weigh(sample, seen, ENOUGH)
  const usable = weights.sum > 0
  const marked = weigh(sample, { readings: seen.readings }, ENOUGH)
  const mean = (id: string): number | undefined => {
    const drawn = sample.inputs[id]
    return drawn && usable ? drawn.reduce((sum, x, i) => sum + weights.each[i] * x, 0) / weights.sum : undefined
  }
  const planned = sample.nominal.numbers
  const heating = demonstration.inputs.flatMap(i => {
    const told = i.kind === 'quantity' && i.heats ? mean(i.id) : undefined
    return told === undefined ? [] : [[i.id, told] as const]
  })
  const plumeSeen = demonstration.results.some(r => r.measuredBy?.[1] === 'plume' && seen.readings[r.id] !== undefined)
  const heat =
    plumeSeen && heating.length > 0
      ? heating.reduce((product, [id, told]) => (product * told) / planned[id]!, 1)
      : undefined
  const believed =
    heat === undefined ? given : { ...given, numbers: { ...given.numbers, ...Object.fromEntries(heating) } }
  return {
    forecast: summarise(sample, usable ? weights : undefined),
    asSealed: summarise(sample, marked.sum > 0 ? marked : undefined),
    ...(heat !== undefined && { heat }),
    stretched: marked.sum > 0 ? marked.stretched : Infinity,
    matches: usable,
    values: resolve(demonstration, believed).values,
  }
}
