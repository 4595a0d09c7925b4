/** A procedure as cues: one thing to do at a time, and what is marked in it. */
import {
  gatesOf,
  type Demonstration,
  type MarkKind,
  type ProcedureStep,
  type Simulation,
  type Values,
} from '../demonstration'
import { joined, say, type Sentence } from '../sentence'
import type { ActStory } from './marks'

export interface Cue {
  step: ProcedureStep
  /** marked here, in order; empty: it is only confirmed */ marks: readonly MarkKind[]
  /** must be confirmed before anything in this cue is marked */ gate?: Sentence
}

/** Whether a mark makes sense: nothing is heated, or nothing boils, in some ways of doing it. */
export function appliesMark(mark: MarkKind, simulation: Simulation): boolean {
  if (mark === 'heat-on' || mark === 'lifted') return (simulation.details.timeOfLifting ?? 0) > 0
  if (mark === 'plume')
    return simulation.results.timeToPlume !== undefined && (simulation.details.timeOfLifting ?? 0) > 0
  return true
}

/** What must be confirmed before a step; undefined where nothing must. */
export function gateBefore(demonstration: Demonstration, step: ProcedureStep, values: Values): Sentence | undefined {
  const texts = gatesOf(demonstration, values)
    .filter(g => g.step === step.id)
    .map(g => g.text)
  return texts.length > 0 ? joined(texts, ' ') : undefined
}

/** Cues up to the hush; what comes after it in the procedure is shown with the outcome. */
export function cuesOf(demonstration: Demonstration, simulation: Simulation, values: Values): Cue[] {
  const cues = demonstration.procedure.map(step => ({
    step,
    marks: (step.marks ?? []).filter(m => appliesMark(m, simulation)),
    gate: gateBefore(demonstration, step, values),
  }))
  return cues.slice(0, cues.findIndex(c => c.marks.includes('sealed')) + 1)
}

/**
 * Gates as a run sheet tells them, before the act: all of them, those up to the heat, or those after it. @returns ""
 * where there is none
 */
export function gatesFirst(
  demonstration: Demonstration,
  which: 'all' | 'before-heat' | 'after-heat',
  values: Values,
): Sentence {
  const heat = demonstration.procedure.findIndex(s => s.marks?.includes('heat-on'))
  const place = (step: string): number => demonstration.procedure.findIndex(s => s.id === step)
  const texts = gatesOf(demonstration, values)
    .filter(g => which === 'all' || place(g.step) <= heat === (which === 'before-heat'))
    .map(g => g.text)
  return texts.length === 0 ? '' : say`First: ${joined(texts, ' ')} Then: `
}

/** Steps after the hush has begun, for the one who cools, holds or lets air in. */
export const afterwards = (demonstration: Demonstration): readonly ProcedureStep[] =>
  demonstration.procedure.slice(demonstration.procedure.findIndex(s => s.marks?.includes('sealed')) + 1)

const reached = (cue: Cue, story: ActStory): boolean =>
  story.steps.has(cue.step.id) || cue.marks.some(m => story.times[m] !== undefined)
const finished = (cue: Cue, story: ActStory): boolean =>
  story.steps.has(cue.step.id) || (cue.marks.length > 0 && cue.marks.every(m => story.times[m] !== undefined))

/** Where one is: everything before a cue that was begun counts as done. `cues.length` once the hush has begun. */
export function placeIn(cues: readonly Cue[], story: ActStory): number {
  let place = 0
  cues.forEach((cue, i) => {
    if (finished(cue, story)) place = i + 1
    else if (reached(cue, story)) place = i
  })
  return place
}

export interface Wanted {
  kind: 'gate' | 'mark' | 'step'
  /** mark kind, or step id */ value: string
}

/** The one thing that the big button does now; undefined during the hush. */
export function wantedNow(cues: readonly Cue[], story: ActStory): Wanted | undefined {
  const cue = cues[placeIn(cues, story)]
  if (!cue) return undefined
  if (cue.gate && !story.gates.has(cue.step.id)) return { kind: 'gate', value: cue.step.id }
  const mark = cue.marks.find(m => story.times[m] === undefined)
  return mark ? { kind: 'mark', value: mark } : { kind: 'step', value: cue.step.id }
}

/**
 * Why a mark can't be made now; undefined if it can. A later mark of the procedure can be made early (what happened,
 * happened), except past a gate that nobody has confirmed.
 */
export function refusalOfMark(cues: readonly Cue[], story: ActStory, mark: MarkKind): Sentence | undefined {
  if (story.times[mark] !== undefined) return 'That is marked already.'
  if (mark === 'gone' || mark === 'nothing')
    return story.times.sealed === undefined ? 'The hush has not begun.' : undefined
  const at = cues.findIndex(c => c.marks.includes(mark))
  if (at < 0) return 'There is no such moment in this one.'
  if (placeIn(cues, story) > at) return 'That is past.'
  const open = cues
    .slice(placeIn(cues, story), at + 1)
    .find(c => c.gate && !story.gates.has(c.step.id) && !story.steps.has(c.step.id) && !finished(c, story))
  return open ? say`First confirm: ${open.gate!}` : undefined
}
