import {
  dome,
  type Scene,
  kPa,
  rectangle,
  type Note,
  type Shape,
  type Traced,
  valueAt,
  type Has,
} from '../../demonstration'
import { isDriven } from './inputs'

/**
 * @param inside shapes in the jar, its floor at y = 0, its middle at x = 0
 */
export function jarScene(
  values: Has<'jarDiameter' | 'jarHeight' | 'stationPressure' | 'strokeTime', 'pump'>,
  simulation: Traced,
  time: number,
  inside: Shape[],
  caption: readonly Note[],
): Scene {
  const { jarDiameter: across, jarHeight: high, stationPressure: outside } = values.numbers
  const pressure = valueAt(simulation.trace, 'pressure', time)
  const wall = dome(0, 0, across, high)
  const right = across * 0.5
  const px = right + 0.42 * across
  const stroke = isDriven(values) ? 0 : (time / values.numbers.strokeTime) % 1
  const lift = Math.abs(2 * stroke - 1)
  const arrow = 0.16 * across
  const pushes: Shape[] = [0.3, 0.62].flatMap((share): Shape[] =>
    [-1, 1].map(side => ({
      kind: 'push',
      stuff: 'outside-air',
      from: [side * (across / 2 + 0.03 * across + arrow), high * share],
      to: [side * (across / 2 + 0.03 * across), high * share],
    })),
  )
  return {
    frame: { left: -1.25 * across, right: 1.5 * across, bottom: -0.16 * high, top: 1.06 * high },
    shapes: [
      { kind: 'gas', points: wall, air: pressure / outside, vapour: 0 },
      ...inside,
      { kind: 'body', points: wall, stuff: 'glass', open: true, thick: 3 },
      { kind: 'body', points: rectangle(-0.62 * across, -0.035 * high, 1.24 * across, 0.035 * high), stuff: 'metal' },
      {
        kind: 'body',
        points: [
          [0.44 * across, -0.02 * high],
          [0.44 * across, -0.1 * high],
          [px, -0.1 * high],
          [px, 0.02 * high],
        ],
        stuff: 'rubber',
        open: true,
        thick: 4,
      },
      ...(isDriven(values)
        ? [
            {
              kind: 'body',
              points: rectangle(px - 0.13 * across, 0, 0.36 * across, 0.3 * high),
              stuff: 'metal',
            } as Shape,
            {
              kind: 'round',
              at: [px + 0.05 * across, 0.15 * high],
              across: 0.16 * across,
              stuff: 'ink',
              hollow: true,
            } as Shape,
          ]
        : [
            {
              kind: 'body',
              points: rectangle(px - 0.06 * across, 0.02 * high, 0.12 * across, 0.4 * high),
              stuff: 'metal',
              hollow: true,
            } as Shape,
            {
              kind: 'body',
              points: [
                [px, (0.12 + 0.26 * lift) * high],
                [px, (0.42 + 0.26 * lift) * high],
              ],
              stuff: 'ink',
              open: true,
              thick: 3,
            } as Shape,
            {
              kind: 'body',
              points: [
                [px - 0.09 * across, (0.42 + 0.26 * lift) * high],
                [px + 0.09 * across, (0.42 + 0.26 * lift) * high],
              ],
              stuff: 'ink',
              open: true,
              thick: 4,
            } as Shape,
            {
              kind: 'body',
              points: rectangle(px - 0.05 * across, (0.1 + 0.26 * lift) * high, 0.1 * across, 0.03 * high),
              stuff: 'ink',
            } as Shape,
          ]),
      ...pushes,
      {
        kind: 'note',
        at: [-across / 2 - 0.06 * across - arrow, 0.46 * high],
        anchor: 'end',
        stuff: 'outside-air',
        said: ['outside ', kPa(outside)],
      },
      {
        kind: 'note',
        at: [px + 0.02 * across, 0.86 * high],
        anchor: 'middle',
        stuff: 'ink',
        said: ['inside ', kPa(pressure)],
      },
    ],
    caption,
  }
}
