/**
 * Why a run ended as it did.
 *
 * Either everything was as planned, give or take what is not known exactly, or one thing was off, anywhere in its
 * usual range. Each of these is a sample of stagings; all are weighed by what was seen. Of those that look like the
 * run each is asked: which suspect, put back to plan alone, brings the wanted end? Where several would, what is off
 * counts, or else they share it.
 */
import { resolve, type Demonstration, type Given, type Spread, type Suspect, type Values } from '../demonstration'
import { ln, exp } from '../elementary'
import { FEWEST } from './diagnosis'
import { latinHypercube } from './latin-hypercube'
import { scoreOf, shiftScores, type ScoreShift } from './normal-scores'
import { StagingSample } from './sample'
import { drawByWeight, weighOnce, MOST_STRETCH, type Observation } from './weighing'

export interface Blame {
  id: string
  words: string
  remedy: string
  /** of the stagings that look like this run */ share: number
  /** odds of the wanted end on the next try, with this off as it was in this run */ again: number
  /** and with this put back to plan */ mended: number
}

export interface Investigation {
  /** largest share first; at least one in twenty */ causes: Blame[]
  /** share in which no single thing decided it */ together: number
  /** the plan, before anything was seen: share that ends as wanted */ oddsAsPlanned: number
  /** the plan itself, with nothing off, does not end as wanted */ planFails: boolean
  /** probability that nothing was off, given what was seen */ nothingOff: number
  /** false: too few stagings match, or no cause stands out */ canTell: boolean
  /** effective stagings behind it */ effective: number
  /** factor by which the readings had to be taken less exactly */ stretched: number
}

/** What was done: the plan, and what was measured on the day. */
export interface Done {
  plan: Given
  /** plan and what was measured; the same as plan where nothing was */ used: Given
  /** inputs that were measured on the day: they can't have been far off unseen */ measured: readonly string[]
}

/** One run in ten has something off: an assumption. Which thing it is, is as likely for each. */
const SLIP_ODDS = 0.1
const ASKED = 100
/** Effective stagings wanted of each explanation that counts. */
const ENOUGH_EFFECTIVE = 40
/** Explanations below this share are not looked at more closely. */
const COUNTS = 0.03
/**
 * A first cause stands out from this share on, and with this lead. Readings taken less exactly only make that harder.
 */
const STANDS_OUT = 0.6
const LEAD = 2
const SHOWN = 0.05

/** Suspects of a demonstration: those it names, and each other input of `open` by itself. */
export function suspectsOf(demonstration: Demonstration, open: ReadonlySet<string>): Suspect[] {
  const named = (demonstration.suspects ?? [])
    .map(s => ({
      ...s,
      inputs: s.inputs.filter(id => open.has(id)),
      slips: (s.slips ?? s.inputs).filter(id => open.has(id)),
    }))
    .filter(s => s.inputs.length > 0)
  const covered = new Set(named.flatMap(s => s.inputs))
  const rest = demonstration.inputs.filter(i => open.has(i.id) && !covered.has(i.id) && i.group !== 'room')
  return [
    ...named,
    ...rest.map(i => ({
      id: i.id,
      words: `${i.name} not as planned`,
      remedy: i.group === 'coefficient' ? '' : `measure it: ${i.name}`,
      inputs: [i.id],
    })),
  ]
}

/** One explanation as a sample, with the logarithm of each staging's weight before anything was seen. */
interface Explanation {
  given: Given
  sample: StagingSample
  logs: Float64Array
  prior: number
  /** id of the suspect that is off in it */ off?: string
}

/** @param pause awaited between slices; may throw to cancel */
type Pause = () => Promise<void>

async function draw(
  demonstration: Demonstration,
  given: Given,
  prior: number,
  samples: number,
  seed: number,
  shifts: readonly ScoreShift[],
  pause: Pause,
): Promise<Explanation> {
  const variables = demonstration.inputs.filter(i => i.kind === 'quantity').length
  const points = latinHypercube(samples, variables, seed)
  const logs = shiftScores(points, variables, shifts)
  const each = ln(prior / samples)
  for (let i = 0; i < samples; i++) logs[i] += each
  const sample = new StagingSample(demonstration, given, samples, seed, points)
  sample.tolerant = true
  while (!sample.advance(40)) await pause()
  return { given, sample, logs, prior }
}

/**
 * Investigates one run.
 *
 * @param samples stagings of the plan as it is; each thing that can be off gets a quarter of that
 * @source but-for causes: D. Lewis, J. Philos. 70 (1973) 556; redrawing near what matches: O. Cappé et al., J.
 *   Comput. Graph. Stat. 13 (2004) 907 (population Monte Carlo)
 */
export async function investigate(
  demonstration: Demonstration,
  done: Done,
  seen: Observation,
  samples = 1000,
  seed = 1,
  pause: Pause = async () => {},
): Promise<Investigation> {
  const plan = resolve(demonstration, done.plan).values
  const used = resolve(demonstration, done.used).values
  const asIs = await draw(demonstration, done.used, 1 - SLIP_ODDS, samples, seed, [], pause)
  const wanted = demonstration.outcomes.findIndex(o => o.id === demonstration.wanted)
  const oddsAsPlanned =
    done.measured.length === 0
      ? asIs.sample.outcomes.filter(o => o === wanted).length / samples
      : (await draw(demonstration, done.plan, 1, Math.ceil(samples / 2), seed, [], pause)).sample.outcomes.filter(
          o => o === wanted,
        ).length / Math.ceil(samples / 2)

  const open = new Set([
    ...asIs.sample.uncertain.map(u => u.input.id),
    ...done.measured.filter(id => used.numbers[id] !== plan.numbers[id]),
  ])
  const suspects = suspectsOf(demonstration, open)
  const slippery = suspects
    .map(s => ({
      id: s.id,
      reach: s.reach,
      inputs: (s.slips ?? s.inputs).filter(id => !done.measured.includes(id) && plan.numbers[id] !== undefined),
    }))
    .filter(s => s.inputs.length > 0)
  let explanations = [asIs]
  for (const [k, { id, inputs, reach }] of slippery.entries()) {
    const off = await draw(
      demonstration,
      slipped(demonstration, done.used, used, inputs, reach),
      SLIP_ODDS / slippery.length,
      Math.ceil(samples / 4),
      seed + 1 + k,
      [],
      pause,
    )
    explanations.push({ ...off, off: id })
  }
  let view = combine(explanations, seen)
  for (let round = 0; round < 2; round++) {
    const poor = view.parts.map(p => p.share > COUNTS && p.effective >= 1.5 && p.effective < ENOUGH_EFFECTIVE)
    if (!poor.includes(true)) break
    const next: Explanation[] = []
    for (const [k, e] of explanations.entries()) {
      if (!poor[k]) next.push(e)
      else {
        const near = nearMatches(e.sample, view.parts[k])
        next.push({
          ...(await draw(
            demonstration,
            e.given,
            e.prior,
            Math.ceil(samples / 2),
            seed + 101 * (round + 1) + k,
            near,
            pause,
          )),
          off: e.off,
        })
      }
    }
    explanations = next
    view = combine(explanations, seen)
  }

  const { shares, together, odds } = await blame(explanations, view, plan, suspects, pause)
  const causes = suspects
    .map((s, k) => ({ id: s.id, words: s.words, remedy: s.remedy, share: shares[k], ...odds(k) }))
    .filter(c => c.share >= SHOWN)
    .sort((a, b) => b.share - a.share || a.id.localeCompare(b.id))
  const [first, second] = causes
  return {
    causes,
    together,
    oddsAsPlanned,
    planFails: demonstration.simulate(plan, 'summary').outcome !== demonstration.wanted,
    nothingOff: view.parts[0].share,
    effective: view.effective,
    stretched: view.stretched,
    canTell:
      view.effective >= FEWEST &&
      view.stretched < MOST_STRETCH &&
      first !== undefined &&
      first.share >= STANDS_OUT &&
      first.share >= LEAD * (second?.share ?? 0),
  }
}

/** The plan with some inputs anywhere in their usual range, or as far beyond it as they reach. */
function slipped(
  demonstration: Demonstration,
  given: Given,
  values: Values,
  ids: readonly string[],
  reach: Suspect['reach'] = {},
): Given {
  const spreads: Record<string, Spread> = { ...given.spreads }
  for (const input of demonstration.inputs) {
    const nominal = values.numbers[input.id]
    if (input.kind === 'quantity' && ids.includes(input.id) && nominal !== undefined) {
      spreads[input.id] = {
        shape: 'anywhere',
        least: Math.min(input.usual[0], nominal),
        most: Math.max(reach[input.id] ?? input.usual[1], nominal),
      }
    }
  }
  return { ...given, spreads }
}

interface Part {
  each: Float64Array
  sum: number
  effective: number
  share: number
}
interface View {
  parts: Part[]
  effective: number
  stretched: number
}

/** All explanations on one scale, readings taken less exactly until enough stagings match. */
function combine(explanations: readonly Explanation[], seen: Observation): View {
  let best: View | undefined
  for (let stretched = 1; stretched <= MOST_STRETCH; stretched *= 2) {
    const weighed = explanations.map(e => weighOnce(e.sample, seen, stretched, e.logs))
    const largest = Math.max(...weighed.map(w => (w.sum > 0 ? w.largest : -Infinity)))
    const masses = weighed.map(w => (w.sum > 0 ? exp(Math.max(-700, w.largest - largest)) : 0))
    const total = weighed.reduce((sum, w, k) => sum + w.sum * masses[k], 0)
    const squares = weighed.reduce(
      (sum, w, k) => sum + (w.effective > 0 ? ((w.sum * w.sum) / w.effective) * masses[k] * masses[k] : 0),
      0,
    )
    const view: View = {
      stretched,
      effective: squares > 0 ? (total * total) / squares : 0,
      parts: weighed.map((w, k) => ({
        each: w.each.map(x => x * masses[k]),
        sum: w.sum * masses[k],
        effective: w.effective,
        share: total > 0 ? (w.sum * masses[k]) / total : 0,
      })),
    }
    if (!best || view.effective > best.effective) best = view
    if (best.effective >= FEWEST) break
  }
  return best!
}

/** Where the scores of matching stagings lie, column by column, a little wider than they do. */
function nearMatches(sample: StagingSample, part: Part): ScoreShift[] {
  const trust = part.effective / (part.effective + 2)
  return sample.uncertain.flatMap(({ column }): ScoreShift[] => {
    let mean = 0
    let square = 0
    for (let i = 0; i < sample.done; i++) {
      const score = scoreOf(sample.pointOf(i, column))
      mean += (part.each[i] / part.sum) * score
      square += (part.each[i] / part.sum) * score * score
    }
    // A column that did not move keeps its spread: shifting it would only cost effective samples.
    if (Math.abs(mean) < 2 / Math.sqrt(part.effective)) return []
    return [
      {
        column,
        mean: mean * trust,
        deviation: Math.min(1, Math.max(0.5, 1.25 * Math.sqrt(Math.max(0, square - mean * mean)))),
      },
    ]
  })
}

/** False too where it can't be computed. */
function endsAsWanted(demonstration: Demonstration, values: Values): boolean {
  try {
    return demonstration.simulate(values, 'summary').outcome === demonstration.wanted
  } catch {
    return false
  }
}

async function blame(
  explanations: readonly Explanation[],
  view: View,
  plan: Values,
  suspects: readonly Suspect[],
  pause: Pause,
): Promise<{ shares: number[]; together: number; odds: (suspect: number) => Pick<Blame, 'again' | 'mended'> }> {
  const { demonstration } = explanations[0].sample
  const shares = suspects.map(() => 0)
  let together = 0
  const places = explanations.flatMap((e, k) => Array.from({ length: e.sample.done }, (_, i) => [k, i] as const))
  const each = Float64Array.from(places, ([k, i]) => view.parts[k].each[i])
  const asked = drawByWeight({ each, sum: each.reduce((a, b) => a + b, 0) }, ASKED)
  const failed = asked.filter(p => {
    const [k, i] = places[p]
    return demonstration.outcomes[explanations[k].sample.outcomes[i]].id !== demonstration.wanted
  })
  const answers = new Map<number, number[]>()
  /** what a suspect's inputs were, in the stagings that it is blamed for */
  const seenOff = suspects.map((): Record<string, number>[] => [])
  for (const p of failed) {
    let mend = answers.get(p)
    if (!mend) {
      await pause()
      const [k, i] = places[p]
      const { sample, off } = explanations[k]
      const numbers: Partial<Record<string, number>> = { ...sample.nominal.numbers }
      for (const { input, drawn } of sample.uncertain) numbers[input.id] = drawn[i]!
      mend = suspects.flatMap((suspect, s) => {
        const restored: Partial<Record<string, number>> = { ...numbers }
        for (const id of suspect.inputs) restored[id] = plan.numbers[id]!
        return endsAsWanted(demonstration, { numbers: restored, choices: plan.choices }) ? [s] : []
      })
      // What is off is what is to blame, whatever else would have done.
      const slip = suspects.findIndex(s => s.id === off)
      if (mend.includes(slip)) mend = [slip]
      answers.set(p, mend)
    }
    const [k, i] = places[p]
    const { uncertain } = explanations[k].sample
    for (const s of mend) {
      shares[s] += 1 / mend.length / failed.length
      seenOff[s].push(
        Object.fromEntries(
          uncertain.filter(u => suspects[s].inputs.includes(u.input.id)).map(u => [u.input.id, u.drawn[i]]),
        ),
      )
    }
    if (mend.length === 0) together += 1 / failed.length
  }
  return { shares, together, odds: s => oddsNext(explanations[0].sample, plan, seenOff[s], suspects[s].inputs) }
}

/** Tries for the odds of the next staging. */
const NEXT_TRIES = 80

/**
 * Odds of the wanted end with some inputs as they were in the matching stagings, and with them as planned; all else
 * as it is drawn for a run.
 */
function oddsNext(
  sample: StagingSample,
  plan: Values,
  off: readonly Record<string, number>[],
  inputs: readonly string[],
): Pick<Blame, 'again' | 'mended'> {
  const { demonstration } = sample
  const planned = Object.fromEntries(
    inputs.flatMap(id => (plan.numbers[id] === undefined ? [] : [[id, plan.numbers[id]]])),
  )
  let [again, mended] = [0, 0]
  for (let t = 0; t < NEXT_TRIES && off.length > 0; t++) {
    const i = Math.floor(((t + 0.5) * sample.done) / NEXT_TRIES)
    const numbers: Partial<Record<string, number>> = { ...sample.nominal.numbers }
    for (const { input, drawn } of sample.uncertain) numbers[input.id] = drawn[i]!
    const ends = (changed: Record<string, number>) =>
      endsAsWanted(demonstration, { numbers: { ...numbers, ...changed }, choices: plan.choices })
    if (ends(off[t % off.length])) again++
    if (ends(planned)) mended++
  }
  return { again: again / NEXT_TRIES, mended: mended / NEXT_TRIES }
}
