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
  const seen: Observation = { readings: {}, atLeast: {} }
  if (results.timeToPlume !== undefined)
    seen.readings.timeToPlume = {
      value: results.timeToPlume,
      uncertainty: Math.max(PLUME.least, PLUME.relative * results.timeToPlume),
    }
  const since = (mark: number | undefined) => (mark === undefined ? 0 : ((now - mark) / 1000) * speed)
  const has = (id: string) => demonstration.results.some(r => r.id === id)
  if (
    story.times.plume === undefined &&
    story.times.lifted === undefined &&
    has('timeToPlume') &&
    since(story.times['heat-on']) > 0
  )
    seen.atLeast!.timeToPlume = since(story.times['heat-on'])
  if (
    story.times.gone === undefined &&
    story.times.nothing === undefined &&
    has('hush') &&
    since(story.times.sealed) > 0
  )
    seen.atLeast!.hush = since(story.times.sealed)
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
  const efficiency = mean('heatingEfficiency')
  const power = mean('heaterPower')
  const planned = sample.nominal.numbers
  const heat =
    seen.readings.timeToPlume && efficiency !== undefined && power !== undefined
      ? (efficiency * power) / (planned.heatingEfficiency! * planned.heaterPower!)
      : undefined
  const believed =
    heat === undefined
      ? given
      : { ...given, numbers: { ...given.numbers, heatingEfficiency: efficiency!, heaterPower: power! } }
  return {
    forecast: summarise(sample, usable ? weights : undefined),
    asSealed: summarise(sample, marked.sum > 0 ? marked : undefined),
    ...(heat !== undefined && { heat }),
    stretched: marked.sum > 0 ? marked.stretched : Infinity,
    matches: usable,
    values: resolve(demonstration, believed).values,
  }
}
