/**
 * What happened in an attempt, what decided it, and what to do better. The trainer knows the truth: what decided it
 * is found by doing the same attempt again with one thing put back to plan, everything else as it was.
 */
import {
  findInput,
  riskOf,
  type QuantityInput,
  type Simulation,
  type Suspect,
  type Traced,
  type Values,
} from '../demonstration'
import { latinHypercube, samplingError } from '../forecast'
import { asShare, asTime, say, asQuantity, type Sentence } from '../sentence'
import {
  amountsDone,
  againWith,
  drawOf,
  endedAt,
  spansDone,
  timeOf,
  truthOf,
  type Deeds,
  type PracticeAct,
  type Setting,
} from './attempt'
import { decidedBy } from './causes'
import { dangersOf } from './dangers'
import { answersOf, NOBODY_NEAR, outOfOrder } from './question'

/** Something that was done otherwise than planned. */
export interface Deviation {
  input: string
  /** SI */ planned: number
  done: number
  /** odds of the wanted end, done so again, and with this alone as planned */ again: number
  mended: number
  /** true: as planned, this very attempt would have ended as wanted */ decided: boolean
  words: Sentence
}

export interface Debrief {
  /** why the attempt was stopped: an act that hurts */ stopped?: Sentence
  /** by the demonstration's outcomes; left out where it was stopped, or ended in trouble */ outcome?: string
  wanted: boolean
  /** odds of the wanted end by the plan, and done so again */ planned: number
  again: number
  /** those that lower the odds, or decided it, worst first */ deviations: readonly Deviation[]
  /** what was wrong on purpose */ trouble?: Sentence
  /** the trouble alone, put right, would have brought the wanted end */ troubleDecided: boolean
  /** what, as planned, would have brought the wanted end: by the truth, done, wrong or chance alike */
  decided: readonly Suspect[]
  /** nothing that was done or wrong decided it: it was one of those that go so by chance */ chance: boolean
  /** s from heat on: ready from, dry at, and when the vessel was lifted */ window?: {
    earliest?: number
    dry?: number
    lifted?: number
  }
  /** what to do better, at most two */ better: readonly Sentence[]
  /** nothing dangerous, nothing left out that costs odds, trouble met rightly */ well: boolean
}

/** Attempts behind each of the odds. */
const ATTEMPTS = 120
/** Stands for a plume that never comes, s: longer than anything is heated. */
const NO_PLUME = 1e4
/** Acts up to the heat, as if it were still on. */
const onTheHeat = (a: PracticeAct): boolean => !['lifted', 'sealed', 'gone', 'nothing'].includes(a.id)
/** A plan that ends as wanted less often is not worth practising as it is. Our own rule. */
const HOPELESS = 0.1
const PLAN_FIRST: Sentence =
  'By the plan itself hardly any ends as wanted, whoever does it: the Bench says what to change.'
/** Odds that have to be lost before something is held against the learner. */
const COSTS = 0.08

/**
 * @param attempts behind each of the odds
 * @param pause awaited between slices, for a worker that can be told to stop
 */
export async function debriefOf(
  setting: Setting,
  done: readonly PracticeAct[],
  now: number,
  attempts = ATTEMPTS,
  pause: () => Promise<void> = async () => {},
): Promise<Debrief> {
  const { demonstration, values, trouble } = setting
  const stopped = stoppedBy(setting, done)
  const ended = endedAt(done) !== undefined && !stopped
  const draw = drawOf(setting)
  const run = (v: Values): Simulation => demonstration.simulate(v, 'summary')
  const truth = truthOf(setting, done, draw, now)
  const real = run(truth)
  const isWanted = (s: Simulation) => s.outcome === demonstration.wanted
  // Lifted before it, this attempt had no plume: it is counted from the one that would have come.
  const plume = run(truthOf(setting, done.filter(onTheHeat), draw, now)).results.timeToPlume
  const deeds = spansDone(setting, done, plume ?? NO_PLUME)
  const amounts = amountsDone(done)
  const lifted = timeOf(done, 'lifted')
  const heatOn = timeOf(done, 'heat-on')
  const liftedAfter = lifted === undefined || heatOn === undefined ? 0 : lifted - heatOn
  const variables = demonstration.inputs.filter(i => i.kind === 'quantity').length
  const draws = latinHypercube(attempts, variables, setting.seed)
  const honest: Setting = { ...setting, trouble: undefined }
  const odds = async (withAmounts: Readonly<Record<string, number>>, withDeeds: Readonly<Record<string, number>>) => {
    let count = 0
    for (let i = 0; i < attempts; i++) {
      const row = draws.subarray(i * variables, (i + 1) * variables)
      if (isWanted(run(againWith(honest, withAmounts, withDeeds, row, liftedAfter)))) count++
      if (i % 10 === 9) await pause()
    }
    return count / attempts
  }
  const planned = await odds({}, {})
  const again = await odds(amounts, deeds)
  const deviations: Deviation[] = []
  if (ended) {
    for (const [input, value] of Object.entries({ ...amounts, ...deeds })) {
      const plan = values.numbers[input]
      if (plan === undefined || value === plan) continue
      const without = <T>(all: Readonly<Record<string, T>>) =>
        Object.fromEntries(Object.entries(all).filter(([id]) => id !== input))
      const mended = await odds(without(amounts), without(deeds))
      const putBack = run(
        againWith(
          setting,
          without(amounts),
          { ...without(deeds), ...(input in deeds && { [input]: plan }) },
          draw,
          liftedAfter,
        ),
      )
      const decided = !isWanted(real) && isWanted(putBack)
      // What makes no odds decided nothing, however it fell this time.
      if (mended - again < (decided ? COSTS / 4 : COSTS)) continue
      const deviation = { input, planned: plan, done: value, again, mended, decided }
      deviations.push({ ...deviation, words: told(setting, deviation, plume === undefined ? liftedAfter : undefined) })
    }
    deviations.sort((a, b) => b.mended - a.mended || Number(b.decided) - Number(a.decided))
  }
  const troubleDecided =
    ended && trouble?.alters !== undefined && !isWanted(real) && isWanted(run(truthOf(honest, done, draw, now)))
  const dry = ended && real.details.boiledDry === 1
  const early = pressedEarly(done, real)
  const acts = ended
    ? demonstration.afterFailure(truth, real, riskOf(real), real.outcome)
    : (trouble?.doNow?.(values) ?? [])
  const disordered = outOfOrder(acts, answersOf(done))
  const window = heatOn === undefined ? undefined : windowOf(setting, done, draw, now)
  const unready = ended ? takenTooEarly(setting, window, deeds) : []
  const better: Sentence[] = [
    ...(stopped ? [stopped] : []),
    ...(ended && planned < HOPELESS ? [PLAN_FIRST] : []),
    ...(dry ? ['It boiled dry on the heat. Heat off at the first smell, or when the plume goes.' as Sentence] : []),
    ...early,
    ...deviations.map(d => d.words),
    ...(deviations.some(d => d.input === setting.fromPlume) ? [] : unready),
    ...(disordered
      ? ['Heat or pump off first, and only then the pressure: else it goes on meanwhile.' as Sentence]
      : []),
    ...done
      .filter(a => a.kind === 'refused')
      .slice(0, 1)
      .map(() => 'Confirm what has to be confirmed before going on.'),
  ]
  return {
    ...(stopped && { stopped }),
    ...(ended && { outcome: real.outcome }),
    wanted: ended && isWanted(real),
    planned,
    again: ended ? again : 0,
    deviations,
    ...(trouble && { trouble: trouble.words }),
    troubleDecided,
    decided: ended ? decidedBy(setting, truth, real) : [],
    chance:
      ended &&
      !isWanted(real) &&
      !troubleDecided &&
      deviations.every(d => !d.decided) &&
      planned > samplingError(0, attempts),
    ...(window && { window }),
    better: better.slice(0, 2),
    well: !stopped && !dry && early.length === 0 && unready.length === 0 && deviations.length === 0 && !disordered,
  }
}

/** The sentence that stopped the attempt; undefined if nothing did. */
export function stoppedBy(setting: Setting, done: readonly PracticeAct[]): Sentence | undefined {
  const danger = done.find(a => a.kind === 'danger')
  return danger && (dangersOf(setting.demonstration, setting.values).find(d => d.id === danger.id)?.why ?? NOBODY_NEAR)
}

/** A moment by which a hand may be ahead of what it has seen, s. */
const AHEAD = 0.5

/** Given up, or called gone, before it went. */
function pressedEarly(done: readonly PracticeAct[], { results: { hush } }: Simulation): Sentence[] {
  const sealed = timeOf(done, 'sealed')
  const ended = endedAt(done)
  if (sealed === undefined || ended === undefined || hush === undefined || ended - sealed > hush - AHEAD) return []
  const waited = asTime(ended - sealed)
  return timeOf(done, 'nothing') === undefined
    ? [say`Called gone after ${waited}: it would have gone ${asTime(hush)} after it began.`]
    : [say`Given up after ${waited}: it would have gone ${asTime(hush)} after it began. Nobody goes near so soon.`]
}

/** Off the heat before it was ready, and sooner than planned, even if it went well this time. */
function takenTooEarly({ fromPlume, values }: Setting, window: Debrief['window'], deeds: Deeds): Sentence[] {
  const planned = fromPlume === undefined ? undefined : values.numbers[fromPlume]
  const done = fromPlume === undefined ? undefined : deeds[fromPlume]
  if (window?.lifted === undefined || planned === undefined || done === undefined || done > planned - AHEAD) return []
  if (window.earliest !== undefined && window.lifted > window.earliest) return []
  return [say`Off the heat before it was ready: air was still in it. Planned: ${asTime(planned)} after the plume.`]
}

/** When it was ready, by the truth. */
function windowOf(setting: Setting, done: readonly PracticeAct[], draw: Float64Array, now: number): Debrief['window'] {
  const { demonstration } = setting
  const open = truthOf(setting, done.filter(onTheHeat), draw, now)
  const run = demonstration.simulate(open, 'trace') as Traced
  const ready = demonstration.ready?.(open, run)
  const heatOn = timeOf(done, 'heat-on')
  const lifted = timeOf(done, 'lifted')
  return {
    ...(ready?.earliest !== undefined && { earliest: ready.earliest }),
    ...(run.results.timeToDry !== undefined && { dry: run.results.timeToDry }),
    ...(lifted !== undefined && heatOn !== undefined && { lifted: lifted - heatOn }),
  }
}

/**
 * "boiling on after the plume: 8 s; planned: 30 s. With this alone as planned 95 % end as wanted, not 40 %."
 * @param withoutPlume s on the heat, where no plume would have come
 */
function told(setting: Setting, d: Omit<Deviation, 'words'>, withoutPlume?: number): Sentence {
  const { demonstration, fromPlume } = setting
  const spec = findInput(demonstration, d.input) as QuantityInput
  const as = (si: number) => asQuantity(si, spec.quantity, { digits: 2, units: spec.units })
  const odds = say`With this alone as planned ${asShare(d.mended)} end as wanted, instead of ${asShare(d.again)}.`
  // Which way is better is told by the plan: a remedy of the Logbook's would be for one way only.
  const early = d.input === fromPlume && d.done < 0
  if (early && withoutPlume !== undefined)
    return say`Off the heat after ${asTime(withoutPlume)}: no steady plume would have come at all. ${odds}`
  return early
    ? say`Off the heat ${asTime(-d.done)} before a steady plume; planned: ${as(d.planned)} after it. ${odds}`
    : say`${spec.name}: ${as(d.done)}; planned: ${as(d.planned)}. ${odds}`
}

/** "Done so again, about 40 of 100 go." */
export const oddsAgain = ({ planned, again }: Debrief): Sentence =>
  say`By the plan ${asShare(planned)} end as wanted; done so again, ${asShare(again)}.`
