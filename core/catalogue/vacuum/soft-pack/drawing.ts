/** What is seen of it at a moment. */
import { kPa, type Note, rectangle, said, type Shape, valueAt } from '../../../demonstration'
import { jarScene } from '../jar-scene'
import { isUnderway } from './inputs'
import type { SoftPack } from './simulate'

export const drawing: SoftPack['drawing'] = (values, s, time) => {
  const n = values.numbers
  const volume = valueAt(s.trace, 'packVolume', time)
  const grown = Math.max(0.25, volume / n.packGas)
  const opened = s.events.find(e => e.id === 'opens')
  const open = opened !== undefined && time >= opened.time
  const base = n.jarDiameter * 0.5
  const shapes: Shape[] = []
  const { pack } = values.choices
  if (pack === 'marshmallow') {
    // Linear growth as the cube root, from a few square-root steps near 1.
    const side =
      0.17 * n.jarDiameter * (grown < 1 ? 0.6 + 0.4 * grown : 1 + (0.28 * (grown - 1)) / (1 + 0.12 * (grown - 1)))
    for (const [i, x] of [-0.52, 0, 0.52].entries())
      shapes.push({
        kind: 'round',
        at: [x * base, side * 0.55 + 0.004],
        across: side * 1.15,
        high: side * (1 + 0.06 * i),
        stuff: 'food',
      })
  } else if (pack === 'bubble-wrap') {
    for (let i = 0; i < 7; i++)
      shapes.push({
        kind: 'round',
        at: [(i - 3) * base * 0.24, 0.02],
        across: base * 0.22,
        high: base * 0.1 * (1 + 1.6 * (grown - 1)),
        stuff: 'rubber',
        opacity: 0.6,
      })
    shapes.push({ kind: 'body', points: rectangle(-base * 0.9, 0.014, base * 1.8, 0.004), stuff: 'rubber' })
  } else if (pack === 'pot') {
    shapes.push({
      kind: 'body',
      points: [
        [-base * 0.42, 0.003],
        [-base * 0.52, base * 0.8],
        [base * 0.52, base * 0.8],
        [base * 0.42, 0.003],
      ],
      stuff: 'card',
    })
    shapes.push({
      kind: 'body',
      open: true,
      thick: 3,
      stuff: 'metal',
      points: open
        ? [
            [-base * 0.55, base * 0.8],
            [base * 0.1, base * 1.15],
          ]
        : [
            [-base * 0.55, base * 0.8],
            [-base * 0.25, base * (0.8 + 0.5 * (grown - 1))],
            [base * 0.25, base * (0.8 + 0.5 * (grown - 1))],
            [base * 0.55, base * 0.8],
          ],
    })
  } else {
    shapes.push({
      kind: 'round',
      at: [0, base * 0.75],
      across: base * 1.3,
      high: Math.min(1.4, 0.42 * grown) * base * (open ? 0.3 : 1),
      stuff: 'food',
    })
    for (const side of [-1, 1])
      shapes.push({
        kind: 'body',
        points: [
          [side * base * 0.62, base * 0.6],
          [side * base * 0.74, base * 0.55],
          [side * base * 0.74, base * 0.95],
          [side * base * 0.62, base * 0.9],
        ],
        stuff: 'food',
      })
  }
  const size = said(Math.max(0, volume / n.packGas), 'count', '1', '1')
  const caption: readonly Note[] = open
    ? ['Open: its gas goes where the air round it goes.']
    : [
        'Its gas takes ',
        size,
        ' times the room it had; it pushes ',
        kPa(valueAt(s.trace, 'packDifference', time)),
        ' over its surroundings.',
      ]
  if (!isUnderway(values)) return jarScene(values, s, time, shapes, caption)
  // No jar: it lies open, and the air round it thins.
  const [across, high] = [n.jarDiameter, n.jarHeight]
  const pressure = valueAt(s.trace, 'pressure', time)
  return {
    frame: { left: -1.25 * across, right: 1.25 * across, bottom: -0.16 * high, top: 1.06 * high },
    shapes: [
      {
        kind: 'gas',
        points: rectangle(-1.15 * across, 0, 2.3 * across, 0.95 * high),
        air: pressure / n.stationPressure,
        vapour: 0,
      },
      ...shapes,
      { kind: 'body', points: rectangle(-0.8 * across, -0.035 * high, 1.6 * across, 0.035 * high), stuff: 'card' },
      { kind: 'note', at: [0, 0.8 * high], anchor: 'middle', stuff: 'ink', said: ['air round it ', kPa(pressure)] },
    ],
    caption,
  }
}
