/** What is seen of it at a moment. */
import { bottle, filledTo, kPa, rectangle, said, type Shape, valueAt } from '../../../demonstration'
import type { Diver } from './simulate'

export const drawing: Diver['drawing'] = (values, s, time) => {
  const n = values.numbers
  const [depth, air, squeeze] = ['depth', 'bubble', 'squeeze'].map(c => valueAt(s.trace, c, time)) as [
    number,
    number,
    number,
  ]
  const h = n.vesselHeight
  const d = h * 0.34
  const points = bottle(0, 0, { diameter: d, height: h * 1.12, neck: d * 0.3, neckLength: h * 0.1 })
  const wide = Math.min(0.22 * d, 0.02)
  const top = h - depth
  const pressed = squeeze / Math.max(1, n.squeezePressure)
  const share = Math.min(1, air / n.bulbCapacity)
  const shapes: Shape[] = [
    { kind: 'body', points: filledTo(points, h), stuff: 'water', opacity: 0.5 },
    { kind: 'body', points: rectangle(-wide / 2, top - n.bulbLength, wide, n.bulbLength), stuff: 'water' },
    {
      kind: 'body',
      points: rectangle(-wide / 2, top - n.bulbLength * share, wide, n.bulbLength * share),
      stuff: 'paper',
    },
    {
      kind: 'body',
      points: rectangle(-wide / 2, top - n.bulbLength, wide, n.bulbLength),
      stuff: 'ink',
      open: true,
      thick: 2,
    },
    { kind: 'round', at: [0, top - n.bulbLength], across: wide * 1.3, high: wide * 0.8, stuff: 'food' },
    { kind: 'body', points, stuff: 'glass', open: true, thick: 3 },
    { kind: 'body', points: rectangle(-d * 0.18, h * 1.1, d * 0.36, h * 0.05), stuff: 'ink' },
    ...(pressed > 0.05
      ? [0.4, 0.5, 0.6].flatMap((y): Shape[] =>
          [-1, 1].map(side => ({
            kind: 'push',
            stuff: 'outside-air',
            from: [side * d * (0.62 + 0.4 * pressed), y * h],
            to: [side * d * 0.53, y * h],
          })),
        )
      : []),
    { kind: 'note', at: [d * 1.15, h * 0.75], anchor: 'start', stuff: 'ink', said: ['squeeze ', kPa(squeeze)] },
    {
      kind: 'note',
      at: [d * 1.15, h * 0.6],
      anchor: 'start',
      stuff: 'outside-air',
      said: ['its air ', said(air, 'volume', 'mL', 'floz')],
    },
  ]
  return {
    frame: { left: -2.9 * d, right: 2.9 * d, bottom: 0, top: 1.18 * h },
    shapes,
    caption: [
      depth < 0.01 ? 'It floats.' : depth > 0.95 * s.details.bottom ? 'At the bottom.' : 'On its way.',
      ' Its air takes ',
      said(air, 'volume', 'mL', 'floz'),
      '.',
    ],
  }
}
