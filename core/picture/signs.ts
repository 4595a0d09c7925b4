/**
 * The sign of an ending: what one would see, drawn small, for what was staged. Ten wide and fourteen high; colour is
 * never all that tells two apart.
 */
import type { OutcomeLook, Subject } from '../demonstration'

export interface Stroke {
  d: string
  fill?: string
  line?: string
  /** of the line */ width?: number
  dash?: string
}
export type Sign = readonly Stroke[]

const WIDTH = 1.2
const GAP = 'var(--gap)'
const WATER = 'var(--water)'
const VESSEL = 'var(--vessel)'
const FIELD = 'var(--field)'
const FOOD = 'var(--food)'
const FOOD_LINE = 'var(--food-line)'
const RUBBER = 'var(--rubber)'
const RUBBER_LINE = 'var(--rubber-line)'
const DANGER = 'var(--danger)'
const CLOUD = 'var(--soft-ink)'
const METAL = 'var(--metal)'

const area = (d: string, fill: string, line?: string): Stroke => ({ d, fill, ...(line && { line, width: WIDTH }) })
const line = (d: string, colour: string, width = WIDTH): Stroke => ({ d, line: colour, width })
const dashed = (d: string): Stroke => ({ d, fill: FIELD, line: VESSEL, width: WIDTH, dash: '2 1.2' })
const round = (x: number, y: number, rx: number, ry = rx): string =>
  `M${x - rx} ${y}a${rx} ${ry} 0 1 0 ${2 * rx} 0a${rx} ${ry} 0 1 0 ${-2 * rx} 0z`

const BOX = 'M1.5 1h7v12h-7z'
const BOTTLE = 'M3.6 .8h2.8v3l2.1 2.4v7h-7v-7l2.1-2.4z'
const WAIST = 'M1 1h8l-2.5 5.5 2.5 6.5h-8l2.5-5z'
const DENT = 'M1.5 1h7v12h-7V9q3-2 0-4z'
/** A lying tank with a hollow in its top. */
const DINTED_TANK = 'M.8 5q0-1.5 1.5-1.5h1.7q1 2.2 2 0h1.7q1.5 0 1.5 1.5v4q0 1.5-1.5 1.5h-5.4q-1.5 0-1.5-1.5z'
const JAR = 'M1.5 13.2V3.8q0-3 3.5-3t3.5 3v9.4'
const CRACK = line('M3.5 3l2 3.5-2 1.5 2.5 5', DANGER, 1.4)
const BURST = line('M5 7L1 2M5 7l4-5M5 7L.8 8.5M5 7l4.2 1.5M5 7L3 13M5 7l2 6M5 7V1.5', DANGER, 1.3)
const ARROW = (length: number): Stroke =>
  line(`M.8 7h${length}m-2.4-2.6L${(0.8 + length).toFixed(1)} 7l-2.4 2.6`, GAP, 1.6)

const bottle = (water: number): Sign => [
  area(`M1.9 ${13.2 - water}h6.2v${water - 0.4}h-6.2z`, WATER),
  { d: BOTTLE, line: VESSEL, width: WIDTH },
]
const jar = (water: number, candle: boolean): Sign => [
  area(`M1.8 ${13.2 - water}h6.4v${water}h-6.4z`, WATER),
  { d: JAR, line: VESSEL, width: WIDTH },
  ...(candle ? [area('M4.2 7h1.6v6h-1.6z', FOOD), area('M5 3.5q1.5 1.8 0 3q-1.5-1.2 0-3z', 'var(--flame)')] : []),
]
const beaker = (bubbles: readonly (readonly [number, number])[]): Sign => [
  area('M1.6 4.5h6.8v8h-6.8z', 'var(--water-wash)'),
  line('M1.2 2v10.8h7.6V2', VESSEL),
  ...bubbles.map(([x, y]) => area(round(x, y, 1.05), FIELD, WATER)),
]
const EGG = (x: number, y: number): Stroke => area(round(x, y, 2, 2.5), FOOD, FOOD_LINE)
/** A bottle low down, an egg's width of room above it. */
const EGG_BOTTLE = line('M3.4 4.6v2L1.5 8.5v4.7h7V8.5L6.6 6.6v-2', VESSEL)
const BALLOON = (rx: number, ry: number): Stroke => area(round(5, 6.8, rx, ry), RUBBER, RUBBER_LINE)
const UNDER_JAR = line(JAR, VESSEL)
const TRACK = line('M.5 7h9', VESSEL, 0.7)

/** By what was staged and how it ends. */
const SIGNS: Readonly<Record<Subject, Readonly<Partial<Record<OutcomeLook, Sign>>>>> = {
  'can': {
    'gone': [area(WAIST, GAP)],
    'partly': [area(DENT, 'var(--gap-ground)', GAP)],
    'part-filled': [area(BOX, FIELD, WATER), area('M2 8.5h6v4h-6z', WATER), area(DENT, 'none', GAP)],
    'filled': [area(BOX, FIELD, WATER), area('M2 3h6v9.5h-6z', WATER)],
    'nothing': [dashed(BOX)],
  },
  'crushed-drum': {
    'filled': [area(BOX, METAL, VESSEL), line('M1.5 5h7M1.5 9h7', VESSEL)],
    'partly': [area(DENT, METAL, VESSEL)],
    'nothing': [area(WAIST, METAL, VESSEL)],
  },
  'tank': {
    'filled': [area('M.8 5q0-1.5 1.5-1.5h5.4q1.5 0 1.5 1.5v4q0 1.5-1.5 1.5h-5.4q-1.5 0-1.5-1.5z', METAL, VESSEL)],
    'partly': [area(DINTED_TANK, METAL, VESSEL)],
    'gone': [area('M.8 4l3 2.5L5 8l1.2-1.5 3-2.5v6.5l-3-1.5h-2.4l-3 1.5z', GAP)],
  },
  'soft-bottle': {
    'gone': [area('M3.6 .8h2.8v3l2.1 2.4L6 9.5l2.5 3.7h-7L4 9.5 1.5 6.2l2.1-2.4z', GAP)],
    'partly': [area('M3.6 .8h2.8v3l2.1 2.4v7h-7v-2q2.6-1.5 0-3.5V6.2l2.1-2.4z', 'var(--gap-ground)', GAP)],
    'nothing': [dashed(BOTTLE)],
  },
  'bottle': {
    'filled': bottle(10),
    'part-filled': bottle(4),
    'nothing': [dashed(BOTTLE)],
    'harm': [area(BOTTLE, FIELD, DANGER), CRACK],
  },
  'balloon-into-flask': {
    'gone': [
      area(round(5, 8.7, 3.9), FIELD, VESSEL),
      area(round(5, 8, 2.5, 2.3), RUBBER, RUBBER_LINE),
      line('M3.8 .8v4.5M6.2 .8v4.5', VESSEL),
    ],
    'partly': [area(round(5, 8.7, 3.9), FIELD, VESSEL), line('M3.8 .8v5q1.2 3.4 2.4 0v-5', RUBBER_LINE, 1.4)],
    'nothing': [
      area(round(5, 9.5, 3.4), FIELD, VESSEL),
      line('M3.8 3.5v3M6.2 3.5v3', VESSEL),
      area(round(5, 2.3, 1.7), RUBBER, RUBBER_LINE),
    ],
    'part-filled': [area(round(5, 9.5, 3.4), FIELD, VESSEL), line('M5 6L3.5 .8M5 6V.8M5 6L6.5 .8', DANGER, 1.3)],
    'harm': [area(round(5, 8.7, 3.9), FIELD, DANGER), line('M3.8 .8v4.5M6.2 .8v4.5', VESSEL), CRACK],
  },
  'egg-into-bottle': {
    'gone': [EGG(5, 10.2), EGG_BOTTLE],
    'harm': [EGG_BOTTLE, EGG(5, 3.2), line('M3 2l1.5 1.5L4 5l2.5 1.5', DANGER, 1.3)],
    'nothing': [EGG_BOTTLE, EGG(5, 2.9)],
  },
  'egg-out-of-bottle': {
    'gone': [EGG_BOTTLE, EGG(5, 2.6), line('M8.6 5V1.5m-1.2 1.3L8.6 1.5l1.2 1.3', GAP, 1)],
    'harm': [
      EGG_BOTTLE,
      area('M1 2.5l2.5-1.5.5 2zM6 1.5l3 .5-1.5 2z', FOOD, FOOD_LINE),
      area('M4 9.5h2.5l-1 2.5z', FOOD, DANGER),
    ],
    'nothing': [EGG(5, 10.4), EGG_BOTTLE],
  },
  'candle-under-jar': {
    'gone': jar(7, false),
    'partly': [...jar(5, false), area('M4.2 6.2h1.6v2h-1.6z', FOOD)],
    'part-filled': [...jar(2.5, false), line('M.3 13.3h9.4', DANGER, 1.3)],
    'nothing': jar(1, true),
  },
  'balloon-in-jar': {
    'gone': [BALLOON(3, 4.2), UNDER_JAR],
    'partly': [BALLOON(2.3, 2.9), UNDER_JAR],
    'nothing': [BALLOON(1.3, 1.6), UNDER_JAR],
    'harm': [BURST, UNDER_JAR],
  },
  'pack': {
    'gone': [area('M1 3.5q4-3 8 0q2 3.5 0 7q-4 3-8 0q-2-3.5 0-7z', FOOD, FOOD_LINE)],
    'harm': [area('M1 5.5q2-1.5 3-1l1 3 1-3q1-.5 3 1v5q-4 2-8 0z', FOOD, DANGER)],
    'nothing': [area('M1 5.5q4-1.2 8 0v3.2q-4 1.2-8 0z', FIELD, FOOD_LINE)],
  },
  'flat-balloon': {
    'gone': [
      area('M.8 7q4.2-1.6 8.4 0q-4.2 1.6-8.4 0z', RUBBER, RUBBER_LINE),
      line('M5 1v3.5m-1.5-1.5L5 4.5l1.5-1.5M5 13V9.5m-1.5 1.5L5 9.5l1.5 1.5', GAP, 1),
    ],
    'nothing': [BALLOON(3, 3.6)],
  },
  'column': {
    'gone': [area('M3.8 3h2.4v10h-2.4z', WATER), line('M3.3 .8v12.4M6.7 .8v12.4', VESSEL)],
    'filled': [
      area('M3.8 .8h2.4v12.2h-2.4z', WATER),
      line('M3.3 .8v12.4M6.7 .8v12.4', VESSEL),
      area('M1.6 3q1.1 2 0 2.7q-1.1-.7 0-2.7z', WATER),
    ],
    'nothing': [area('M3.8 11h2.4v2h-2.4z', WATER), line('M3.3 .8v12.4M6.7 .8v12.4', VESSEL)],
  },
  'boiling': {
    'gone': beaker([
      [3, 11],
      [6.5, 10.5],
      [4.8, 8.2],
      [2.9, 6.4],
      [7, 6.2],
      [5, 3.5],
    ]),
    'partly': beaker([
      [3.5, 11],
      [6.3, 9.5],
    ]),
    'nothing': beaker([]),
  },
  'marshmallow': {
    'gone': [area('M1 4.5q0-2 4-2t4 2v5.5q0 2-4 2t-4-2z', FOOD, FOOD_LINE), line('M1 4.5q0 2 4 2t4-2', FOOD_LINE, 0.9)],
    'nothing': [area('M3 6q0-1 2-1t2 1v2.5q0 1-2 1t-2-1z', FOOD, FOOD_LINE)],
  },
  'bell': {
    'gone': [area('M2 10q1.2-1 1.2-4t1.8-3t1.8 3t1.2 4z', METAL, VESSEL), line('M1 12.5L9 2', DANGER, 1.3)],
    'partly': [area('M2 10q1.2-1 1.2-4t1.8-3t1.8 3t1.2 4z', METAL, VESSEL), line('M9 4q.9 2 0 4', GAP, 1)],
    'nothing': [
      area('M2 10q1.2-1 1.2-4t1.8-3t1.8 3t1.2 4z', METAL, VESSEL),
      line('M9 3.5q1.2 2.5 0 5M1 3.5q-1.2 2.5 0 5M5 1V0', GAP, 1),
    ],
    'harm': [area('M2 10q1.2-1 1.2-4t1.8-3t1.8 3t1.2 4z', FIELD, VESSEL), line('M3.5 12.5h3', DANGER, 1.4)],
  },
  'halves': {
    'gone': [area('M1 2h3.8v10H1zM5.2 2H9v10H5.2z', GAP)],
    'partly': [area('M.8 2h3.2v10H.8zM6 2h3.2v10H6z', 'var(--gap-ground)', GAP)],
    'nothing': [dashed('M.8 2h2.2v10H.8z'), dashed('M7 2h2.2v10H7z')],
  },
  'cup': {
    'gone': [area('M5 .8v3q3.5.7 4 4.2H1q.5-3.5 4-4.2z', RUBBER, RUBBER_LINE), area('M1 9h8v3.5H1z', GAP)],
    'partly': [
      area('M5 .8v3q3.5.7 4 4.2H1q.5-3.5 4-4.2z', RUBBER, RUBBER_LINE),
      area('M1 10.8l8-1.3v2.5l-8 1.2z', 'var(--gap-ground)', GAP),
    ],
    'nothing': [area('M5 .8v2q3.5.5 4 3H1q.5-2.5 4-3z', FIELD, RUBBER_LINE), line('M.8 12.8h8.4', VESSEL, 1.4)],
  },
  'card': {
    'gone': [area('M2 1.5h6v8.5H2z', WATER), line('M2 .8v9.5M8 .8v9.5', VESSEL), line('M.8 11.3h8.4', GAP, 1.6)],
    'partly': [area('M2 1.5h6v8.5H2z', WATER), line('M2 .8v9.5M8 .8v9.5', VESSEL), line('M.8 11l8.4 1.7', GAP, 1.6)],
    'nothing': [
      line('M2 .8v9.5M8 .8v9.5', VESSEL),
      line('M3 11.5l5 1.7', VESSEL, 1.4),
      area('M5 4q1.8 3 0 4q-1.8-1 0-4z', WATER),
    ],
  },
  'balloon-in-tumbler': {
    'gone': [area(round(5, 4.2, 3.4), RUBBER, RUBBER_LINE), line('M1.8 6v7h6.4V6', VESSEL), line('M5 13.6h.01', GAP)],
    'nothing': [area(round(5, 3, 2.5), RUBBER, RUBBER_LINE), line('M1.8 7.5v5.7h6.4V7.5', VESSEL)],
    'harm': [line('M5 4L2 .8M5 4l3-3.2M5 4L1 5M5 4l4 1M5 4V.8', DANGER, 1.3), line('M1.8 7v6.2h6.4V7', VESSEL)],
  },
  'cloud': {
    'gone': [area('M2.4 11q-1.9 0-1.9-2t2-2q0-3 2.7-3t2.7 2.6q1.9 0 1.9 2.2t-2 2.2z', CLOUD)],
    'partly': [
      {
        d: 'M2.4 11q-1.9 0-1.9-2t2-2q0-3 2.7-3t2.7 2.6q1.9 0 1.9 2.2t-2 2.2z',
        fill: FIELD,
        line: CLOUD,
        width: 1,
        dash: '1.4 1.2',
      },
    ],
    'nothing': [dashed(BOTTLE)],
  },
  'diver': {
    'gone': [
      area('M1.2 3h7.6v10H1.2z', 'var(--water-wash)', WATER),
      area(round(3.4, 9.8, 1, 1.7), GAP),
      line('M6.7 11V5m-1.4 4.6L6.7 11l1.4-1.4M5.3 6.4L6.7 5l1.4 1.4', GAP, 1),
    ],
    'nothing': [area('M1.2 3h7.6v10H1.2z', 'var(--water-wash)', WATER), area(round(5, 4.3, 1, 1.7), GAP)],
    'partly': [area('M1.2 3h7.6v10H1.2z', 'var(--water-wash)', WATER), area(round(5, 10.8, 1, 1.7), GAP)],
    'harm': [
      area('M1.2 3h7.6v10H1.2z', 'var(--water-wash)', WATER),
      area(round(5, 10.8, 1, 1.7), DANGER),
      line('M3 5l4 4M7 5L3 9', DANGER, 1),
    ],
  },
  'along-a-line': {
    'gone': [TRACK, ARROW(8.2), line('M9.5 3.5v7', VESSEL, 1)],
    'partly': [TRACK, ARROW(4.5), line('M9.5 3.5v7', VESSEL, 1)],
    'nothing': [TRACK, area(round(2, 7, 1.5), FIELD, VESSEL), line('M9.5 3.5v7', VESSEL, 1)],
    'harm': [TRACK, line('M4 7L2.5 3.5M4 7l1.5-3.5M4 7l-1.5 3.5M4 7l1.5 3.5', DANGER, 1.3)],
  },
  'shot': {
    'gone': [line('M.5 4.5h4.5M.5 9.5h4.5', VESSEL), ARROW(8.4)],
    'partly': [line('M.5 4.5h4.5M.5 9.5h4.5', VESSEL), ARROW(5.6)],
    'nothing': [line('M.5 4.5h7M.5 9.5h7', VESSEL), area(round(3, 7, 1.7), FIELD, VESSEL)],
  },
  'lid': {
    'gone': [area('M2.5 7h5v6h-5z', METAL, VESSEL), area('M2 1.2h6v1.6H2z', GAP), line('M5 6V4', GAP)],
    'harm': [
      area('M2.5 7h5v6h-5z', METAL, VESSEL),
      area('M2 1.2h6v1.6H2z', DANGER),
      line('M1 6L0 4M9 6l1-2M5 6V4', DANGER),
    ],
    'nothing': [area('M2.5 5h5v8h-5z', FIELD, VESSEL), area('M2 3.2h6v1.8H2z', METAL, VESSEL)],
  },
}

/** @throws TypeError where a demonstration ends in a way that its subject has no sign for */
export function signOf(subject: Subject, look: OutcomeLook): Sign {
  const sign = SIGNS[subject][look]
  if (!sign) throw new TypeError(`${subject} has no sign for an ending that is "${look}"`)
  return sign
}
