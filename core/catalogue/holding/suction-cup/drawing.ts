/** What is seen of it at a moment. */
import { arch, kPa, rectangle, type Shape, valueAt } from '../../../demonstration'
import type { SuctionCup } from './simulate'

export const drawing: SuctionCup['drawing'] = (values, s, time) => {
  const n = values.numbers
  const d = n.cupDiameter
  const [pressure, lifted, opened] = ['pressure', 'lifted', 'opened'].map(c => valueAt(s.trace, c, time)) as [
    number,
    number,
    number,
  ]
  const gone = s.details.goneAt !== undefined && time > s.details.goneAt + 0.005
  const up = lifted >= 1 && !gone ? 0.25 * d : 0
  const top = 0.9 * d + up
  const rise = d * (0.16 + 0.24 * Math.max(0, Math.min(1, opened)))
  const away = gone ? 0.35 * d : 0
  const shape = arch(0, top + away, d / 2, rise)
  const shapes: Shape[] = [
    { kind: 'body', points: rectangle(-d, top - 0.1 * d, 2 * d, 0.1 * d), stuff: 'card' },
    { kind: 'body', points: rectangle(-0.85 * d, up, 0.1 * d, top - 0.1 * d - up), stuff: 'card' },
    { kind: 'body', points: rectangle(0.75 * d, up, 0.1 * d, top - 0.1 * d - up), stuff: 'card' },
    ...(gone ? [] : [{ kind: 'gas', points: shape, air: pressure / n.stationPressure, vapour: 0 } as Shape]),
    { kind: 'body', points: shape, stuff: 'rubber', open: true, thick: 6 },
    {
      kind: 'body',
      points: [
        [0, top + rise + away],
        [0, top + rise + 0.45 * d + away],
      ],
      stuff: 'ink',
      open: true,
      thick: 5,
    },
    ...(gone
      ? []
      : [-0.34, 0.34].map((x): Shape => ({
          kind: 'push',
          stuff: 'outside-air',
          from: [x * d, top + rise + 0.3 * d],
          to: [x * d, top + rise * 0.75],
        }))),
    ...(gone
      ? []
      : [-0.3, 0.3].map((x): Shape => ({
          kind: 'push',
          stuff: 'outside-air',
          from: [x * d, top - 0.42 * d],
          to: [x * d, top - 0.12 * d],
        }))),
    { kind: 'note', at: [1.15 * d, top + 0.1 * d], anchor: 'start', stuff: 'ink', said: ['under it ', kPa(pressure)] },
    {
      kind: 'note',
      at: [1.15 * d, top + 0.4 * d],
      anchor: 'start',
      stuff: 'outside-air',
      said: ['outside ', kPa(n.stationPressure)],
    },
  ]
  return {
    frame: { left: -2.2 * d, right: 2.4 * d, bottom: 0, top: 2.25 * d },
    shapes,
    caption: [
      gone
        ? 'Off.'
        : up > 0
          ? 'Lifted: the room pushes the seat up against the cup.'
          : 'Pulled: the little air under it spreads out and pushes less.',
    ],
  }
}
