/** What is seen of it at a moment. */
import { rectangle, said, type Shape, valueAt } from '../../../demonstration'
import { jarScene } from '../jar-scene'
import type { BellInVacuum } from './simulate'

export const drawing: BellInVacuum['drawing'] = (values, s, time) => {
  const n = values.numbers
  const level = valueAt(s.trace, 'levelHeard', time)
  const r = 0.16 * n.jarDiameter
  const y = n.jarHeight * 0.42
  const loud = Math.max(0, Math.min(4, Math.round((level - n.roomNoise + 6) / 6)))
  const mount = values.choices.mount
  const swing = Math.round(time * 12) % 2 === 0 ? 1 : -1
  const shapes: Shape[] = [
    ...(mount === 'threads'
      ? [-1, 1].map((side): Shape => ({
          kind: 'body',
          points: [
            [side * r * 0.5, y + r],
            [side * r * 0.9, n.jarHeight * 0.8],
          ],
          stuff: 'rubber',
          open: true,
          thick: 2,
        }))
      : [
          {
            kind: 'body',
            points: rectangle(-r * 1.2, 0, r * 2.4, mount === 'foam' ? y - r : 0.02),
            stuff: mount === 'foam' ? 'food' : 'metal',
            opacity: 0.7,
          } as Shape,
          ...(mount === 'foam'
            ? []
            : [{ kind: 'body', points: rectangle(-r * 0.1, 0, r * 0.2, y - r), stuff: 'metal' } as Shape]),
        ]),
    { kind: 'round', at: [0, y], across: 2 * r, stuff: 'metal' },
    { kind: 'round', at: [0, y], across: 1.5 * r, stuff: 'paper' },
    {
      kind: 'body',
      points: [
        [0, y],
        [0.4 * r, y + 0.3 * r],
      ],
      stuff: 'ink',
      open: true,
      thick: 2,
    },
    { kind: 'round', at: [-r * 0.6, y + r * 1.25], across: r * 0.9, high: r * 0.6, stuff: 'metal' },
    { kind: 'round', at: [r * 0.6, y + r * 1.25], across: r * 0.9, high: r * 0.6, stuff: 'metal' },
    {
      kind: 'body',
      points: [
        [0, y + r],
        [swing * r * 0.14, y + r * 1.4],
      ],
      stuff: 'ink',
      open: true,
      thick: 3,
    },
    ...Array.from({ length: loud }, (_, i): Shape => ({
      kind: 'round',
      at: [0, y + 0.2 * r],
      across: 2 * r * (1.7 + 0.5 * i),
      stuff: 'inside-air',
      hollow: true,
    })),
    { kind: 'note', at: [0, n.jarHeight * 0.06], anchor: 'middle', said: [said(level, 'level', 'dB', 'dB')] },
  ]
  return jarScene(values, s, time, shapes, [
    'Heard at the back: ',
    said(level, 'level', 'dB', 'dB'),
    ', in a room of ',
    said(n.roomNoise, 'level', 'dB', 'dB'),
    '.',
  ])
}
