/** A sheet for pupils in a reader's words and units: what a page shows, and what goes into a file. */
import { nice, ticks } from 'd3-array'
import {
  formatNumber,
  fromSi,
  tell,
  unitLabel,
  unitToShow,
  type PupilsSheet,
  type Question,
  type Reader,
  type SheetColumn,
} from '~~/core'

export interface ToldAxis {
  name: string
  /** evenly apart, from end to end */ ticks: readonly string[]
}

export interface ToldSheet {
  title: string
  question: ToldQuestion
  ends: readonly string[]
  before: readonly ToldQuestion[]
  columns: readonly string[]
  axes?: { across: ToldAxis; up: ToldAxis }
  sets: readonly { letter: string; from: number; questions: readonly ToldQuestion[] }[]
  ended: string
}

export interface ToldQuestion {
  ask: string
  answer: string
}

/** Runs that there are lines for. */
export const SHEET_RUNS = 5

export function toldSheet(sheet: PupilsSheet, title: string, reader: Reader): ToldSheet {
  const told = (q: Question): ToldQuestion => ({ ask: tell(q.ask, reader), answer: tell(q.answer, reader) })
  const unitOf = (c: SheetColumn) =>
    unitToShow(c.axis[1], c.quantity, reader.units, c.units[reader.units === 'si' ? 0 : 1])
  const heading = (c: SheetColumn) => {
    const label = unitLabel(unitOf(c))
    return label ? `${tell(c.name, reader)}, ${label}` : tell(c.name, reader)
  }
  /** Round numbers from end to end, in the unit shown. */
  const axisOf = (c: SheetColumn, count: number): ToldAxis => {
    const [low, high] = c.axis.map(si => fromSi(si, unitOf(c), c.quantity)) as [number, number]
    return { name: heading(c), ticks: ticks(...nice(low, high, count), count).map(t => formatNumber(t, 3, reader)) }
  }
  const [across] = sheet.set
  const [up] = sheet.seen
  return {
    title,
    question: told(sheet.question),
    ends: sheet.ends.map(e => tell(e, reader)),
    before: sheet.before.map(told),
    columns: [...sheet.set, ...sheet.seen].map(heading),
    ...(across && up && { axes: { across: axisOf(across, 8), up: axisOf(up, 5) } }),
    sets: sheet.sets.map(({ from, questions }, i) => ({ letter: 'ABC'[i]!, from, questions: questions.map(told) })),
    ended: tell(sheet.ended, reader),
  }
}
