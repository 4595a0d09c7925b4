/** What is seen of it at a moment. */
import { kPa, said, type Shape, valueAt } from '../../../demonstration'
import type { BalloonLine } from './simulate'

export const drawing: BalloonLine['drawing'] = (values, s, time) => {
  const n = values.numbers
  const [place, speed, across, left, pressure] = ['place', 'speed', 'balloonAcross', 'left', 'pressure'].map(c =>
    valueAt(s.trace, c, time),
  ) as [number, number, number, number, number]
  const l = n.lineLength
  // The balloon is drawn larger than to scale on a long line, and says so.
  const larger = Math.max(1, (l * 0.13) / n.blownTo)
  const long = values.choices.balloonShape === 'long'
  const size = (long ? s.details.longWidth : Math.max(0.02, across)) * larger
  const stretch = long ? Math.max(0.15, left) * 5 : 1
  const x = -l / 2 + place
  const y = 0.16 * l
  const shapes: Shape[] = [
    {
      kind: 'body',
      points: [
        [-l / 2, y],
        [l / 2, y + n.lineSlope * l],
      ],
      stuff: 'ink',
      open: true,
      thick: 1.5,
    },
    ...[-1, 1].map((side): Shape => ({
      kind: 'body',
      points: [
        [(side * l) / 2, 0],
        [(side * l) / 2, y * 1.15 + (side > 0 ? n.lineSlope * l : 0)],
      ],
      stuff: 'metal',
      open: true,
      thick: 4,
    })),
    {
      kind: 'round',
      at: [x, y + n.lineSlope * place - size * 0.6],
      across: Math.max(size * stretch, 0.012 * l),
      high: size,
      stuff: 'rubber',
      opacity: 0.85,
    },
    ...(pressure > s.details.stationPressure + 20
      ? [0, 1].map((i): Shape => ({
          kind: 'push',
          stuff: 'inside-air',
          from: [x - size * stretch * 0.55, y - size * (0.5 + 0.2 * i) + n.lineSlope * place],
          to: [x - size * stretch * 0.55 - 0.07 * l, y - size * (0.5 + 0.2 * i) + n.lineSlope * place],
        }))
      : []),
    {
      kind: 'note',
      at: [0, y * 1.7],
      anchor: 'middle',
      stuff: 'ink',
      said: [
        said(speed, 'speed', 'm/s', 'ft/s'),
        '   in the balloon ',
        kPa(pressure),
        '   outside ',
        kPa(s.details.stationPressure),
      ],
    },
  ]
  return {
    frame: { left: -0.68 * l, right: 0.56 * l, bottom: 0, top: y * 2 + Math.max(0, n.lineSlope) * l },
    shapes,
    caption: [
      larger > 1.05 ? 'Balloon drawn larger than to scale. ' : '',
      said(place, 'length', 'm', 'ft'),
      ' along the line.',
    ],
  }
}
