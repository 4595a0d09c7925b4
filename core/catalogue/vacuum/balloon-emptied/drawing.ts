/** What is seen of it at a moment. */
import { arch, kPa, rectangle, type Shape, valueAt } from '../../../demonstration'
import type { BalloonEmptied } from './simulate'

export const drawing: BalloonEmptied['drawing'] = (values, s, time) => {
  const n = values.numbers
  const across = valueAt(s.trace, 'balloonAcross', time)
  const pressure = valueAt(s.trace, 'pressure', time)
  const flat = across < 0.1 * n.balloonSlack
  const size = Math.max(n.balloonStart, n.balloonSlack)
  const middle = 0.75 * size
  const gap = 0.14 * size
  const width = flat ? n.balloonSlack : Math.max(across, n.balloonSlack * 0.9)
  const high = flat ? 0.12 * n.balloonSlack : across
  const shapes: Shape[] = [
    { kind: 'body', points: rectangle(1.15 * size, 0, 0.5 * size, 0.5 * size), stuff: 'metal' },
    {
      kind: 'body',
      points: [
        [width / 2, middle],
        [0.9 * size, middle],
        [1.0 * size, 0.4 * size],
        [1.15 * size, 0.3 * size],
      ],
      stuff: 'rubber',
      open: true,
      thick: 5,
    },
    { kind: 'round', at: [0, middle], across: width, high, stuff: 'rubber', opacity: 0.8 },
    ...(flat
      ? [
          {
            kind: 'body',
            points: arch(0, middle, width * 0.32, 0.03 * size, 6),
            stuff: 'ink',
            open: true,
            thick: 1,
          } as Shape,
        ]
      : []),
    ...[-0.45, 0, 0.45].flatMap((x): Shape[] => [
      {
        kind: 'push',
        stuff: 'outside-air',
        from: [x * width, middle + high / 2 + gap + 0.12 * size],
        to: [x * width, middle + (high / 2) * Math.sqrt(1 - x * x) + 0.02 * size],
      },
      {
        kind: 'push',
        stuff: 'outside-air',
        from: [x * width, middle - high / 2 - gap - 0.12 * size],
        to: [x * width, middle - (high / 2) * Math.sqrt(1 - x * x) - 0.02 * size],
      },
    ]),
    {
      kind: 'note',
      at: [-0.75 * size, middle],
      anchor: 'end',
      stuff: 'outside-air',
      said: ['outside ', kPa(n.stationPressure)],
    },
    {
      kind: 'note',
      at: [1.4 * size, 0.6 * size],
      anchor: 'middle',
      stuff: 'ink',
      said: ['in the hose ', kPa(pressure)],
    },
  ]
  return {
    frame: { left: -1.7 * size, right: 1.9 * size, bottom: 0, top: 1.5 * size },
    shapes,
    caption: [
      flat
        ? 'Flat: two skins pressed together by the room.'
        : 'The pump takes air; the room keeps it at its own pressure by pushing the skin in.',
    ],
  }
}
