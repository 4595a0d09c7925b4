/** What is seen of it at a moment. */
import { kPa, rectangle, said, type Shape, valueAt } from '../../../demonstration'
import type { VacuumCannon } from './simulate'

export const drawing: VacuumCannon['drawing'] = (values, s, time) => {
  const n = values.numbers
  const [place, speed, behind, front] = ['place', 'speed', 'behind', 'ahead'].map(c => valueAt(s.trace, c, time)) as [
    number,
    number,
    number,
    number,
  ]
  const l = n.tubeLength
  // A tube fifty times as long as wide is drawn four times as wide as it is.
  const w = Math.max(n.tubeDiameter * 3, l * 0.07)
  const y = 0.2 * l
  const fired = time > s.details.sealing + 1e-6
  const x = -l / 2 + w / 2 + (place * (l - w * 0.4)) / l
  const shapes: Shape[] = [
    {
      kind: 'gas',
      points: rectangle(-l / 2, y - w / 2, Math.max(0.001, x + l / 2 - w * 0.4), w),
      air: behind / n.stationPressure,
      vapour: 0,
    },
    {
      kind: 'gas',
      points: rectangle(x, y - w / 2, Math.max(0.001, l / 2 - x), w),
      air: Math.min(1.5, front / n.stationPressure),
      vapour: 0,
    },
    {
      kind: 'body',
      points: [
        [-l / 2, y + w / 2],
        [l / 2, y + w / 2],
      ],
      stuff: 'glass',
      open: true,
      thick: 4,
    },
    {
      kind: 'body',
      points: [
        [-l / 2, y - w / 2],
        [l / 2, y - w / 2],
      ],
      stuff: 'glass',
      open: true,
      thick: 4,
    },
    ...(fired
      ? []
      : [
          {
            kind: 'body',
            points: [
              [-l / 2, y - w / 2],
              [-l / 2, y + w / 2],
            ],
            stuff: 'metal',
            open: true,
            thick: 3,
          } as Shape,
        ]),
    {
      kind: 'body',
      points: [
        [l / 2, y - w / 2],
        [l / 2, y + w / 2],
      ],
      stuff: 'metal',
      open: true,
      thick: 3,
    },
    { kind: 'round', at: [x, y], across: w * 0.92, stuff: 'food' },
    ...[-0.3, 0.35].map((sx): Shape => ({
      kind: 'body',
      points: [
        [sx * l, y - w / 2],
        [sx * l - 0.03 * l, 0],
        [sx * l, y - w / 2],
        [sx * l + 0.03 * l, 0],
      ],
      stuff: 'metal',
      open: true,
      thick: 3,
    })),
    ...(fired
      ? [-0.25, 0.25].map((dy): Shape => ({
          kind: 'push',
          stuff: 'outside-air',
          from: [x - w * 0.5 - 0.12 * l, y + dy * w],
          to: [x - w * 0.5, y + dy * w],
        }))
      : [-0.25, 0.25].map((dy): Shape => ({
          kind: 'push',
          stuff: 'outside-air',
          from: [-l / 2 - 0.11 * l, y + dy * w],
          to: [-l / 2 - 0.01 * l, y + dy * w],
        }))),
    { kind: 'note', at: [-l / 2, y + w * 0.75], anchor: 'start', stuff: 'outside-air', said: ['behind ', kPa(behind)] },
    { kind: 'note', at: [l / 2, y + w * 0.75], anchor: 'end', stuff: 'ink', said: ['ahead ', kPa(front)] },
    {
      kind: 'note',
      at: [0, y + w * 1.25],
      anchor: 'middle',
      stuff: 'danger',
      said: [said(speed, 'speed', 'm/s', 'mph')],
    },
  ]
  return {
    frame: { left: -0.64 * l, right: 0.56 * l, bottom: 0, top: y + w * 1.7 },
    shapes,
    caption: [
      fired
        ? 'The room pushes the ball; air has to be set moving as well. Tube drawn wider than it is.'
        : 'Pumped out. Tube drawn wider than it is.',
    ],
  }
}
