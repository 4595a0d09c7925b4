/** What is seen of it at a moment. */
import { kPa, rectangle, said, type Shape, valueAt } from '../../../demonstration'
import type { CanisterPop } from './simulate'

export const drawing: CanisterPop['drawing'] = (values, s, time) => {
  const n = values.numbers
  const [height, pressure] = ['height', 'pressure'].map(c => valueAt(s.trace, c, time)) as [number, number]
  const d = n.lidDiameter
  const tall = n.canisterVolume / (0.785 * d * d)
  const room = Math.max(tall * 3.4, d * 4)
  // A lid that rises metres is shown against the whole rise.
  const most = Math.max(room - tall - d, 0.01)
  const up = height <= 0 ? 0 : (most * height) / Math.max(s.results.riseHeight ?? 1, 1e-6)
  const shapes: Shape[] = [
    {
      kind: 'gas',
      points: rectangle(-d / 2, 0.002, d, tall),
      air: Math.min(1.6, pressure / n.stationPressure) * 0.5,
      vapour: Math.min(1, (0.3 * pressure) / n.stationPressure),
    },
    {
      kind: 'body',
      points: [
        [-d / 2, tall],
        [-d / 2, 0.002],
        [d / 2, 0.002],
        [d / 2, tall],
      ],
      stuff: 'metal',
      open: true,
      thick: 4,
    },
    { kind: 'body', points: rectangle(-d * 0.54, tall + up, d * 1.08, n.lidTravel), stuff: 'ink' },
    { kind: 'push', stuff: 'inside-air', from: [0, tall * 0.45], to: [0, tall * 0.92] },
    { kind: 'note', at: [d * 1.1, tall * 0.6], anchor: 'start', stuff: 'ink', said: ['inside ', kPa(pressure)] },
    {
      kind: 'note',
      at: [d * 1.1, tall * 0.25],
      anchor: 'start',
      stuff: 'outside-air',
      said: ['outside ', kPa(n.stationPressure)],
    },
    ...(height > 0.01
      ? [
          {
            kind: 'note',
            at: [-d * 1.1, tall + up],
            anchor: 'end',
            stuff: 'danger',
            said: [said(height, 'length', 'm', 'ft'), ' up'],
          } as Shape,
        ]
      : []),
  ]
  return {
    frame: { left: -room, right: room, bottom: 0, top: room },
    shapes,
    caption: [height > 0.01 ? 'Off. (Its height is not to scale.)' : 'The gas gets hot and wants more room.'],
  }
}
