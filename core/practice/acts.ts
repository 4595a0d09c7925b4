/** What a learner can do in a staging, in the order of its procedure. */
import {
  findInput,
  isBlank,
  partsOf,
  type Demonstration,
  type MarkKind,
  type PractisedSpan,
  type ProcedureStep,
  type QuantityInput,
  type Simulation,
  type Values,
} from '../demonstration'
import { appliesMark, gateBefore } from '../live'
import type { Sentence } from '../sentence'

export interface BenchAct {
  kind: 'gate' | 'mark' | 'step' | 'moment'
  /** mark, step or moment by its id; a gate by its step's */ id: string
  step: ProcedureStep
  /** what is confirmed, or stands on the button of a moment */ words?: Sentence
  /** what is filled in, weighed, set: as much as the learner says */ amounts: readonly QuantityInput[]
}

/** Acts of the whole procedure, what comes after the hush has begun too. @param simulation of the plan */
export function actsOf(demonstration: Demonstration, values: Values, simulation: Simulation): BenchAct[] {
  const { practice, procedure } = demonstration
  const firstMarked = procedure.findIndex(s => (s.marks?.length ?? 0) > 0)
  return procedure.flatMap((step, i) => {
    const marks = (step.marks ?? []).filter(m => appliesMark(m, simulation))
    const moments = (practice?.moments ?? []).filter(m => m.step === step.id && (m.when?.(values) ?? true))
    const own = moments.map(m => ({ kind: 'moment' as const, id: m.id, step, words: m.words, amounts: [] }))
    const amounts = i <= firstMarked ? amountsOf(demonstration, step, values) : []
    const before = gateBefore(demonstration, step, values)
    const gate = before === undefined ? [] : [{ kind: 'gate' as const, id: step.id, step, words: before, amounts: [] }]
    const done =
      marks.length > 0
        ? marks.map((id, m) => ({ kind: 'mark' as const, id, step, amounts: m === 0 ? amounts : [] }))
        : [{ kind: 'step' as const, id: step.id, step, amounts }]
    // What is done within a step comes before its end; what ends a hush that has begun, after its mark.
    return [...gate, ...(marks.includes('sealed') ? [...done, ...own] : [...own, ...done])]
  })
}

/** What is measured out in a step: stated numbers that can be changed at the bench, and are no times. */
function amountsOf(demonstration: Demonstration, step: ProcedureStep, values: Values): QuantityInput[] {
  return partsOf(step, values).flatMap(part => {
    const input = isBlank(part) ? findInput(demonstration, part.input) : undefined
    return input?.kind === 'quantity' && input.quantity !== 'time' && input.lever ? [input] : []
  })
}

/** Inputs that are as long as the learner takes, with the acts between which they pass. */
export function spansOf(demonstration: Demonstration, values: Values, acts: readonly BenchAct[]): PractisedSpan[] {
  const done = new Set(acts.map(a => a.id))
  const own = (demonstration.practice?.spans ?? []).filter(s => s.when?.(values) ?? true)
  const marked = demonstration.inputs.flatMap(input =>
    input.kind === 'quantity' && input.measuredBy && !own.some(s => s.input === input.id)
      ? [{ input: input.id, from: input.measuredBy[0], to: input.measuredBy[1] }]
      : [],
  )
  // Another way of doing it may end at the same mark, and then says how long that is.
  const all = [...own, ...marked.filter(m => !own.some(o => o.to === m.to))]
  return all.filter(s => done.has(s.from) && done.has(s.to))
}

/** The input that is counted from the plume, where the vessel is lifted after it. */
export const countedFromPlume = (spans: readonly PractisedSpan[]): string | undefined =>
  spans.find(s => s.from === ('plume' satisfies MarkKind))?.input
