/** What is seen of it at a moment. */
import { rectangle, said, type Shape, valueAt } from '../../../demonstration'
import { jarScene } from '../jar-scene'
import type { LowPressureBoil } from './simulate'

export const drawing: LowPressureBoil['drawing'] = (values, s, time) => {
  const n = values.numbers
  const [water, boiling, point] = ['waterTemperature', 'boiling', 'boilingPoint'].map(c => valueAt(s.trace, c, time))
  const level = Math.min(0.7 * n.jarHeight, n.waterVolume / ((Math.PI * n.beakerDiameter * n.beakerDiameter) / 4))
  const half = n.beakerDiameter / 2
  const high = Math.max(level * 1.5, level + 0.02)
  const shapes: Shape[] = [
    { kind: 'body', points: rectangle(-half, 0.004, 2 * half, level), stuff: 'water', opacity: 0.85 },
    ...(boiling > 0.5 ? [{ kind: 'bubbles', at: [0, 0.004], wide: 1.8 * half, high: level, count: 14 } as Shape] : []),
    {
      kind: 'body',
      points: [
        [-half, high],
        [-half, 0.003],
        [half, 0.003],
        [half, high],
      ],
      stuff: 'glass',
      open: true,
      thick: 2,
    },
    {
      kind: 'note',
      at: [0, high + 0.012],
      anchor: 'middle',
      stuff: 'water',
      said: [said(water, 'temperature', 'degC', 'degF')],
    },
  ]
  return jarScene(values, s, time, shapes, [
    'The water is at ',
    said(water, 'temperature', 'degC', 'degF'),
    '; at this pressure it boils at ',
    said(point, 'temperature', 'degC', 'degF'),
    boiling > 0.5 ? ': it boils.' : '.',
  ])
}
