/** What is seen of it at a moment. */
import { kPa, type Point, said, type Shape, valueAt } from '../../../demonstration'
import type { BalloonInGlass } from './simulate'

export const drawing: BalloonInGlass['drawing'] = (values, s, time) => {
  const n = values.numbers
  const [across, lifted, pressure, grip] = ['balloonAcross', 'lifted', 'pressure', 'grip'].map(c =>
    valueAt(s.trace, c, time),
  ) as [number, number, number, number]
  const [d, deep] = [n.glassDiameter, n.insertDepth]
  const h = Math.max(deep * 1.4, d * 1.2)
  const up = lifted * 0.4 * h
  const wall: Point[] = [
    [-d / 2, up + h],
    [-d / 2, up + 0.003],
    [d / 2, up + 0.003],
    [d / 2, up + h],
  ]
  const inside = Math.min(across, d)
  const outer = Math.max(across, 0.012)
  const shapes: Shape[] = [
    {
      kind: 'body',
      points: [
        [-inside * 0.46, up + h - deep],
        [-inside / 2, up + h - deep * 0.75],
        [-inside / 2, up + h],
        [inside / 2, up + h],
        [inside / 2, up + h - deep * 0.75],
        [inside * 0.46, up + h - deep],
      ],
      stuff: 'rubber',
      opacity: 0.8,
    },
    { kind: 'round', at: [0, up + h + outer * 0.36], across: outer, high: outer * 0.95, stuff: 'rubber', opacity: 0.8 },
    { kind: 'body', points: wall, stuff: 'glass', open: true, thick: 4 },
    ...(across > d
      ? [0.3, 0.6].flatMap((share): Shape[] =>
          [-1, 1].map(side => ({
            kind: 'push',
            stuff: 'inside-air',
            from: [side * d * 0.2, up + h - deep * share],
            to: [side * d * 0.48, up + h - deep * share],
          })),
        )
      : []),
    {
      kind: 'note',
      at: [d * 1.1, up + h * 0.6],
      anchor: 'start',
      stuff: 'ink',
      said: ['friction ', said(grip, 'force', 'N', 'lbf')],
    },
    {
      kind: 'note',
      at: [-d * 1.1, up + h * 0.6],
      anchor: 'end',
      stuff: 'ink',
      said: ['in the balloon ', kPa(pressure)],
    },
    {
      kind: 'note',
      at: [-d * 1.1, up + h * 0.35],
      anchor: 'end',
      stuff: 'outside-air',
      said: ['outside ', kPa(n.stationPressure)],
    },
  ]
  const size = Math.max(n.blownTo, d)
  return {
    frame: { left: -2.2 * size, right: 2.2 * size, bottom: 0, top: 1.4 * h + 0.9 * size },
    shapes,
    caption: [
      lifted > 0.1
        ? 'Up it goes: friction carries it.'
        : across > d
          ? 'It presses on the wall all round.'
          : 'Not yet touching.',
    ],
  }
}
