/** What the integrator is told about a set of ordinary differential equations; it knows nothing of their meaning. */
export interface OdeSystem {
  /** number of unknowns */
  readonly size: number
  /**
   * Places of the unknowns that the rates hang on, ascending; all of them if left out. The others are running totals,
   * or stand still for now: their columns of the Jacobian are not taken, and they only follow. Asked once a step; the
   * same set is the same array.
   */
  coupledAt?(state: Float64Array): readonly number[]
  /**
   * Places of the unknowns that stand still for as long as `coupledAt` names that set: their rates are nought whatever
   * the others are. None if left out.
   */
  idleAt?(state: Float64Array): readonly number[]
  /**
   * unknowns that are amounts and cannot be less than nought: a step that would make them so is taken again, shorter
   */
  readonly amounts?: readonly number[]
  /**
   * Share of the tolerance that a step to `state` may use, (0, 1], where something small hangs on large unknowns; all
   * of it if left out.
   */
  closeness?(state: Float64Array): number
  /** true if the right-hand side depends on time itself */
  readonly dependsOnTime?: boolean
  /** the right-hand side: writes dy/dt into `slope` */
  derivatives(time: number, state: Float64Array, slope: Float64Array): void
  /** typical size of each unknown: errors below `tolerance` times this do not matter */
  readonly scale: Float64Array
  /**
   * value from which the size of each unknown is counted, for those whose zero means nothing (a temperature in
   * kelvin); zero if left out
   */
  readonly reference?: Float64Array
}

/** A moment to be found: where `value` crosses zero. */
export interface OdeEvent {
  readonly id: string
  /** @param slope the rates there, where they are known already */
  value(time: number, state: Float64Array, slope?: Float64Array): number
  /** +1: only crossings upward, -1: only downward */
  readonly direction: 1 | -1
  /** true: the integration stops there */
  readonly stops: boolean
}

/** A quantity whose greatest value is wanted, wherever between two steps it lies. */
export interface OdePeak {
  readonly id: string
  value(time: number, state: Float64Array): number
}

export interface Peak {
  time: number
  value: number
}

export interface Occurrence {
  id: string
  time: number
}

export interface Integration {
  /** time reached */
  time: number
  /** id of the event that stopped it, undefined if the end time did */
  stoppedBy: string | undefined
  /** events passed on the way, in order, the stopping one included */
  occurrences: Occurrence[]
  /** greatest value of each peak asked for, by id, from start to end */
  peaks: Readonly<Record<string, Peak>>
  steps: number
  rejected: number
  /** first step that was accepted, in units of time; 0 if none was */
  opening: number
  /** step that would be tried next, for a stage that goes on in the same manner */
  step: number
  evaluations: number
}
