/** A change within reach, and what it does to the odds. */
export interface Lever {
  input: string
  name: string
  /** SI, or a choice by id */ from: number | string
  /** SI, or a choice by id */ to: number | string
  /** share of the wanted outcome before and after, same random numbers */
  before: number
  after: number
  /** share that boils dry after the change */
  dryAfter: number
}

/** Change of a share that is worth telling: smaller ones drown in the sampling error of the tries. */
export const WORTH_TELLING = 0.02

/** Share of the draws that may boil dry after a change that is proposed. */
export const RUNS_DRY = 0.05

/** Orders levers, best first. */
export const byEffect = (a: Lever, b: Lever): number =>
  b.after - a.after || a.input.localeCompare(b.input) || String(a.to).localeCompare(String(b.to))
