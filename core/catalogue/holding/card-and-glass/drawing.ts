/** What is seen of it at a moment. */
import { kPa, type Point, rectangle, said, type Shape, valueAt } from '../../../demonstration'
import type { CardAndGlass } from './simulate'

export const drawing: CardAndGlass['drawing'] = (values, s, time) => {
  const n = values.numbers
  const [turned, hang, left, pressure] = ['turned', 'sag', 'waterLeft', 'pressure'].map(c =>
    valueAt(s.trace, c, time),
  ) as [number, number, number, number]
  const [d, h] = [n.glassDiameter, n.glassHeight]
  const over = turned >= 0.5
  const base = 0.35 * h + 0.15 * h
  const narrow = 0.82
  const wall: Point[] = over
    ? [
        [-d / 2, base],
        [(-d / 2) * narrow, base + h],
        [(d / 2) * narrow, base + h],
        [d / 2, base],
      ]
    : [
        [-d / 2, base + h],
        [(-d / 2) * narrow, base],
        [(d / 2) * narrow, base],
        [d / 2, base + h],
      ]
  const level = n.fillShare * left * h
  const at = (y: number) => (d / 2) * (over ? 1 - ((1 - narrow) * y) / h : narrow + ((1 - narrow) * y) / h)
  // A sag of a fraction of a millimetre is drawn ten times as large.
  const low = base - Math.min(0.06 * h, hang * 10)
  const shapes: Shape[] = [
    { kind: 'gas', points: wall, air: pressure / n.stationPressure, vapour: 0 },
    {
      kind: 'body',
      points: [
        [-at(0), over ? low : base],
        [-at(level), base + level],
        [at(level), base + level],
        [at(0), over ? low : base],
      ],
      stuff: 'water',
      opacity: 0.85,
    },
    { kind: 'body', points: wall, stuff: 'glass', open: true, thick: 3 },
    ...(left > 0.98
      ? [
          {
            kind: 'body',
            points: rectangle(-d * 0.65, over ? low - 0.02 * h : base + h, d * 1.3, 0.02 * h),
            stuff: 'card',
          } as Shape,
        ]
      : [{ kind: 'body', points: rectangle(-d * 0.5, 0.05 * h, d * 1.3, 0.02 * h), stuff: 'card' } as Shape]),
    {
      kind: 'body',
      points: [
        [-d * 1.1, 0.28 * h],
        [-d * 0.9, 0],
        [d * 0.9, 0],
        [d * 1.1, 0.28 * h],
      ],
      stuff: 'metal',
      open: true,
      thick: 2,
    },
    ...(left < 0.98
      ? [
          { kind: 'body', points: rectangle(-d * 0.3, 0.03 * h, d * 0.6, base), stuff: 'water', opacity: 0.6 } as Shape,
          {
            kind: 'body',
            points: rectangle(-d * 0.95, 0.01 * h, d * 1.9, 0.1 * h),
            stuff: 'water',
            opacity: 0.6,
          } as Shape,
        ]
      : []),
    ...(over && left > 0.98
      ? [-0.5, 0, 0.5].map((x): Shape => ({
          kind: 'push',
          stuff: 'outside-air',
          from: [x * d, low - 0.26 * h],
          to: [x * d, low - 0.04 * h],
        }))
      : []),
    {
      kind: 'note',
      at: [d * 0.85, base + h * 0.85],
      anchor: 'start',
      stuff: 'ink',
      said: ['trapped air ', kPa(pressure)],
    },
    {
      kind: 'note',
      at: [d * 0.85, base - 0.1 * h],
      anchor: 'start',
      stuff: 'outside-air',
      said: ['outside ', kPa(n.stationPressure)],
    },
    ...(over
      ? [
          {
            kind: 'note',
            at: [-d * 0.85, base],
            anchor: 'end',
            stuff: 'ink',
            said: ['card lower by ', said(hang, 'length', 'mm', 'in')],
          } as Shape,
        ]
      : []),
  ]
  return {
    frame: { left: -1.9 * h, right: 1.9 * h, bottom: 0, top: base + 1.08 * h },
    shapes,
    caption: [
      left < 0.98
        ? 'Down it comes.'
        : over
          ? 'The room pushes up; the card hangs a hair lower (drawn ten times as much).'
          : 'Hand flat on the card, turn.',
    ],
  }
}
