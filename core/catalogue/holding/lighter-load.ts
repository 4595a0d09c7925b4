/** What to hang instead, and for how long, where what is planned is more than it is good for. */
import { HARM_RAISES, mostLoad, wantedFactor } from '../../cautions'
import { atLeast, type Advice, type Risk } from '../../demonstration'
import { asMass, asTime, say } from '../../sentence'

/** Steps in which a load is made up, kg. */
const STEP = 0.05

/**
 * @param what holds it, in words
 * @param load kg, in the input `loadMass`
 * @returns nothing where 99 of 100 hold as many times the pull as the caution asks for
 */
export function lighterLoad(what: string, load: number, risk: Risk): Advice | undefined {
  const factor = atLeast(risk, 'safetyFactor')
  if (factor >= wantedFactor(load)) return undefined
  const most = Number((Math.floor(mostLoad(load, factor) / STEP) * STEP).toFixed(2))
  if (most < 2 * STEP) return { text: `${what} is good for hardly any load.` }
  return {
    text: say`${what} is good for ${asMass(most, { digits: 3, toward: 'below' })}, as a dead weight and not for
      ${asMass(load)}: 99 of 100 hold ${wantedFactor(most)} times that.`,
    take: { input: 'loadMass', value: most },
  }
}

/**
 * @param later the end of those that hold at first and let go as air leaks in
 * @param time the input that says how long it is loaded @param before s from when air leaks until it is
 * @returns nothing where hardly any do
 */
export function shorterTime(risk: Risk, later: string, time: string, before = 0): Advice | undefined {
  if (risk.share(later) < HARM_RAISES) return undefined
  const most = Math.floor(atLeast(risk, 'holdTime') - before)
  return most < 1
    ? { text: 'Air leaks in too fast to load it at all: a smoother surface, a cleaner and wetted rim.' }
    : {
        text: say`Air leaks in: 99 of 100 hold for ${asTime(most, { toward: 'below' })} and not for longer.`,
        take: { input: time, value: most },
      }
}
