/** What stands round a steam vessel: heater, basin, coolant. */
import { rectangle, said, type Point, type Scene, type Shape } from '../../../demonstration'
import { say, type Sentence } from '../../../sentence'
import type { Bench } from './bench'
import type { Look } from './look'
import type { Moment } from './moment'
import type { Placed } from './vessel'

const COOLANT: Record<Look['cooling'], Sentence> = {
  'bath': 'bath',
  'ice-pool': 'ice pool',
  'spray': 'spray',
  'pour': 'poured water',
  'sprinkle': 'sprinkled water',
  'still-air': 'still air',
  'inside': 'cold rinse inside',
  '': '',
}

/** Names stand under the bench. */
const named = (x: number, { frame }: Bench, words: Sentence): Shape => ({
  kind: 'note',
  at: [x, frame.bottom],
  anchor: 'middle',
  said: [words],
})

export function heaterShapes(look: Look, moment: Moment, bench: Bench): Shape[] {
  const { heater, unit } = bench
  if (!look.heat) return []
  const stuff = moment.place === 'on-heat' ? 'hot' : 'iron'
  const plate: Shape = {
    kind: 'body',
    points: rectangle(heater.x - 0.24 * unit, heater.top - 0.035 * unit, 0.48 * unit, 0.035 * unit),
    stuff,
    thick: 0,
  }
  if (look.heat === 'microwave') {
    const box = rectangle(heater.x - 0.31 * unit, 0, 0.62 * unit, heater.top + 1.12 * look.height)
    return [
      { kind: 'body', points: box, stuff: 'metal', hollow: true, thick: 3 },
      plate,
      named(heater.x, bench, 'microwave'),
    ]
  }
  const block = rectangle(heater.x - 0.3 * unit, 0, 0.6 * unit, heater.top - 0.035 * unit)
  return [
    { kind: 'body', points: block, stuff: 'iron', opacity: 0.85, thick: 0 },
    plate,
    named(heater.x, bench, 'heater'),
  ]
}

/** Water of a bowl or tub as it is seen behind the vessel, or through it in front of the vessel. */
export const waterShapes = ({ basin }: Bench, opacity: number): Shape[] =>
  basin.width === 0
    ? []
    : [
        {
          kind: 'body',
          points: rectangle(basin.x - basin.width / 2, 0, basin.width, basin.water),
          stuff: 'water',
          opacity,
          thick: 0,
        },
      ]

/** Ice floats, as many pieces as there is ice, beside the vessel. @param ice kg */
export function iceShapes(look: Look, { basin, unit }: Bench, ice: number): Shape[] {
  if (basin.width === 0) return []
  const size = Math.min(0.05 * unit, 0.09 * basin.width)
  const beside = Math.floor((basin.width - look.diameter) / 2 / (1.15 * size))
  const pieces = Math.min(9, 2 * beside, Math.ceil(ice * (look.cooling === 'bath' ? 6 : 2)))
  return Array.from({ length: pieces }, (_, i): Shape => {
    const out = look.diameter / 2 + size * (0.15 + 1.15 * Math.floor(i / 2))
    const left = i % 2 ? basin.x + out : basin.x - out - size
    const bottom = basin.water - (0.75 - 0.1 * (i % 3)) * size
    return { kind: 'body', points: rectangle(left, bottom, size, 0.85 * size), stuff: 'ice', thick: 1 }
  })
}

/** The front of the basin: surface and wall, over what is in it. */
export function rimShapes({ basin }: Bench): Shape[] {
  if (basin.width === 0) return []
  const [left, right] = [basin.x - basin.width / 2, basin.x + basin.width / 2]
  const [surface, wall]: [Point[], Point[]] = [
    [
      [left, basin.water],
      [right, basin.water],
    ],
    [
      [left, basin.rim],
      [left, 0],
      [right, 0],
      [right, basin.rim],
    ],
  ]
  return [
    { kind: 'body', points: surface, stuff: 'water', open: true, thick: 1.5 },
    { kind: 'body', points: wall, stuff: 'metal', open: true, thick: 3 },
  ]
}

/** What the place of cooling is called, with its temperature. @param temperature K */
export function coolingName(look: Look, bench: Bench, temperature: number): Shape[] {
  if (!look.cooling) return []
  const warmth = said(temperature, 'temperature', 'degC', 'degF')
  const words =
    look.cooling === 'still-air'
      ? COOLANT[look.cooling]
      : look.cooling === 'bath'
        ? say`bath ${warmth}`
        : say`${COOLANT[look.cooling]}, ${warmth}`
  return [named(bench.basin.x, bench, words)]
}

/** Water that falls on the vessel or is sprayed in it, once it is closed. */
export function coolantShapes(look: Look, p: Placed, { frame }: Scene): Shape[] {
  const [x, middle] = p.at([[0, p.height / 2]])[0]
  const half = look.diameter / 2
  const [top, bottom] = [middle + p.height / 2, middle - p.height / 2]
  const stroke = (at: Point, long: number): [Point, Point] => [at, [at[0], at[1] - long]]
  const long = 0.035 * p.height
  if (look.cooling === 'spray') {
    const beside = (i: number) => (i % 2 ? 1 : -1) * (half + 0.02 * p.height + 0.12 * p.height * ((i * 0.27) % 1))
    const strokes = Array.from({ length: 18 }, (_, i) =>
      stroke([x + beside(i), top - 0.04 * p.height - 0.85 * p.height * ((i * 0.36) % 1)], long),
    )
    return [{ kind: 'drops', strokes }]
  }
  if (look.cooling === 'sprinkle') {
    const room = Math.max(0.05 * p.height, frame.top - top - 2 * long)
    const strokes = Array.from({ length: 11 }, (_, i) =>
      stroke([x - half + 0.2 * half * i, top + long + room * ((i * 0.61) % 1)], long),
    )
    return [{ kind: 'drops', strokes }]
  }
  if (look.cooling === 'inside') {
    const from = p.at([[0, 0.92 * p.height]])[0]
    const strokes = Array.from({ length: 14 }, (_, i): [Point, Point] => {
      const [dx, dy] = [((i - 6.5) / 7.5) * 0.8 * half, (0.18 + 0.5 * ((i * 0.61) % 1)) * p.height]
      return [
        [from[0] + 0.6 * dx, from[1] - 0.6 * dy],
        [from[0] + 0.8 * dx, from[1] - 0.8 * dy],
      ]
    })
    return [{ kind: 'drops', strokes }]
  }
  if (look.cooling !== 'pour') return []
  const film: Point[] = [
    [x - 0.8 * half, top],
    [x + half, top],
    [x + half, bottom + 0.08 * p.height],
  ]
  const stream: Point[] = [
    [x + 0.5 * half, top + 0.14 * p.height],
    [x + 0.38 * half, top + 0.1 * p.height],
    [x + 0.34 * half, top],
  ]
  return [
    { kind: 'body', points: stream, stuff: 'water', open: true, thick: 7, opacity: 0.8 },
    { kind: 'body', points: film, stuff: 'water', open: true, thick: 3, opacity: 0.6 },
  ]
}
