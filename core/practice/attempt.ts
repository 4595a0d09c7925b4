/**
 * One attempt at a staging without a vessel: what the learner has done decides what happens, and what nobody can know
 * is drawn once, by the seed. An attempt is its acts; everything else follows from them.
 */
import {
  LIFTED_AFTER,
  resolve,
  usualSpread,
  type Demonstration,
  type Fault,
  type Given,
  type PracticePhase,
  type PractisedSpan,
  type QuantityInput,
  type Simulation,
  type Traced,
  type Trouble,
  type Values,
} from '../demonstration'
import { latinHypercube, spreadQuantile } from '../forecast'
import { say, type Sentence } from '../sentence'
import { actsOf, countedFromPlume, spansOf, type BenchAct } from './acts'
import { dangersOf } from './dangers'
import { troubleOf, type Exercise } from './exercises'

/**
 * What somebody did; `refused`: wanted to, before it was confirmed that one may; `answer`: what is done in trouble, by
 * its place, see `WhatNow`.
 */
export interface PracticeAct {
  kind: BenchAct['kind'] | 'refused' | 'danger' | 'answer'
  id: string
  /** s since the attempt began, on its own clock */ at: number
  /** SI, by input */ amounts?: Readonly<Record<string, number>>
}

/** A plan, an exercise, and what chance has in store; nothing in it changes while it is practised. */
export interface Setting {
  demonstration: Demonstration
  plan: Given
  values: Values
  /** the plan as it would go */ simulation: Simulation
  exercise: Exercise
  trouble?: Trouble
  seed: number
  acts: readonly BenchAct[]
  spans: readonly PractisedSpan[]
  /** act at which the simulation's clock begins */ begins: string
  /** the input that is counted from the plume */ fromPlume: string | undefined
}

/** Longest time on the heat that is followed, s. */
const LONGEST = 3600
/** What is still going on is followed for so many times as long as planned and so much longer, s. */
const [TIMES, LONGER] = [4, 120]

/** @throws RangeError if the plan is not valid */
export function settingOf(demonstration: Demonstration, plan: Given, exercise: Exercise, seed: number): Setting {
  const { values, faults } = resolve(demonstration, plan)
  if (faults.length > 0) throw new RangeError(`${faults[0].input}: this plan can't be practised`)
  const simulation = demonstration.simulate(values, 'summary')
  const acts = actsOf(demonstration, values, simulation)
  const heated = acts.some(a => a.id === 'heat-on')
  const spans = spansOf(demonstration, values, acts)
  return {
    demonstration,
    plan,
    values,
    simulation,
    exercise,
    trouble: troubleOf(exercise, demonstration, values, seed),
    seed,
    acts,
    spans,
    fromPlume: countedFromPlume(spans),
    begins: demonstration.practice?.begins ?? (heated ? 'heat-on' : 'sealed'),
  }
}

/** s at which an act was done; undefined if it was not. A gate has the id of its step, and is no end of it. */
export const timeOf = (done: readonly PracticeAct[], id: string): number | undefined =>
  done.find(a => a.id === id && (a.kind === 'mark' || a.kind === 'step' || a.kind === 'moment'))?.at

/** s at which the learner said how it ended; what was still going on was stopped then. */
export const endedAt = (done: readonly PracticeAct[]): number | undefined =>
  timeOf(done, 'gone') ?? timeOf(done, 'nothing')

export function phaseOf({ begins }: Setting, done: readonly PracticeAct[]): PracticePhase {
  const was = (id: string) => timeOf(done, id) !== undefined
  if (was('sealed')) return 'under-way'
  if (was('lifted')) return 'off-heat'
  if (was('heat-on')) return 'heating'
  return was(begins) ? 'begun' : 'before'
}

/** Quantities of a demonstration in their order: a draw has a share for each, used or not. */
const quantitiesOf = ({ inputs }: Demonstration) => inputs.filter((i): i is QuantityInput => i.kind === 'quantity')
/** The draw of an attempt. */
export const drawOf = ({ demonstration, seed }: Setting): Float64Array =>
  latinHypercube(1, quantitiesOf(demonstration).length, seed)

/** What was measured out, SI. */
export const amountsDone = (done: readonly PracticeAct[]): Record<string, number> =>
  Object.assign({}, ...done.map(a => a.amounts ?? {}))

/** The plan with the amounts of the learner, and with what is wrong on purpose. */
function givenTo({ demonstration, plan, values, trouble }: Setting, amounts: Readonly<Record<string, number>>): Given {
  const altered = trouble?.alters?.(values)
  const given: Given = {
    numbers: { ...plan.numbers, ...amounts, ...altered?.numbers },
    choices: { ...plan.choices, ...altered?.choices },
    spreads: { ...plan.spreads },
  }
  for (const id of Object.keys(altered?.numbers ?? {})) given.spreads[id] = { shape: 'exact' }
  // What somebody measured in and what is wrong do not go together: then it is not wrong.
  return resolve(demonstration, given).faults.length > 0 && altered
    ? { ...given, numbers: { ...plan.numbers, ...amounts }, choices: plan.choices, spreads: plan.spreads }
    : given
}

/** What stands in for the acts: times by input, SI, instead of what the acts say. */
export type Deeds = Readonly<Record<string, number>>

/** s, by input, that the learner has taken so far; those that are still running are left out. */
export function spansDone(setting: Setting, done: readonly PracticeAct[], timeToPlume?: number): Deeds {
  const deeds: Record<string, number> = {}
  const { fromPlume } = setting
  const end = endedAt(done)
  for (const { input, from, to } of setting.spans) {
    const began =
      input === fromPlume
        ? timeToPlume === undefined
          ? undefined
          : (timeOf(done, setting.begins) ?? 0) + timeToPlume
        : timeOf(done, from)
    const ended = timeOf(done, to) ?? end
    if (began !== undefined && ended !== undefined) deeds[input] = ended - began
  }
  return deeds
}

/**
 * What is true of this attempt: the plan as it was done, with what nobody knows as it was drawn.
 * @param draw shares in (0, 1) by the order of the demonstration's quantities
 * @param now s of the attempt's clock: what is still going on goes on beyond it
 */
export function truthOf(setting: Setting, done: readonly PracticeAct[], draw: Float64Array, now: number): Values {
  const { demonstration, values, spans, fromPlume } = setting
  const { numbers, choices } = drawn(setting, amountsDone(done), draw)
  const deeds = spansDone(setting, done)
  for (const { input, from, paced } of spans) {
    const spec = quantitiesOf(demonstration).find(i => i.id === input)!
    if (input === fromPlume) {
      const heatOn = timeOf(done, setting.begins)
      const off = timeOf(done, 'lifted')
      numbers[LIFTED_AFTER] = heatOn === undefined || off === undefined ? LONGEST : Math.max(0.1, off - heatOn)
      continue
    }
    let seconds = deeds[input]
    if (seconds === undefined && paced) seconds = values.numbers[input]!
    else if (seconds === undefined) {
      seconds = TIMES * (values.numbers[input] ?? 0) + LONGER
      while (seconds < now - (timeOf(done, from) ?? now) + LONGER / 2) seconds *= 2
    }
    numbers[input] = Math.min(spec.range[1], Math.max(spec.range[0], seconds))
  }
  return { numbers, choices }
}

/** The plan with the unknowns of a draw, nothing timed yet. */
function drawn(setting: Setting, amounts: Readonly<Record<string, number>>, draw: Float64Array) {
  const given = givenTo(setting, amounts)
  const { values } = resolve(setting.demonstration, given)
  const numbers: Record<string, number> = {}
  quantitiesOf(setting.demonstration).forEach((input, i) => {
    const nominal = values.numbers[input.id]
    if (nominal === undefined) return
    const spread = given.spreads[input.id] ?? usualSpread(input, values)
    numbers[input.id] = spreadQuantile(spread, nominal, input.range, draw[i])
  })
  return { numbers, choices: values.choices }
}

/**
 * The same staging done again: with a draw of its own, and as long as `deeds` says where it says so.
 * @param deeds s by input; time after the plume may be negative, and is then counted from heat on
 */
export function againWith(
  setting: Setting,
  amounts: Readonly<Record<string, number>>,
  deeds: Deeds,
  draw: Float64Array,
  liftedAfter: number,
): Values {
  const { numbers, choices } = drawn(setting, amounts, draw)
  const { fromPlume } = setting
  for (const [input, seconds] of Object.entries(deeds)) {
    const spec = quantitiesOf(setting.demonstration).find(i => i.id === input)!
    if (input === fromPlume && seconds < 0) numbers[LIFTED_AFTER] = liftedAfter
    else numbers[input] = Math.min(spec.range[1], Math.max(spec.range[0], seconds))
  }
  return { numbers, choices }
}

/** s on the simulation's clock at which the hush begins. */
export const sealingOf = ({ trace }: Traced): number => trace.stages.find(s => s.id === 'hush')?.start ?? 0

/** Where the simulation stands, s on its own clock. */
export function clockOf(setting: Setting, done: readonly PracticeAct[], run: Traced, now: number): number {
  const until = Math.min(now, endedAt(done) ?? now)
  const sealed = timeOf(done, 'sealed')
  if (sealed !== undefined) return sealingOf(run) + until - sealed
  const began = timeOf(done, setting.begins)
  return began === undefined ? 0 : Math.min(until - began, sealingOf(run))
}

/** Acts that may be left out: a judgement that nobody has to say, and what is only waited for. */
const canBeLeftOut = (act: BenchAct): boolean =>
  act.id === 'plume' || act.kind === 'moment' || (act.kind === 'step' && act.amounts.length === 0)

const isDone = (act: BenchAct, done: readonly PracticeAct[]) => done.some(d => d.kind === act.kind && d.id === act.id)

/** What can be done now, the next one first. */
export function openActs({ acts }: Setting, done: readonly PracticeAct[]): BenchAct[] {
  const last = acts.findLastIndex(a => isDone(a, done))
  const open: BenchAct[] = []
  for (const act of acts.slice(last + 1)) {
    open.push(act)
    if (!canBeLeftOut(act)) break
  }
  return open
}

/**
 * Why an act can't be done now; a danger where it would hurt; undefined if it can.
 * @param id of a mark, step or moment
 */
export function refusalOf(
  setting: Setting,
  done: readonly PracticeAct[],
  act: BenchAct,
): { danger: string } | { why: Sentence; unconfirmed?: boolean } | undefined {
  if (openActs(setting, done).includes(act)) return undefined
  if (isDone(act, done)) return { why: 'That is done already.' }
  const phase = phaseOf(setting, done)
  if (act.id === 'sealed' && phase === 'heating') {
    const danger = dangersOf(setting.demonstration, setting.values, phase).find(d => d.id === 'close-on-heat')
    return danger ? { danger: danger.id } : { why: 'It is still on the heat.' }
  }
  const before = setting.acts
    .slice(0, setting.acts.indexOf(act))
    .find(
      a =>
        !isDone(a, done) &&
        !canBeLeftOut(a) &&
        setting.acts.indexOf(a) > setting.acts.findLastIndex(x => isDone(x, done)),
    )
  return before?.kind === 'gate'
    ? { why: say`First confirm: ${before.words!}`, unconfirmed: true }
    : { why: 'Something else comes first.' }
}

/** What is wrong with amounts that were typed; empty if they can be taken. */
export const faultsOfAmounts = (
  { demonstration, plan }: Setting,
  done: readonly PracticeAct[],
  amounts: Readonly<Record<string, number>>,
): Fault[] => resolve(demonstration, { ...plan, numbers: { ...plan.numbers, ...amountsDone(done), ...amounts } }).faults

/** s at which what is wrong shows; undefined while it has not, or where nothing does. */
export function troubleAt(
  setting: Setting,
  done: readonly PracticeAct[],
  run: Simulation,
  draw: Float64Array,
): number | undefined {
  const comes = setting.trouble?.comes
  const began = timeOf(done, setting.begins)
  if (!comes || began === undefined) return undefined
  // Late enough to surprise, early enough to come at all.
  const { timeOfLifting = 0, sealing = 0 } = setting.simulation.details
  const length = Math.max(timeOfLifting, sealing, setting.simulation.results.hush ?? 0, 2)
  const delay = draw[0] * Math.min(comes.within, 0.4 * length)
  if (comes.after === 'begins') return began + delay
  const event = run.events.find(e => e.id === comes.after)
  if (event) {
    const at = began + event.time
    return at < (timeOf(done, 'lifted') ?? Infinity) ? at + delay : undefined
  }
  const after = timeOf(done, comes.after)
  return after === undefined ? undefined : after + delay
}
