/** What is seen of it at a moment. */
import { bottle, filledTo, rectangle, said, type Shape, valueAt } from '../../../demonstration'
import { jarScene } from '../jar-scene'
import type { JarBarometer } from './simulate'

export const drawing: JarBarometer['drawing'] = (values, s, time) => {
  const n = values.numbers
  const level = valueAt(s.trace, 'level', time)
  const high = n.tubeHeight * 0.55
  const bottleHigh = Math.max(0.06, n.jarHeight * 0.28)
  const points = bottle(0, 0.003, {
    diameter: bottleHigh * 0.9,
    height: bottleHigh,
    neck: bottleHigh * 0.4,
    neckLength: bottleHigh * 0.2,
  })
  const water = bottleHigh * 0.45
  const bore = Math.max(0.004, n.tubeBore)
  const top = Math.min(n.jarHeight * 0.94, water + n.tubeHeight)
  const shapes: Shape[] = [
    { kind: 'body', points: filledTo(points, water), stuff: 'water' },
    { kind: 'body', points, stuff: 'glass', open: true, thick: 2 },
    {
      kind: 'body',
      points: rectangle(-bottleHigh * 0.22, bottleHigh * 0.92, bottleHigh * 0.44, bottleHigh * 0.12),
      stuff: 'rubber',
    },
    {
      kind: 'body',
      points: rectangle(-bore / 2, bottleHigh * 0.1, bore, top - bottleHigh * 0.1),
      stuff: 'paper',
      opacity: 1,
    },
    {
      kind: 'body',
      points: rectangle(-bore / 2, bottleHigh * 0.1, bore, Math.min(top, water + level) - bottleHigh * 0.1),
      stuff: 'water',
    },
    {
      kind: 'body',
      points: rectangle(-bore / 2, bottleHigh * 0.1, bore, top - bottleHigh * 0.1),
      stuff: 'glass',
      open: true,
      thick: 1.5,
    },
    {
      kind: 'note',
      at: [bottleHigh * 0.3, water + high],
      anchor: 'start',
      stuff: 'water',
      said: [said(level, 'length', 'cm', 'in')],
    },
  ]
  return jarScene(values, s, time, shapes, [
    'The water stands ',
    said(level, 'length', 'cm', 'in'),
    ' up the tube; it spills at ',
    said(n.tubeHeight, 'length', 'cm', 'in'),
    '.',
  ])
}
