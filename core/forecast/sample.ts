/** A staging many times over, each time with the unknowns drawn afresh. */
import { METRIC, tell } from '../sentence'
import {
  dryMargin,
  resolve,
  usualSpread,
  type Demonstration,
  type Given,
  type QuantityInput,
  type Simulation,
  type Spread,
  type Values,
} from '../demonstration'
import { DEFAULT_SAMPLES, DEFAULT_SEED, NO_OUTCOME } from './draws'
import { latinHypercube } from './latin-hypercube'
import { spreadQuantile } from './distributions'

export interface UncertainInput {
  input: QuantityInput
  spread: Spread
  nominal: number
  /** what each sample drew */ drawn: Float64Array
  /** column of the random numbers */ column: number
}

/**
 * Draws and simulates a staging's samples, one by one, so that a worker can report on the way and stop.
 *
 * The draw depends only on seed, number of samples and the demonstration's list of inputs (every quantity has its
 * column, used or not), so two stagings that differ in one input share their random numbers.
 */
export class StagingSample {
  readonly nominal: Values
  readonly uncertain: readonly UncertainInput[]
  /** outcome of each sample, index into the demonstration's outcomes */
  readonly outcomes: Uint8Array
  /** results of each sample by id; NaN where absent */
  readonly results: Readonly<Record<string, Float64Array>>
  /** drawn inputs by id */
  readonly inputs: Readonly<Record<string, Float64Array>>
  /** s from the planned lift to dryness of each sample: 0 or less where it is dry before, NaN where it never is */
  readonly dryMargins: Float64Array
  done = 0
  /** samples that could not be computed; only with `tolerant`, otherwise the first one throws */
  failed = 0
  /**
   * a sample that can't be computed has no outcome (`NO_OUTCOME`) and no results, instead of ending the whole; for
   * draws from far corners
   */
  tolerant = false
  private readonly points: Float64Array
  private readonly variables: number

  /**
   * @param points shares in (0, 1), row after row, where they are not those of a plain Latin hypercube
   * @throws RangeError naming the first input at fault if the inputs are not valid
   */
  constructor(
    readonly demonstration: Demonstration,
    given: Given,
    readonly size = DEFAULT_SAMPLES,
    readonly seed = DEFAULT_SEED,
    points?: Float64Array,
  ) {
    const { values, faults } = resolve(demonstration, given)
    if (faults.length > 0) throw new RangeError(`${faults[0].input}: ${tell(faults[0].message, METRIC)}`)
    this.nominal = values
    const quantities = demonstration.inputs.filter((i): i is QuantityInput => i.kind === 'quantity')
    this.variables = quantities.length
    this.points = points ?? latinHypercube(size, this.variables, seed)
    const uncertain: UncertainInput[] = []
    quantities.forEach((input, column) => {
      const nominal = values.numbers[input.id]
      const spread = given.spreads[input.id] ?? usualSpread(input, values)
      if (nominal === undefined || spread.shape === 'exact') return
      uncertain.push({ input, spread, nominal, drawn: new Float64Array(size), column })
    })
    this.uncertain = uncertain
    this.outcomes = new Uint8Array(size)
    this.dryMargins = new Float64Array(size).fill(NaN)
    this.results = Object.fromEntries(demonstration.results.map(r => [r.id, new Float64Array(size).fill(NaN)]))
    this.inputs = Object.fromEntries(uncertain.map(u => [u.input.id, u.drawn]))
  }

  /** Simulates up to `count` more samples. @returns true when all are done */
  advance(count: number): boolean {
    const end = Math.min(this.size, this.done + count)
    const { demonstration } = this
    const numbers: Partial<Record<string, number>> = { ...this.nominal.numbers }
    const values: Values = { numbers, choices: this.nominal.choices }
    for (let i = this.done; i < end; i++) {
      for (const { input, spread, nominal, drawn, column } of this.uncertain) {
        drawn[i] = spreadQuantile(spread, nominal, input.range, this.points[i * this.variables + column])
        numbers[input.id] = drawn[i]!
      }
      try {
        this.record(i, demonstration.simulate(values, 'summary'))
      } catch (error) {
        if (!this.tolerant) throw error
        this.outcomes[i] = NO_OUTCOME
        this.failed++
      }
    }
    this.done = end
    return end === this.size
  }

  /** share of the samples done that boil dry before the lift */
  get dryShare(): number {
    return this.done > 0 ? this.dryMargins.subarray(0, this.done).filter(s => s <= 0).length / this.done : 0
  }

  /** share in (0, 1) that sample `i` drew in a column */
  pointOf(i: number, column: number): number {
    return this.points[i * this.variables + column]
  }

  private record(i: number, simulation: Simulation): void {
    this.outcomes[i] = this.demonstration.outcomes.findIndex(o => o.id === simulation.outcome)
    const { results } = simulation
    // Not as entries: two thousand lists of pairs cost as much as a hundredth of all of it.
    for (const id in results) {
      const [column, value] = [this.results[id], results[id]]
      if (column && value !== undefined) column[i] = value
    }
    this.dryMargins[i] = dryMargin(simulation) ?? NaN
  }
}
