/** A learner who does what the plan says with the hand that the plan reckons with, but for one mistake. */
import { resolve, type Demonstration, type QuantityInput } from '../core/demonstration'
import { latinHypercube, spreadQuantile } from '../core/forecast'
import { drawOf, openActs, settingOf, truthOf, type Exercise, type PracticeAct, type Setting } from '../core/practice'

/** s at which it looks on after everything else: longer than any hush. */
export const LONG_AFTER = 1e5

export interface Mistake {
  input: string
  /** SI */ instead: number
}

const NO_SPREADS = { numbers: {}, choices: {}, spreads: {} }

/** @param numbers of the plan, SI, that are not as usual */
export const attemptAt = (
  demonstration: Demonstration,
  exercise: Exercise,
  seed: number,
  numbers: Readonly<Record<string, number>> = {},
): Setting => settingOf(demonstration, { ...NO_SPREADS, numbers }, exercise, seed)

/**
 * Does the whole staging, up to the word that it is over.
 *
 * How long the hand takes is drawn by the plan's own spreads, apart from what the attempt draws.
 */
export function perform(setting: Setting, mistake?: Mistake): PracticeAct[] {
  const { demonstration, values, spans, plan } = setting
  const quantities = demonstration.inputs.filter((i): i is QuantityInput => i.kind === 'quantity')
  const hand = latinHypercube(1, quantities.length, setting.seed + 5000)
  const takes = (input: string): number => {
    if (mistake?.input === input) return mistake.instead
    const i = quantities.findIndex(q => q.id === input)
    const spec = quantities[i]!
    const spread = plan.spreads[input] ?? spec.spreadFor?.(values) ?? spec.spread
    return spreadQuantile(spread, values.numbers[input]!, spec.range, hand[i]!)
  }
  const done: PracticeAct[] = []
  let now = 0
  for (;;) {
    const [act] = openActs(setting, done)
    if (!act) break
    const span = act.kind === 'gate' ? undefined : spans.find(s => s.to === act.id)
    if (span) {
      const from = span.from === 'plume' ? now : (done.find(d => d.id === span.from && d.kind !== 'gate')?.at ?? now)
      now = span.from === 'plume' ? from + takes(span.input) : Math.max(now, from + takes(span.input))
    }
    if (act.id === 'plume') now = done.find(d => d.id === 'heat-on')!.at + plumeOf(setting, done)
    const amounts = Object.fromEntries(
      act.amounts.map(({ id }) => [id, mistake?.input === id ? mistake.instead : values.numbers[id]!]),
    )
    done.push({ kind: act.kind, id: act.id, at: now, ...(act.amounts.length > 0 && { amounts }) })
  }
  done.push({ kind: 'mark', id: 'gone', at: now + LONG_AFTER })
  return done
}

/** s from heat on until the plume that this attempt's truth has; where none comes, as long as anybody would wait. */
function plumeOf(setting: Setting, done: readonly PracticeAct[]): number {
  const run = setting.demonstration.simulate(truthOf(setting, done, drawOf(setting), 0), 'summary')
  return run.results.timeToPlume ?? Math.min(3600, run.results.timeToDry ?? 3600)
}

export const PLAN_ONLY: Exercise = { id: 'as-planned', words: '', task: '', level: 1, guided: true }
export const valuesOf = (demonstration: Demonstration) => resolve(demonstration, NO_SPREADS).values
