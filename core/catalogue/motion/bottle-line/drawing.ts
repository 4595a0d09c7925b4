/** What is seen of it at a moment. */
import { bottle, kPa, said, type Shape, valueAt } from '../../../demonstration'
import type { BottleLine } from './simulate'

export const drawing: BottleLine['drawing'] = (values, s, time) => {
  const n = values.numbers
  const [place, speed, pressure] = ['place', 'speed', 'pressure'].map(c => valueAt(s.trace, c, time)) as [
    number,
    number,
    number,
  ]
  const l = n.lineLength
  const tall = 0.13 * l
  const y = 0.17 * l
  const form = bottle(0, 0, { diameter: tall * 0.32, height: tall, neck: tall * 0.12, neckLength: tall * 0.15 })
  // Lying on its side, cap to the left.
  const x = -l / 2 + place * (1 - 0.13)
  const lying = form.map(([a, b]) => [x + tall - b, y - 0.03 * l + a] as const)
  const shapes: Shape[] = [
    {
      kind: 'body',
      points: [
        [-l / 2, y],
        [l / 2, y],
      ],
      stuff: 'ink',
      open: true,
      thick: 1.5,
    },
    ...[-1, 1].map((side): Shape => ({
      kind: 'body',
      points: [
        [(side * l) / 2, 0],
        [(side * l) / 2, y * 1.2],
      ],
      stuff: 'metal',
      open: true,
      thick: 4,
    })),
    { kind: 'gas', points: lying, air: 0.5, vapour: Math.min(1, 0.5 * (pressure / n.stationPressure - 1)) },
    { kind: 'body', points: lying, stuff: 'glass', open: true, thick: 2 },
    ...(pressure > n.stationPressure * 1.01
      ? [{ kind: 'push', stuff: 'inside-air', from: [x, y - 0.03 * l], to: [x - 0.08 * l, y - 0.03 * l] } as Shape]
      : []),
    {
      kind: 'note',
      at: [0, y * 1.6],
      anchor: 'middle',
      stuff: 'ink',
      said: [said(speed, 'speed', 'm/s', 'mph'), '   inside ', kPa(pressure), '   outside ', kPa(n.stationPressure)],
    },
  ]
  return {
    frame: { left: -0.58 * l, right: 0.56 * l, bottom: 0, top: y * 1.9 },
    shapes,
    caption: ['Bottle drawn larger than to scale. ', said(place, 'length', 'm', 'ft'), ' along the line.'],
  }
}
