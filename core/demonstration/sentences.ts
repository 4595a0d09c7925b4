/** Everything that a staging says, in one list: for whoever checks or translates it. */
import { inARow, type Sentence } from '../sentence'
import type { Demonstration } from './demonstration'
import { askedOfRun } from './presentation'
import { whyNotCrushed } from './why-not-crushed'
import { adviceOf, cautionsOf, failuresOf, partsOf } from './judged'
import { gatesOf, isBlank } from './procedure'
import { pupilsSheet, sheetSentences } from './pupils-sheet'
import { riskOf, type Risk } from './risk'
import type { Traced } from './simulation'
import type { Values } from './values'

/** @returns each with where it stands */
export function sentencesOf(
  demonstration: Demonstration,
  values: Values,
  simulation: Traced,
  risk: Risk = riskOf(simulation),
): [where: string, sentence: Sentence][] {
  const { teaching } = demonstration
  const all = (where: string, sentences: readonly Sentence[]): [string, Sentence][] => sentences.map(s => [where, s])
  const ready = demonstration.ready?.(values, simulation)
  const variants = demonstration.variants?.(values)
  const ledger = demonstration.ledger(simulation)
  return [
    ...all('name', [demonstration.name, demonstration.summary, demonstration.gallery.effect]),
    ...all(
      'outcome',
      demonstration.outcomes.flatMap(o => [o.name, o.sentence]),
    ),
    ...all(
      'result',
      demonstration.results.map(r => r.name),
    ),
    ...all(
      'input',
      demonstration.inputs.flatMap(i => [i.name, ...(i.kind === 'choice' ? i.choices.map(c => c.name) : [])]),
    ),
    ...demonstration.procedure.flatMap(step =>
      all('procedure', partsOf(step, values).filter(part => !isBlank(part)) as Sentence[]),
    ),
    ...all(
      'gate',
      gatesOf(demonstration, values).map(g => g.text),
    ),
    ...all(
      'caution',
      cautionsOf(demonstration, values, simulation, risk).flatMap(c => [c.hazard, c.control]),
    ),
    ...all('kit', demonstration.kit(values)),
    ...all('why', demonstration.why(values, simulation)),
    ...all(
      'explanation',
      demonstration.explanation(values, simulation).map(e => e.text),
    ),
    ...all(
      'wrong idea',
      teaching.wrongIdeas.flatMap(w => [w.idea, w.ask, w.answer]),
    ),
    ...all(
      'question',
      [...teaching.before, ...askedOfRun(teaching.after, values, simulation)].flatMap(q => [q.ask, q.answer]),
    ),
    ...all('elsewhere', teaching.elsewhere),
    ...all('pupils’ sheet', sheetSentences(pupilsSheet(demonstration, values, simulation))),
    ...all(
      'not crushed',
      values.numbers.stationPressure === undefined
        ? []
        : whyNotCrushed(values.numbers.stationPressure).map(l => l.text),
    ),
    ...all(
      'advice',
      adviceOf(demonstration, values, simulation, risk).map(a => a.text),
    ),
    ...all('ready', ready?.watch.flatMap(w => [w.sign, w.worth]) ?? []),
    ...all('ledger', [ledger.moment, ...ledger.rows.map(r => r.cause)]),
    ...all(
      'size',
      demonstration.sizes(values, simulation).flatMap(s => [s.name, s.note]),
    ),
    ...all('side by side', variants ? [variants.title, ...variants.rows.map(r => r.name)] : []),
    ...failuresOf(demonstration, values, simulation, risk).flatMap(f =>
      all(`after ${f.outcome}`, [f.sentence, ...f.acts.map(a => a.text)]),
    ),
    ...all(
      'event',
      simulation.events.map(e => e.name),
    ),
    ...all('drawing', drawn(demonstration, values, simulation)),
  ]
}

/** What is written in the drawing and under it, at both ends and in the middle of each stage. */
const drawn = (demonstration: Demonstration, values: Values, simulation: Traced): Sentence[] =>
  simulation.trace.stages.flatMap(({ start, end }) =>
    [start, (start + end) / 2, end].flatMap(time => {
      const { caption, shapes } = demonstration.drawing(values, simulation, time)
      return [caption, ...shapes.flatMap(shape => (shape.kind === 'note' ? [shape.said] : []))].map(inARow)
    }),
  )
