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
  /** SI value below which this share of the draws lies, over those in which the result occurs */
  quantile(result: string, share: RiskShare): number | undefined
  /** the risks that it is as strict as, where it is put together of some (`stricter`) */ of?: readonly Risk[]
}

/** One run standing for all of them, until there are draws. */
export const riskOf = ({ outcome, results, details }: Simulation): Risk => ({
  share: id => (id === outcome ? 1 : 0),
  dry: details.boiledDry === 1 ? 1 : 0,
  quantile: id => results[id],
})

/**
 * As strict as either: for a plan that has just been changed, whose own draws are not there yet, by its one run and the
 * draws of the plan before.
 */
export const stricter = (a: Risk, b: Risk): Risk => ({
  share: id => Math.max(a.share(id), b.share(id)),
  dry: Math.max(a.dry, b.dry),
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

/** Shortest wait that is told, s. */
const A_MINUTE = 60
/**
 * s from closing until nobody has to reckon with it any more: in all but one of a thousand draws that go it has gone
 * by then; where none goes, until no more difference comes.
 */
export const mayStillGo = (risk: Risk): number =>
  risk.of
    ? Math.max(...risk.of.map(mayStillGo))
    : Math.max(A_MINUTE, risk.quantile('hush', 0.999) ?? risk.quantile('giveUpTime', 0.999) ?? 0)
