/** What is seen of it at a moment. */
import { kPa, rectangle, said, type Shape, valueAt } from '../../../demonstration'
import { cubeRoot } from '../../../elementary'
import { FLOOR, syringeShapes } from '../syringe-scene'
import type { SyringeMarshmallow } from './simulate'

export const drawing: SyringeMarshmallow['drawing'] = (values, s, time) => {
  const n = values.numbers
  const [pressure, foam, barrel] = ['pressure', 'foam', 'barrel'].map(c => valueAt(s.trace, c, time))
  const { area } = s.details
  const half = n.bore / 2
  const foot = FLOOR * n.bore
  const face = foot + barrel / area
  const rim = foot + n.barrelVolume / area + 0.25 * n.bore
  const rod = (n.barrelVolume / area) * 0.9 + 0.9 * n.bore
  // A short cylinder, as wide as high until the barrel stops it.
  const wide = Math.min(0.98 * n.bore, cubeRoot((4 * foam) / Math.PI))
  const high = (4 * foam) / (Math.PI * wide * wide)
  const shapes: Shape[] = [
    {
      kind: 'gas',
      points: rectangle(-half, foot, n.bore, barrel / area),
      air: Math.min(1, pressure / n.stationPressure),
      vapour: 0,
    },
    { kind: 'body', points: rectangle(-wide / 2, foot, wide, high), stuff: 'food' },
    ...syringeShapes(n.bore, face, rim, rod),
    { kind: 'note', at: [0.9 * n.bore, face], anchor: 'start', stuff: 'ink', said: ['inside ', kPa(pressure)] },
    {
      kind: 'note',
      at: [-0.9 * n.bore, foot + high / 2],
      anchor: 'end',
      stuff: 'ink',
      said: [said(foam, 'volume', 'mL', 'floz')],
    },
  ]
  const top = foot + n.barrelVolume / area + rod + 0.5 * n.bore
  return {
    frame: { left: -4 * n.bore, right: 4 * n.bore, bottom: 0, top: Math.max(top, rim + n.bore) },
    shapes,
    caption: [
      pressure < 0.97 * n.stationPressure
        ? 'The air round it pushes less: the gas in it takes more room.'
        : pressure > 1.03 * n.stationPressure
          ? 'The air round it pushes harder: the gas in it takes less room.'
          : 'Inside as outside.',
    ],
  }
}
