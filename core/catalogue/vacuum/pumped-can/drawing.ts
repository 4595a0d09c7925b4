/** What is seen of it at a moment. */
import { kPa, type Point, rectangle, said, type Shape, valueAt } from '../../../demonstration'
import { tinOf, tinPlan } from '../../steam/tin-wall'
import { isDriven } from '../inputs'
import type { PumpedCan } from './simulate'
import { shellAt } from '../../steam/shell'

/** Points on a side that caves in. */
const STEPS = 12

export const drawing: PumpedCan['drawing'] = (values, s, time) => {
  const n = values.numbers
  const pressure = valueAt(s.trace, 'pressure', time)
  const lost = valueAt(s.trace, 'volumeLost', time)
  const [wide, high] = [n.vesselWidth, n.vesselHeight]
  // A bow of half a sine takes 2/π of its depth from the section on each side; it never passes the middle.
  const depth = Math.min(0.47 * wide, (Math.PI / 4) * lost * wide)
  const bow = (side: 1 | -1): Point[] =>
    Array.from({ length: STEPS + 1 }, (_, i) => {
      const up = i / STEPS
      // The parabola with the same middle.
      return [side * (wide / 2 - depth * 4 * up * (1 - up)), high * (1 - 0.12 * lost) * up]
    })
  const wall: Point[] = [...bow(-1), ...bow(1).reverse()]
  const top = high * (1 - 0.12 * lost)
  const px = wide * 1.5
  const stroke = isDriven(values) ? 0 : (time / n.strokeTime) % 1
  const lift = Math.abs(2 * stroke - 1)
  const pushes: Shape[] = [0.35, 0.6].flatMap((share): Shape[] =>
    ([-1, 1] as const).map(side => ({
      kind: 'push',
      stuff: 'outside-air',
      from: [side * (wide / 2 + 0.32 * wide), top * share],
      to: [side * (wide / 2 + 0.06 * wide), top * share],
    })),
  )
  return {
    frame: { left: -1.3 * wide, right: 2.2 * wide, bottom: 0, top: 1.25 * high },
    shapes: [
      { kind: 'gas', points: wall, air: pressure / n.stationPressure, vapour: 0 },
      { kind: 'body', points: wall, stuff: 'metal', hollow: true, thick: 3 },
      { kind: 'body', points: rectangle(-n.mouthDiameter / 2, top, n.mouthDiameter, 0.05 * high), stuff: 'rubber' },
      {
        kind: 'body',
        points: [
          [0, top + 0.05 * high],
          [0, top + 0.14 * high],
          [px, top + 0.14 * high],
          [px, 0.45 * high],
        ],
        stuff: 'rubber',
        open: true,
        thick: 3,
      },
      { kind: 'body', points: rectangle(px - 0.12 * wide, 0, 0.24 * wide, 0.45 * high), stuff: 'metal' },
      ...(isDriven(values)
        ? []
        : [
            {
              kind: 'body' as const,
              points: rectangle(px - 0.1 * wide, (0.06 + 0.3 * lift) * high, 0.2 * wide, 0.03 * high),
              stuff: 'ink' as const,
            },
          ]),
      ...pushes,
      { kind: 'note', at: [0, top * 0.5], said: ['inside ', kPa(pressure)], anchor: 'middle' },
      {
        kind: 'note',
        at: [-1.28 * wide, top * 0.78],
        said: ['outside ', kPa(n.stationPressure)],
        stuff: 'outside-air',
        anchor: 'start',
      },
    ],
    caption:
      lost > 0.005
        ? [said(lost, 'fraction', '%', '%'), ' of its volume gone.']
        : ['The pump takes air out; the room pushes ', kPa(n.stationPressure - pressure), ' harder than what is left.'],
  }
}

export const shell: NonNullable<PumpedCan['shell']> = (values, s, time) =>
  shellAt(values.numbers, { plan: tinPlan(values), lobes: tinOf(values).details.lobes }, s.trace, time)
