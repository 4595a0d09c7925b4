/** What a pupil writes on: predict, observe, explain; with answers for the teacher, in this staging's numbers. */
import { asArea, asForce, asPressure, asShare, say, type Sentence } from '../sentence'
import type { QuantityKind } from '../units'
import type { Demonstration } from './demonstration'
import { HAND_AREA } from './hand'
import { findInput } from './resolving'
import { askedOfRun, type Question } from './presentation'
import type { Simulation } from './simulation'
import type { Values } from './values'

/** Something that is measured in each run. */
export interface SheetColumn {
  name: Sentence
  quantity: QuantityKind
  units: readonly [si: string, us: string]
  /** SI: from where to where its axis runs */ axis: readonly [low: number, high: number]
}

export interface PupilsSheet {
  /** asked first, of everybody */ question: Question
  /** to tick: how it might end */ ends: readonly Sentence[]
  /** asked next */ before: readonly Question[]
  /** of each run: what is set, and what is seen */ set: readonly SheetColumn[]
  seen: readonly SheetColumn[]
  /** easier to harder; each from an age on */ sets: readonly { from: number; questions: readonly Question[] }[]
  /** how it ended in the run that the answers are of */ ended: Sentence
}

/** Pa: from less than that nobody works out a force */
const LEAST = 50
const MOST_COLUMNS = 3

/** @param simulation the run that is expected: the answers are told with its numbers */
export function pupilsSheet(demonstration: Demonstration, values: Values, simulation: Simulation): PupilsSheet {
  const { teaching, logged } = demonstration
  const levels = demonstration.explanation(values, simulation)
  const told = (from: number): Sentence => (levels.findLast(l => l.from <= from) ?? levels[0]).text
  const [first, ...others] = teaching.wrongIdeas
  const second = others.find(o => o.kin === undefined || o.kin !== first.kin) ?? first
  const after = askedOfRun(teaching.after, values, simulation)
  const results: Partial<Record<string, number>> = simulation.results
  const set = logged.used.flatMap((id): SheetColumn[] => {
    const input = findInput(demonstration, id)
    return input?.kind === 'quantity'
      ? [{ name: input.name, quantity: input.quantity, units: input.units, axis: input.usual }]
      : []
  })
  const seen = logged.seen.flatMap((id): SheetColumn[] => {
    const spec = demonstration.results.find(r => r.id === id)
    const about = results[id]
    return spec && about !== undefined && about > 0
      ? [{ name: spec.name, quantity: spec.quantity, units: spec.units, axis: [0, 2 * about] }]
      : []
  })
  const room = values.numbers.stationPressure
  const difference = results.peakPressureDifference
  const sums: Question[] = []
  if (room !== undefined)
    sums.push({
      ask: say`The air of this room presses with ${asPressure(room)}. How hard does it press on a patch as large as your
        hand, ${asArea(HAND_AREA)}?`,
      answer: say`Force is pressure times area: ${asForce(room * HAND_AREA)}.`,
    })
  if (room !== undefined && difference !== undefined && difference > LEAST)
    sums.push({
      ask: say`Inside and outside differed by ${asPressure(difference)} at most. How large is the net force on
        ${asArea(HAND_AREA)}? What share of the room’s pressure is that difference?`,
      answer: say`Net force is difference times area: ${asForce(difference * HAND_AREA)}. The difference is
        ${asShare(difference / room)} of the room’s pressure.`,
    })
  const answers = ({ idea, answer }: (typeof teaching.wrongIdeas)[number]): Question => ({
    ask: say`Somebody says: “${idea}” What do you answer, and why?`,
    answer,
  })
  return {
    question: teaching.before[0],
    ends: demonstration.outcomes.map(o => o.sentence),
    before: teaching.before.slice(1),
    set: set.slice(0, MOST_COLUMNS),
    seen: seen.slice(0, MOST_COLUMNS),
    sets: [
      {
        from: 7,
        questions: [{ ask: 'What did you see? Tell it in order. Why did it happen?', answer: told(7) }, answers(first)],
      },
      {
        from: 11,
        questions: [
          { ask: 'Explain it with particles: what do they do inside, and what outside?', answer: told(11) },
          answers(second),
          ...after.slice(0, 1),
          ...sums.slice(0, 1),
        ],
      },
      {
        from: 14,
        questions: [
          { ask: 'Explain it from cause to effect, with one law and the numbers of this run.', answer: told(16) },
          ...after.slice(1, 2),
          ...sums,
        ],
      },
    ],
    ended: demonstration.outcomes.find(o => o.id === simulation.outcome)!.sentence,
  }
}

/** All that stands on it. */
export const sheetSentences = (sheet: PupilsSheet): Sentence[] => [
  ...sheet.ends,
  ...[sheet.question, ...sheet.before].flatMap(q => [q.ask, q.answer]),
  ...[...sheet.set, ...sheet.seen].map(c => c.name),
  ...sheet.sets.flatMap(s => s.questions.flatMap(q => [q.ask, q.answer])),
  sheet.ended,
]
