/** What past runs have taught about the coefficients, for the next forecast. */
import { CholeskyDecomposition, Matrix } from 'ml-matrix'
import { findInput, resolve, type Demonstration, type Given, type QuantityInput, type Thing } from '../demonstration'
import { latinHypercube } from './latin-hypercube'
import { LearntSteps } from './learnt-steps'
import { scoreOf, shareOf } from './normal-scores'
import { DEFAULT_SEED } from './draws'
import { StagingSample } from './sample'
import { weigh, type Observation } from './weighing'

/** A run as it teaches: what was really used, what was seen. */
export interface PastRun {
  given: Given
  seen: Observation
}

/** Normal scores of the shared inputs as one normal distribution: N(0, 1) each and apart, before any run. */
export interface Taught {
  inputs: readonly string[]
  mean: readonly number[]
  covariance: readonly (readonly number[])[]
  /** runs that taught something */ runs: number
  /** runs that no computed staging came near: they teach nothing */ unlike: number
}

/** Two measures of a thing are the same within this share. */
const LIKE = 0.02
const SAMPLES = 400
/** Draws between pauses. */
const SLICE = 40
const FEWEST = 15
/** Spread kept however many runs there are: the model itself is not exact. */
const LEAST_DEVIATION = 0.15

/** Inputs that stay the same from run to run: the coefficients, and the heater's share. */
export const sharedInputs = (demonstration: Demonstration): QuantityInput[] =>
  demonstration.inputs.filter(
    (i): i is QuantityInput =>
      i.kind === 'quantity' && i.spread.shape !== 'exact' && (i.group === 'coefficient' || i.belongsTo !== undefined),
  )

const near = (a: number | undefined, b: number | undefined): boolean =>
  a === b || (a !== undefined && b !== undefined && Math.abs(a - b) <= LIKE * Math.abs(b))

/** Of the shared inputs those about which `run` speaks, for a staging with `target`'s vessel and heater. */
function speaksOf(demonstration: Demonstration, run: Given, target: Given, ids: readonly string[]): Set<string> {
  const [a, b] = [resolve(demonstration, run).values, resolve(demonstration, target).values]
  const same = (thing: Thing): boolean =>
    demonstration.inputs
      .filter(i => i.tells === thing)
      .every(i =>
        i.kind === 'quantity' ? near(a.numbers[i.id], b.numbers[i.id]) : a.choices[i.id] === b.choices[i.id],
      )
  const things = { heater: same('heater'), vessel: same('vessel') }
  const belongs = (id: string): readonly Thing[] => findInput(demonstration, id)?.belongsTo ?? []
  return new Set(ids.filter(id => belongs(id).every(thing => things[thing])))
}

/** Learns from one run more. @param index of the run: each has random numbers of its own */
async function learnOne(
  demonstration: Demonstration,
  before: Taught,
  run: PastRun,
  index: number,
  speaks: ReadonlySet<string>,
  samples: number,
  pause: () => Promise<void>,
): Promise<Taught> {
  const { inputs, mean, covariance } = before
  const { points, scores } = drawScores(demonstration, before, samples, DEFAULT_SEED + 7 * index, id => speaks.has(id))
  const sample = new StagingSample(demonstration, run.given, samples, DEFAULT_SEED, points)
  sample.tolerant = true
  while (!sample.advance(SLICE)) await pause()
  const weights = weigh(sample, run.seen)
  if (weights.effective < FEWEST) return { ...before, unlike: before.unlike + 1 }
  const trust = weights.effective / (weights.effective + inputs.length)
  const seenMean = inputs.map((_, i) => scores.reduce((sum, row, k) => sum + weights.each[k] * row[i], 0) / weights.sum)
  const next = inputs.map((_, i) =>
    inputs.map((_, j) => {
      const seen =
        scores.reduce((sum, row, k) => sum + weights.each[k] * (row[i] - seenMean[i]) * (row[j] - seenMean[j]), 0) /
        weights.sum
      return covariance[i][j] + trust * (seen - covariance[i][j])
    }),
  )
  next.forEach((row, i) => {
    row[i] = Math.max(row[i], LEAST_DEVIATION * LEAST_DEVIATION)
    // The two halves differ by rounding.
    for (let j = 0; j < i; j++) row[j] = next[j][i]!
  })
  return {
    ...{ inputs, runs: before.runs + 1, unlike: before.unlike },
    ...{ mean: mean.map((m, i) => m + trust * (seenMean[i] - m)), covariance: next },
  }
}

/**
 * Learns from runs in the order given: each is weighed on a sample from what the earlier ones taught, and the
 * weighted mean and covariance of the scores become the next one's start (assumed-density filtering). With few
 * matching stagings a run moves less.
 *
 * @param target the staging for which it is learnt: runs with another heater or vessel don't speak about its heater
 *   or vessel
 * @param pause awaited between slices; may throw to cancel
 * @param steps what was learnt already of such runs; what is learnt now is added
 * @source T. P. Minka, A family of algorithms for approximate Bayesian inference (2001), ch. 3, with importance
 *   sampling for the moments
 */
export async function learn(
  demonstration: Demonstration,
  target: Given,
  runs: readonly PastRun[],
  samples = SAMPLES,
  pause: () => Promise<void> = async () => {},
  steps = new LearntSteps<Taught>(),
): Promise<Taught> {
  const inputs = sharedInputs(demonstration).map(i => i.id)
  let taught: Taught = {
    ...{ inputs, runs: 0, unlike: 0 },
    ...{ mean: inputs.map(() => 0), covariance: inputs.map((_, i) => inputs.map((_, j) => (i === j ? 1 : 0))) },
  }
  let before = 0
  for (const [index, run] of runs.entries()) {
    const speaks = speaksOf(demonstration, run.given, target, inputs)
    const about = JSON.stringify([demonstration.id, samples, run, [...speaks]])
    const step = await steps.after(before, about, () =>
      learnOne(demonstration, taught, run, index, speaks, samples, pause),
    )
    before = step.id
    taught = step.learnt
  }
  return taught
}

/** A Latin hypercube whose shared columns follow what was taught; with `included` only some of them do. */
function drawScores(
  demonstration: Demonstration,
  taught: Pick<Taught, 'inputs' | 'mean' | 'covariance'>,
  samples: number,
  seed: number,
  included: (id: string) => boolean = () => true,
): { points: Float64Array; scores: number[][] } {
  const quantities = demonstration.inputs.filter(i => i.kind === 'quantity')
  const points = latinHypercube(samples, quantities.length, seed)
  const columns = taught.inputs.map(id => quantities.findIndex(q => q.id === id))
  const apart = columns.some((_, k) => !included(taught.inputs[k]))
    ? latinHypercube(samples, quantities.length, seed + 500)
    : points
  const { lowerTriangularMatrix: root } = new CholeskyDecomposition(new Matrix(taught.covariance.map(row => [...row])))
  const scores: number[][] = []
  for (let k = 0; k < samples; k++) {
    const standard = columns.map(c => scoreOf(points[k * quantities.length + c]))
    const row = columns.map((_, i) => {
      let score = taught.mean[i]
      for (let j = 0; j <= i; j++) score += root.get(i, j) * standard[j]
      return score
    })
    scores.push(row)
    columns.forEach((c, i) => {
      const at = k * quantities.length + c
      points[at] = included(taught.inputs[i]) ? shareOf(row[i]) : apart[at]
    })
  }
  return { points, scores }
}

/** Points for a sample that follows what was taught. */
export const taughtPoints = (
  demonstration: Demonstration,
  taught: Taught,
  samples: number,
  seed: number,
): Float64Array => drawScores(demonstration, taught, samples, seed).points
