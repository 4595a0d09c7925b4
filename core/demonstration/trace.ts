/** Computed quantities against time. */
import type { QuantityKind } from '../units'

/** One stage of a trace with a time scale of its own. */
export interface Stage {
  id: string
  name: string
  /** s on the staging's clock, from its first act */
  start: number
  end: number
}

/** Computed quantities against time; times in s from heat on. */
export interface Trace {
  stages: Stage[]
  time: number[]
  /** by column id; all as long as `time` */
  columns: Record<string, number[]>
}

export interface TraceColumn {
  id: string
  name: string
  quantity: QuantityKind
}
