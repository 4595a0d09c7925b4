/** What is seen of it at a moment. */
import { kPa, rectangle, said, type Shape, valueAt } from '../../../demonstration'
import { FLOOR, syringeShapes } from '../syringe-scene'
import type { SyringeBoil } from './simulate'

export const drawing: SyringeBoil['drawing'] = (values, s, time) => {
  const n = values.numbers
  const [pressure, gas, water, boiling, point] = [
    'pressure',
    'drawn',
    'waterTemperature',
    'boiling',
    'boilingPoint',
  ].map(c => valueAt(s.trace, c, time))
  const half = n.bore / 2
  const area = s.details.surface
  const foot = FLOOR * n.bore
  const level = n.waterVolume / area
  const face = foot + level + gas / area
  const rim = foot + n.barrelVolume / area + 0.25 * n.bore
  const rod = (face - foot) * 0.9 + 1.2 * n.bore
  const vapour = Math.max(0, pressure - (n.stationPressure * n.airLeft) / Math.max(gas, n.airLeft))
  const shapes: Shape[] = [
    { kind: 'body', points: rectangle(-half, foot, n.bore, level), stuff: 'water', opacity: 0.85 },
    {
      kind: 'gas',
      points: rectangle(-half, foot + level, n.bore, gas / area),
      air: (pressure - vapour) / n.stationPressure,
      vapour: vapour / n.stationPressure,
    },
    ...(boiling > 0.5 ? [{ kind: 'bubbles', at: [0, foot], wide: 0.9 * n.bore, high: level, count: 12 } as Shape] : []),
    ...syringeShapes(n.bore, face, rim, rod),
    ...[-0.31, 0.31].map((x): Shape => ({
      kind: 'push',
      stuff: 'outside-air',
      from: [x * n.bore, face + 1.35 * n.bore],
      to: [x * n.bore, face + 0.32 * n.bore],
    })),
    { kind: 'note', at: [0.9 * n.bore, face], anchor: 'start', stuff: 'ink', said: ['inside ', kPa(pressure)] },
    {
      kind: 'note',
      at: [-0.9 * n.bore, foot + level / 2],
      anchor: 'end',
      stuff: 'water',
      said: [said(water, 'temperature', 'degC', 'degF')],
    },
  ]
  const top = foot + (level + (n.pullTo - n.waterVolume) / area) * 1.95 + 2.2 * n.bore
  return {
    frame: { left: -4 * n.bore, right: 4 * n.bore, bottom: 0, top: Math.max(top, rim + n.bore) },
    shapes,
    caption: [
      'The water is at ',
      said(water, 'temperature', 'degC', 'degF'),
      '; at this pressure it boils at ',
      said(point, 'temperature', 'degC', 'degF'),
      boiling > 0.5 ? ': it boils.' : '.',
    ],
  }
}
