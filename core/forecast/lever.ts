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

/** Orders levers, best first. */
export const byEffect = (a: Lever, b: Lever): number =>
  b.after - a.after || a.input.localeCompare(b.input) || String(a.to).localeCompare(String(b.to))
