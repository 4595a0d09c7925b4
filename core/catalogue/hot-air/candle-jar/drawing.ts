/** What is seen of it at a moment. */
import { bottle, dome, type Point, rectangle, said, type Shape, valueAt } from '../../../demonstration'
import { volumeFor, type CandleJar } from './simulate'

/** A level that is drawn, m. */
const SHOWN = 0.001

export const drawing: CandleJar['drawing'] = (values, s, time) => {
  const n = values.numbers
  const [level, oxygen, temperature] = ['level', 'oxygen', 'gasTemperature'].map(c => valueAt(s.trace, c, time)) as [
    number,
    number,
    number,
  ]
  const across = n.jarDiameter
  const necked = values.choices.jarShape === 'necked'
  const body = (Math.PI / 4) * across * across
  const tall = necked ? n.neckLength + (n.jarVolume / body) * 1.15 : n.jarVolume / body + 0.08 * across
  const bottom = 0.004
  const pool = bottom + n.waterDepth
  const upright = necked
    ? bottle(0, 0, { diameter: across, height: tall, neck: n.mouthDiameter, neckLength: n.neckLength }).map(
        ([x, y]): Point => [x, tall - y + bottom],
      )
    : dome(0, bottom, across, tall)
  const surface = bottom + level
  const half = Math.max(across * 0.6, n.dishDiameter / 2)
  const sunk = Math.max(
    0.2 * bottom,
    bottom +
      (n.waterDepth * Math.PI * half * half - volumeFor(values, level)) /
        Math.max(Math.PI * half * half - body, 0.2 * body) -
      0.002,
  )
  const burning = time < s.details.flameOut
  const width = necked ? n.mouthDiameter * 0.4 : 0.022
  const strong = Math.min(1, Math.max(0.35, (oxygen - 0.14) / 0.06))
  const bubbling = time >= s.details.bubbleStart && time < s.details.bubbleEnd
  const candles = Math.min(5, Math.round(n.candles))
  const shapes: Shape[] = [
    { kind: 'gas', points: upright, air: Math.min(1, 300 / temperature), vapour: 0 },
    { kind: 'body', points: rectangle(-half, 0.002, 2 * half, sunk), stuff: 'water', opacity: 0.75 },
    ...(level > 0.0005
      ? [
          {
            kind: 'body',
            points: necked
              ? rectangle(-n.mouthDiameter / 2, bottom, n.mouthDiameter, Math.min(surface - bottom, n.neckLength))
              : rectangle(-across / 2, bottom, across, surface - bottom),
            stuff: 'water',
            opacity: 0.85,
          } as Shape,
        ]
      : []),
    ...(necked && surface - bottom > n.neckLength
      ? [
          {
            kind: 'body',
            points: rectangle(-across / 2, bottom + n.neckLength, across, surface - bottom - n.neckLength),
            stuff: 'water',
            opacity: 0.85,
          } as Shape,
        ]
      : []),
    ...Array.from({ length: candles }, (_, i): Shape[] => {
      const x = (i - (candles - 1) / 2) * width * 1.5
      return [
        { kind: 'body', points: rectangle(x - width / 2, 0.002, width, pool + n.wickHeight - 0.008), stuff: 'food' },
        ...(burning
          ? [{ kind: 'flame', at: [x, pool + n.wickHeight - 0.006], high: 0.035 * strong } as Shape]
          : [
              {
                kind: 'body',
                points: [
                  [x, pool + n.wickHeight - 0.008],
                  [x, pool + n.wickHeight],
                ],
                stuff: 'ink',
                open: true,
                thick: 2,
              } as Shape,
            ]),
      ]
    }).flat(),
    ...(bubbling
      ? [-1, 1].map((side): Shape => ({
          kind: 'bubbles',
          at: [side * ((necked ? n.mouthDiameter : across) / 2 + 0.008), bottom],
          wide: 0.012,
          high: pool - bottom,
          count: 4,
        }))
      : []),
    { kind: 'body', points: upright, stuff: 'glass', open: true, thick: 3 },
    {
      kind: 'body',
      points: [
        [-half, pool * 1.5],
        [-half, 0.002],
        [half, 0.002],
        [half, pool * 1.5],
      ],
      stuff: 'metal',
      open: true,
      thick: 2,
    },
    ...(level > n.waterDepth + SHOWN
      ? [-0.75, 0.75].map((x): Shape => ({
          kind: 'push',
          stuff: 'outside-air',
          from: [x * half * 1.05 + (x > 0 ? 0.006 : -0.006), pool + 0.05],
          to: [x * half * 1.05, pool + 0.012],
        }))
      : []),
    {
      kind: 'note',
      at: [half * 1.1, pool + 0.55 * tall],
      anchor: 'start',
      stuff: 'ink',
      said: ['gas ', said(temperature, 'temperature', 'degC', 'degF')],
    },
    {
      kind: 'note',
      at: [half * 1.1, pool + 0.4 * tall],
      anchor: 'start',
      stuff: 'outside-air',
      said: ['oxygen ', said(oxygen, 'fraction', '%', '%')],
    },
    {
      kind: 'note',
      at: [-half * 1.1, surface],
      anchor: 'end',
      stuff: 'water',
      said: [said(level, 'length', 'cm', 'in')],
    },
  ]
  return {
    frame: { left: -2.3 * half, right: 2.3 * half, bottom: 0, top: bottom + tall * 1.06 },
    shapes,
    caption: [
      burning
        ? bubbling
          ? 'Burning; hot gas bubbles out under the rim.'
          : level < n.waterDepth - SHOWN
            ? 'Burning; the warm gas pushes the water down.'
            : 'Burning; the oxygen goes down.'
        : level > n.waterDepth + SHOWN
          ? 'Out: the gas cools and the room pushes water in.'
          : 'Out; the gas is still hot.',
    ],
  }
}
