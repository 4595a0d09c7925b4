/** What is seen of it at a moment. */
import { bottle, filledTo, kPa, rectangle, said, type Shape, valueAt } from '../../../demonstration'
import type { CloudBottle } from './simulate'

export const drawing: CloudBottle['drawing'] = (values, s, time) => {
  const n = values.numbers
  const [pressure, temperature, depth] = ['pressure', 'gasTemperature', 'depth'].map(c =>
    valueAt(s.trace, c, time),
  ) as [number, number, number]
  const d = n.vesselDiameter
  const height = Math.max(1.6 * d, (n.vesselVolume / (0.785 * d * d)) * 1.22)
  const points = bottle(0, 0, { diameter: d, height, neck: n.stopperDiameter, neckLength: height * 0.12 })
  const under = pressure > s.details.stationPressure + 300
  const free = time > s.details.sealing && s.trace.stages.findLast(x => x.start <= time)?.id !== 'again'
  const shapes: Shape[] = [
    { kind: 'gas', points, air: Math.min(2, pressure / s.details.stationPressure) * 0.7, vapour: 0.05 },
    { kind: 'cloud', points, depth },
    { kind: 'body', points: filledTo(points, 0.05 * height), stuff: 'water' },
    { kind: 'body', points, stuff: 'glass', open: true, thick: 3 },
    ...(free && values.choices.way !== 'squeeze'
      ? [
          {
            kind: 'body',
            points: rectangle(d * 0.5, height * 1.02, n.stopperDiameter, height * 0.07),
            stuff: 'rubber',
          } as Shape,
        ]
      : [
          {
            kind: 'body',
            points: rectangle(-n.stopperDiameter * 0.5, height - 0.02 * height, n.stopperDiameter, height * 0.07),
            stuff: 'rubber',
          } as Shape,
          ...(values.choices.way === 'squeeze'
            ? []
            : [
                {
                  kind: 'body',
                  points: [
                    [0, height * 1.05],
                    [0.3 * d, height * 1.1],
                    [1.3 * d, height * 0.9],
                    [1.5 * d, 0.4 * height],
                  ],
                  stuff: 'rubber',
                  open: true,
                  thick: 3,
                } as Shape,
              ]),
        ]),
    ...(values.choices.way === 'squeeze'
      ? []
      : [{ kind: 'body', points: rectangle(1.42 * d, 0, 0.16 * d, 0.42 * height), stuff: 'metal' } as Shape]),
    ...(under
      ? [0.3, 0.5].flatMap((y): Shape[] =>
          [-1, 1].map(side => ({
            kind: 'push',
            stuff: 'inside-air',
            from: [side * d * 0.22, y * height],
            to: [side * d * 0.46, y * height],
          })),
        )
      : []),
    { kind: 'note', at: [-0.7 * d, 0.66 * height], anchor: 'end', stuff: 'ink', said: ['inside ', kPa(pressure)] },
    {
      kind: 'note',
      at: [-0.7 * d, 0.5 * height],
      anchor: 'end',
      stuff: 'outside-air',
      said: ['outside ', kPa(s.details.stationPressure)],
    },
    {
      kind: 'note',
      at: [-0.7 * d, 0.34 * height],
      anchor: 'end',
      stuff: 'ink',
      said: ['gas ', said(temperature, 'temperature', 'degC', 'degF')],
    },
  ]
  return {
    frame: { left: -2.7 * d, right: 2.7 * d, bottom: 0, top: 1.15 * height },
    shapes,
    caption: [
      depth > s.details.threshold
        ? 'A cloud.'
        : under
          ? 'Under pressure: clear.'
          : depth > s.details.threshold / 4
            ? 'A faint haze.'
            : 'Clear.',
    ],
  }
}
