import { asTime, type Told } from '../sentence'
import type { Simulation } from './simulation'

/**
 * Shares of the draws at which risks are told: 99 of 100 lie above the first, below the second; all but one in a
 * thousand below the third.
 */
export const RISK_SHARES = [0.01, 0.99, 0.999] as const
export type RiskShare = (typeof RISK_SHARES)[number]

export interface Risk {
  /** share of the draws that end so, 0 to 1 */
  share(outcome: string): number
  /** share of the draws that boil dry before the lift, 0 to 1 */
  dry: number
  /** s from the lift to dryness that 99 of 100 of the draws that dry have at least; undefined where none does */
  dryAfter?: number
  /** SI value below which this share of the draws lies, over those in which the result occurs */
  quantile(result: string, share: RiskShare): number | undefined
  /** the risks that it is as strict as, where it is put together of some (`stricter`) */ of?: readonly Risk[]
  /** there are no draws: it is told by one run */ ofOneRun?: true
}

/**
 * s from the planned lift to dryness, for the caution; 0 or less if it is dry before, undefined if it never would be.
 */
export const dryMargin = ({ details, results: r }: Pick<Simulation, 'details' | 'results'>): number | undefined =>
  details.boiledDry === 1
    ? 0
    : r.timeToDry === undefined || details.timeOfLifting === undefined
      ? undefined
      : r.timeToDry - details.timeOfLifting

/** One run standing for all of them, until there are draws. */
export const riskOf = ({ outcome, results, details }: Simulation): Risk => ({
  share: id => (id === outcome ? 1 : 0),
  dry: details.boiledDry === 1 ? 1 : 0,
  dryAfter: dryMargin({ results, details }),
  quantile: id => results[id],
  ofOneRun: true,
})

/**
 * As strict as either: for a plan that has just been changed, whose own draws are not there yet, by its one run and the
 * draws of the plan before.
 */
export const stricter = (a: Risk, b: Risk): Risk => ({
  share: id => Math.max(a.share(id), b.share(id)),
  dry: Math.max(a.dry, b.dry),
  dryAfter: a.dryAfter === undefined ? b.dryAfter : Math.min(a.dryAfter, b.dryAfter ?? Infinity),
  quantile(id, share) {
    const [of, or] = [a.quantile(id, share), b.quantile(id, share)]
    if (of === undefined || or === undefined) return of ?? or
    return share < 0.5 ? Math.min(of, or) : Math.max(of, or)
  },
  of: [a, b],
})

/** Most that a result comes to in 99 of 100 draws; 0 where it never occurs. */
export const atWorst = (risk: Risk, result: string): number => risk.quantile(result, 0.99) ?? 0
/** Least that a result comes to in 99 of 100 draws; 0 where it never occurs. */
export const atLeast = (risk: Risk, result: string): number => risk.quantile(result, 0.01) ?? 0

/** Shortest wait that is told, and what longer ones are rounded up to, s. */
const WAIT = { least: 60, step: 30 }
/**
 * How many times as long the slowest of a thousand may take as the one run that is stated, where there are no draws:
 * more than in any staging of the catalogue as it usually is (eight times, a drum), and for one that never goes, until
 * no more difference comes.
 */
const SLOWER = { hush: 10, giveUpTime: 3 }

function slowest(risk: Risk, oneRun: boolean): number {
  const times = (result: keyof typeof SLOWER) => {
    const time = risk.quantile(result, 0.999)
    return time === undefined ? undefined : time * (oneRun ? SLOWER[result] : 1)
  }
  return times('hush') ?? times('giveUpTime') ?? 0
}
const partsOf = (risk: Risk): readonly Risk[] => risk.of?.flatMap(partsOf) ?? [risk]
/**
 * s from closing until nobody has to reckon with it any more: in all but one of a thousand draws that go it has gone
 * by then; where none goes, until no more difference comes. By one run alone it is told as long as it may come to.
 */
export function mayStillGo(risk: Risk): number {
  const parts = partsOf(risk)
  const oneRun = parts.every(part => part.ofOneRun)
  const longest = Math.max(...parts.map(part => slowest(part, oneRun)))
  return Math.max(WAIT.least, WAIT.step * Math.ceil(longest / WAIT.step))
}
/** The same, as it stands in a sentence. */
export const asWait = (risk: Risk): Told => asTime(mayStillGo(risk), { toward: 'above' })
