/** A sheet for pupils as a document (DOCX) that word processors open and change. */
import {
  AlignmentType,
  BorderStyle,
  Document,
  HeadingLevel,
  Packer,
  PageBreak,
  Paragraph,
  Table,
  TableCell,
  TableRow,
  TabStopType,
  TextRun,
  UnderlineType,
  WidthType,
} from 'docx'
import { SHEET_RUNS, type ToldAxis, type ToldSheet } from '~/components/class/told-sheet'

/** Twentieths of a point. */
const LINE = { width: 10_000, row: 340 }
const NONE = { style: BorderStyle.NONE, size: 0, color: 'auto' }
const NO_BORDERS = { top: NONE, bottom: NONE, left: NONE, right: NONE }

const heading = (text: string, level: (typeof HeadingLevel)[keyof typeof HeadingLevel] = HeadingLevel.HEADING_2) =>
  new Paragraph({ text, heading: level, spacing: { before: 160, after: 60 } })
const line = (text: string) => new Paragraph({ text, spacing: { after: 40 } })
/** Words, and a line to write on to the end of the page's width. */
const toFillIn = (text: string) =>
  new Paragraph({
    spacing: { after: 80 },
    tabStops: [{ type: TabStopType.RIGHT, position: LINE.width }],
    children: [new TextRun(`${text} `), new TextRun({ text: '\t', underline: { type: UnderlineType.SINGLE } })],
  })

const cell = (text = '', more: Partial<ConstructorParameters<typeof TableCell>[0]> = {}) =>
  new TableCell({ children: [new Paragraph({ text })], ...more })
const records = (columns: readonly string[]) =>
  new Table({
    width: { size: 100, type: WidthType.PERCENTAGE },
    rows: [
      new TableRow({ tableHeader: true, children: columns.map(c => cell(c)) }),
      ...Array.from(
        { length: SHEET_RUNS },
        (_, i) =>
          new TableRow({
            height: { value: LINE.row, rule: 'atLeast' },
            children: columns.map((_column, k) => cell(k === 0 ? String(i + 1) : '')),
          }),
      ),
    ],
  })

/** A grid to draw points into: cells between its lines, the numbers of both axes at its edges. */
function grid(across: ToldAxis, up: ToldAxis) {
  const bare = (text: string, alignment: (typeof AlignmentType)[keyof typeof AlignmentType] = AlignmentType.LEFT) =>
    new TableCell({ borders: NO_BORDERS, children: [new Paragraph({ alignment, text })] })
  const steps = up.ticks.slice(1).reverse()
  return new Table({
    width: { size: 100, type: WidthType.PERCENTAGE },
    rows: [
      ...steps.map(
        tick =>
          new TableRow({
            height: { value: 420, rule: 'exact' },
            children: [bare(tick, AlignmentType.RIGHT), ...across.ticks.slice(1).map(() => cell())],
          }),
      ),
      new TableRow({
        children: [
          bare(up.ticks[0]!, AlignmentType.RIGHT),
          ...across.ticks.slice(1).map(t => bare(t, AlignmentType.RIGHT)),
        ],
      }),
    ],
  })
}

/** A text in the reader's language, with `{name}` filled in. */
type Words = (english: string, named?: Record<string, unknown>) => string

/** @param words what stands between, in the reader's language */
export async function sheetDocx(sheet: ToldSheet, language: string, words: Words, school = ''): Promise<Blob> {
  const { axes } = sheet
  const children = [
    ...(school ? [line(school)] : []),
    heading(sheet.title, HeadingLevel.HEADING_1),
    toFillIn(words('Name, class, date:')),
    heading(words('1 Predict')),
    line(sheet.question.ask),
    line(words('What do you think will happen? Tick one, and say why.')),
    ...sheet.ends.map(end => line(`☐ ${end}`)),
    toFillIn(words('Because')),
    ...sheet.before.map(q => toFillIn(q.ask)),
    heading(words('2 Observe')),
    records([words('run'), ...sheet.columns, words('what happened')]),
    ...(axes ? [line(''), grid(axes.across, axes.up), line(`↑ ${axes.up.name}   → ${axes.across.name}`)] : []),
    heading(words('3 Explain')),
    ...sheet.sets.flatMap(set => [
      heading(words('Set {letter}', { letter: set.letter }), HeadingLevel.HEADING_3),
      ...set.questions.map((q, i) => toFillIn(`${i + 1}. ${q.ask}`)),
    ]),
    new Paragraph({ children: [new PageBreak()] }),
    heading(words('For the teacher: answers')),
    line(`${words('In the numbers of the likeliest run. It ends so:')} ${sheet.ended}`),
    ...[sheet.question, ...sheet.before].flatMap(q => [line(q.ask), line(`→ ${q.answer}`)]),
    ...sheet.sets.flatMap(set => [
      heading(words('Set {letter}, from {age} years', { letter: set.letter, age: set.from }), HeadingLevel.HEADING_3),
      ...set.questions.flatMap((q, i) => [line(`${i + 1}. ${q.ask}`), line(`→ ${q.answer}`)]),
    ]),
  ]
  return Packer.toBlob(
    new Document({
      title: sheet.title,
      styles: { default: { document: { run: { font: 'Arial', size: 20, language: { value: language } } } } },
      sections: [{ properties: { page: { margin: { top: 700, bottom: 700, left: 800, right: 800 } } }, children }],
    }),
  )
}
