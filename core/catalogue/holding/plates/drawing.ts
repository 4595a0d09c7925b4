/** What is seen of it at a moment. */
import { arch, kPa, rectangle, said, type Shape, valueAt } from '../../../demonstration'
import { hemispheres } from './inputs'
import type { Plates } from './simulate'

export const drawing: Plates['drawing'] = (values, s, time) => {
  const n = values.numbers
  const [pressure, holding, pull] = ['pressure', 'holding', 'pull'].map(c => valueAt(s.trace, c, time)) as [
    number,
    number,
    number,
  ]
  const d = n.sealDiameter
  const apart = s.results.hush !== undefined && time > s.details.goneAt! + 0.01 ? d * 0.35 : 0
  const y = d * 1.3
  const round = hemispheres(values)
  const thick = 0.06 * d
  const half = (up: number): Shape => ({
    kind: 'body',
    stuff: 'metal',
    points: round
      ? [
          ...arch(0, y + (up > 0 ? 0 : -apart), d / 2 + thick, up * (d / 2 + thick)),
          ...arch(0, y + (up > 0 ? 0 : -apart), d / 2, (up * d) / 2).reverse(),
        ]
      : rectangle(-d / 2 - thick, up > 0 ? y + 0.02 * d : y - 0.02 * d - thick - apart, d + 2 * thick, thick),
  })
  const reach = round ? d / 2 + thick : thick + 0.02 * d
  const shapes: Shape[] = [
    ...(apart
      ? []
      : [
          {
            kind: 'gas',
            points: round
              ? [...arch(0, y, d / 2, d / 2), ...arch(0, y, d / 2, -d / 2).reverse()]
              : rectangle(-d / 2, y - 0.02 * d, d, 0.04 * d),
            air: pressure / n.stationPressure,
            vapour: 0,
          } as Shape,
        ]),
    half(1),
    half(-1),
    {
      kind: 'body',
      points: [
        [0, y + reach],
        [0, y + reach + 0.3 * d],
      ],
      stuff: 'metal',
      open: true,
      thick: 4,
    },
    {
      kind: 'body',
      points: [
        [-0.16 * d, y + reach + 0.3 * d],
        [0.16 * d, y + reach + 0.3 * d],
      ],
      stuff: 'metal',
      open: true,
      thick: 5,
    },
    {
      kind: 'body',
      points: [
        [0, y - reach - apart],
        [0, y - reach - apart - 0.22 * d],
      ],
      stuff: 'metal',
      open: true,
      thick: 4,
    },
    ...(pull > 0
      ? [
          {
            kind: 'body',
            points: rectangle(-0.22 * d, y - reach - apart - 0.55 * d, 0.44 * d, 0.33 * d),
            stuff: 'ink',
          } as Shape,
        ]
      : []),
    ...[-0.62, 0, 0.62].flatMap((x): Shape[] =>
      apart
        ? []
        : [
            {
              kind: 'push',
              stuff: 'outside-air',
              from: [x * d * 0.7, y + reach + 0.26 * d],
              to: [x * d * 0.7, y + reach * Math.sqrt(1 - (round ? x * x * 0.5 : 0)) + 0.03 * d],
            },
            {
              kind: 'push',
              stuff: 'outside-air',
              from: [x * d * 0.7 + 0.07 * d, y - reach - 0.22 * d],
              to: [x * d * 0.7 + 0.07 * d, y - reach * Math.sqrt(1 - (round ? x * x * 0.5 : 0)) - 0.03 * d],
            },
          ],
    ),
    { kind: 'note', at: [d * 0.75, y + 0.12 * d], anchor: 'start', stuff: 'ink', said: ['between ', kPa(pressure)] },
    {
      kind: 'note',
      at: [d * 0.75, y - 0.12 * d],
      anchor: 'start',
      stuff: 'outside-air',
      said: ['outside ', kPa(n.stationPressure)],
    },
    {
      kind: 'note',
      at: [-d * 0.75, y + 0.12 * d],
      anchor: 'end',
      stuff: 'ink',
      said: ['holds ', said(holding, 'force', 'N', 'lbf')],
    },
    {
      kind: 'note',
      at: [-d * 0.75, y - 0.12 * d],
      anchor: 'end',
      stuff: 'danger',
      said: ['pull ', said(pull, 'force', 'N', 'lbf')],
    },
  ]
  return {
    frame: { left: -2.4 * d, right: 2.4 * d, bottom: round ? -0.2 * d : 0.1 * d, top: y + reach + 0.4 * d },
    shapes,
    caption: [
      apart ? 'Apart.' : 'The room presses them together with ',
      ...(apart ? [] : [said(holding, 'force', 'N', 'lbf')]),
      apart ? '' : '.',
    ],
  }
}
