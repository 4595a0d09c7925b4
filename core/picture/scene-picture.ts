/**
 * A scene as the elements of a picture: to one scale, with its bench, its arrows and its words, none over another.
 * A screen and the server's small pages draw the same.
 */
import type { Note, Point, Scene, Shape } from '../demonstration'
import { asLength } from '../sentence'
import type { UnitSystem } from '../units'
import { drawn, type Drawn } from './drawn'
import { FILL, LINE, inkOfWords } from './inks'

/** Height of a picture, in its own units, unless its scene is flatter. */
const HEIGHT = 258
const MARGIN = 8
/** Under the bench, for names. */
const FOOT = 16
/** Width of a letter, and height of a line, of the words in it. */
const LETTER = 6.4
const LINE_HEIGHT = 14

export interface Picture {
  width: number
  height: number
  elements: readonly Drawn[]
  caption: string
}

type Of<K extends Shape['kind']> = Extract<Shape, { kind: K }>

/** Lengths that a scale is told by, m: round ones of those who read metres, and of those who read inches. */
const INCH = 0.0254
const ROUND: Readonly<Record<UnitSystem, readonly number[]>> = {
  si: [1, 2, 5].flatMap(n => [1e-3, 1e-2, 0.1, 1].map(of => n * of)),
  us: [0.25, 0.5, 1, 2, 4, 6, 12, 24, 60, 120].map(n => n * INCH),
}
/** A scale's bar is at most so long. */
const BAR = 96

/**
 * @param width of the picture, in its own units
 * @param uid what its patterns and markers are named by: unlike any other on the page
 * @param words what a reader is told by notes
 * @param more.height at most, in its own units
 * @param more.ruler tells the scale by a bar that is round in these units
 */
export function pictureOf(
  scene: Scene,
  width: number,
  uid: string,
  words: (said: readonly Note[]) => string,
  more: { height?: number; ruler?: UnitSystem } = {},
): Picture {
  const { left, right, bottom, top } = scene.frame
  const most = more.height ?? HEIGHT
  const scale = Math.min((width - 2 * MARGIN) / (right - left), (most - FOOT - MARGIN) / (top - bottom))
  // No higher than what it shows: a wide scene on a narrow screen leaves no empty sky.
  const height = (top - bottom) * scale + MARGIN + FOOT
  const px = ([x, y]: Point): [x: number, y: number] => [
    width / 2 + (x - (left + right) / 2) * scale,
    height - FOOT - (y - bottom) * scale,
  ]
  const path = (points: readonly Point[], closed: boolean) =>
    `M${points
      .map(p =>
        px(p)
          .map(v => v.toFixed(1))
          .join(','),
      )
      .join('L')}${closed ? 'Z' : ''}`
  const line = (from: Point, to: Point): Drawn['attributes'] => {
    const [[x1, y1], [x2, y2]] = [px(from), px(to)]
    return { x1, y1, x2, y2 }
  }

  const flame = ({ at, high }: Of<'flame'>) => {
    const [x, y] = px(at)
    const h = Math.max(9, high * scale)
    const [wide, narrow, low, upper, tip] = [h * 0.34, h * 0.1, y - h * 0.3, y - h * 0.6, y - h]
    const rise = `C${x - wide} ${low} ${x - narrow} ${upper} ${x} ${tip}`
    return `M${x} ${y}${rise}C${x + narrow} ${upper} ${x + wide} ${low} ${x} ${y}Z`
  }
  /** Bubbles spread evenly, without chance, so that they stay where they are between frames. */
  const bubbles = ({ at, wide, high, count }: Of<'bubbles'>) =>
    Array.from({ length: count }, (_, i) => {
      const [cx, cy] = px([at[0] + wide * (((i * 0.618) % 1) - 0.5), at[1] + high * ((i * 0.381 + 0.1) % 1)])
      return drawn('circle', { cx, cy, r: 1.6 + (i % 3) * 0.8, class: `rising rising-${i % 7}` })
    })
  const shapeOf = (shape: Exclude<Shape, { kind: 'note' }>): Drawn => {
    switch (shape.kind) {
      case 'body':
        return drawn('path', {
          'd': path(shape.points, !shape.open),
          'fill': shape.open || shape.hollow ? 'none' : FILL[shape.stuff],
          'stroke': LINE[shape.stuff],
          'stroke-width': shape.thick ?? 1.4,
          'opacity': shape.opacity ?? 1,
          'stroke-linejoin': 'round',
          'stroke-linecap': 'round',
        })
      case 'gas': {
        const d = path(shape.points, true)
        return drawn('g', {}, [
          drawn('path', { d, fill: 'var(--sheet)' }),
          ...(shape.vapour > 0
            ? [drawn('path', { d, fill: 'var(--vapour-wash)', opacity: Math.min(1, shape.vapour) })]
            : []),
          drawn('path', { d, fill: `url(#${uid}-air)`, opacity: Math.min(0.75, 0.5 * shape.air) }),
        ])
      }
      case 'round': {
        const [cx, cy] = px(shape.at)
        return drawn('ellipse', {
          cx,
          cy,
          'rx': (shape.across * scale) / 2,
          'ry': ((shape.high ?? shape.across) * scale) / 2,
          'fill': shape.hollow ? 'none' : FILL[shape.stuff],
          'stroke': LINE[shape.stuff],
          'stroke-width': 1.6,
          'opacity': shape.opacity ?? 1,
        })
      }
      case 'bubbles':
        return drawn('g', { 'fill': 'var(--cloud)', 'stroke': 'var(--water)', 'stroke-width': 0.8 }, bubbles(shape))
      case 'flame':
        return drawn('path', {
          d: flame(shape),
          fill: 'var(--flame)',
          stroke: 'var(--flame-line)',
          class: 'flickering',
        })
      case 'plume': {
        const [x, y] = px(shape.at)
        return drawn(
          'g',
          {
            'transform': `translate(${x} ${y})`,
            'class': 'swaying',
            'fill': 'none',
            'stroke': 'var(--vapour)',
            'stroke-width': 3,
            'stroke-linecap': 'round',
            'opacity': 0.7,
          },
          ['M-5 -3q-7 -12 0 -22t-2 -22', 'M5 -3q7 -12 0 -24t3 -20', 'M0 -6q4 -14 -1 -28'].map(d =>
            drawn('path', { d }),
          ),
        )
      }
      case 'drops':
        return drawn(
          'g',
          { 'stroke': 'var(--water)', 'stroke-width': 1.8, 'stroke-linecap': 'round', 'class': 'falling' },
          shape.strokes.map(([from, to]) => drawn('line', line(from, to))),
        )
      case 'cloud':
        return drawn('path', {
          d: path(shape.points, true),
          fill: 'var(--cloud-line)',
          opacity: Math.min(0.9, 1 - 1 / (1 + 2.2 * shape.depth)),
        })
      case 'push': {
        const outside = shape.stuff === 'outside-air'
        const [[x1, y1], [x2, y2]] = [px(shape.from), px(shape.to)]
        // Its head is as much larger than its line everywhere: a short arrow is a thin one.
        const thick = Math.min(2.2, Math.max(0.8, Math.sqrt((x2 - x1) * (x2 - x1) + (y2 - y1) * (y2 - y1)) / 9))
        return drawn('line', {
          ...{ x1, y1, x2, y2 },
          'stroke': outside ? 'var(--outside-air)' : 'var(--vapour)',
          'stroke-width': thick,
          'marker-end': `url(#${uid}-${outside ? 'outside-air' : 'inside-air'})`,
        })
      }
    }
  }

  /** Names that would stand over one another are moved down a line. */
  const notes: { x: number; y: number; wide: number; text: string; fill: string }[] = []
  const bar = more.ruler && Math.max(0, ...ROUND[more.ruler].filter(length => length * scale <= BAR))
  if (bar) {
    const text = words([asLength(bar)])
    notes.push({ x: MARGIN + bar * scale + 6, y: 14, wide: text.length * LETTER, text, fill: 'var(--soft-ink)' })
  }
  for (const shape of scene.shapes) {
    if (shape.kind !== 'note') continue
    const [at, high] = px(shape.at)
    const text = words(shape.said)
    const wide = text.length * LETTER
    const from = { start: at, middle: at - wide / 2, end: at - wide }[shape.anchor ?? 'start']
    const x = Math.min(Math.max(from, 2), width - wide - 2)
    let y = Math.min(height - 4, Math.max(12, high))
    while (notes.some(n => Math.abs(n.y - y) < LINE_HEIGHT && x < n.x + n.wide && n.x < x + wide)) y += LINE_HEIGHT
    notes.push({ x, y, wide, text, fill: inkOfWords(shape.stuff) })
  }

  const bench = px([0, 0])[1]
  return {
    width,
    height,
    caption: words(scene.caption),
    elements: [
      drawn('defs', {}, [
        air(uid),
        arrow(`${uid}-outside-air`, '--outside-air'),
        arrow(`${uid}-inside-air`, '--vapour'),
      ]),
      drawn('line', { 'x1': 0, 'x2': width, 'y1': bench, 'y2': bench, 'stroke': 'var(--hairline)', 'stroke-width': 2 }),
      ...scene.shapes.flatMap(shape => (shape.kind === 'note' ? [] : [shapeOf(shape)])),
      ...(bar
        ? [drawn('path', { d: barOf(bar * scale), fill: 'none', stroke: 'var(--soft-ink)', class: 'scale' })]
        : []),
      ...notes.map(({ x, y, fill, text }) => ({ ...drawn('text', { x, y, fill, class: 'label' }), text })),
    ],
  }
}

/** The bar of a scale, with its two ends, at the upper left. */
const barOf = (long: number): string => `M${MARGIN} 5v10m0-5h${long.toFixed(1)}m0-5v10`

/** The hatching of air. */
const air = (uid: string): Drawn =>
  drawn(
    'pattern',
    { id: `${uid}-air`, width: 6, height: 6, patternUnits: 'userSpaceOnUse', patternTransform: 'rotate(45)' },
    [drawn('rect', { width: 1.6, height: 6, fill: 'var(--outside-air)' })],
  )

const arrow = (id: string, colour: string): Drawn =>
  drawn(
    'marker',
    { id, viewBox: '0 0 8 8', refX: 7, refY: 4, markerWidth: 6, markerHeight: 6, orient: 'auto-start-reverse' },
    [drawn('path', { d: 'M0 0L8 4L0 8z', fill: `var(${colour})` })],
  )
