/**
 * A drawing as shapes to scale, so that a demonstration brings its own and the screen only colours it.
 *
 * Lengths in m, x to the right, y up, the bench at y = 0. The frame holds everything at every moment.
 */
import { asQuantity, type Part, type Told } from '../sentence'
import type { QuantityKind } from '../units'

export type Point = readonly [x: number, y: number]
export type Stuff =
  | 'outside-air'
  | 'inside-air'
  | 'vapour'
  | 'water'
  | 'glass'
  | 'metal'
  | 'rubber'
  | 'food'
  | 'card'
  | 'paper'
  | 'cloud'
  | 'flame'
  | 'ice'
  | 'iron'
  | 'hot'
  | 'ink'
  | 'danger'

/** Words, or a quantity shown in the reader's units; notes stand one after the other. */
export type Note = Part

export type Shape =
  /** a body; `open` leaves the path unclosed and unfilled */
  | {
      kind: 'body'
      points: readonly Point[]
      stuff: Stuff
      open?: boolean
      thick?: number
      opacity?: number
      hollow?: boolean
    }
  /** gas: its partial pressures against the room's pressure */
  | { kind: 'gas'; points: readonly Point[]; air: number; vapour: number }
  | { kind: 'round'; at: Point; across: number; high?: number; stuff: Stuff; opacity?: number; hollow?: boolean }
  | { kind: 'bubbles'; at: Point; wide: number; high: number; count: number }
  | { kind: 'flame'; at: Point; high: number }
  /** steam that leaves a mouth, at a size of its own */
  | { kind: 'plume'; at: Point }
  /** falling or sprayed drops, each a stroke */
  | { kind: 'drops'; strokes: readonly (readonly [Point, Point])[] }
  | { kind: 'cloud'; points: readonly Point[]; depth: number }
  /** a push in proportion to its length; `inside` and `outside` tell whose it is */
  | { kind: 'push'; from: Point; to: Point; stuff: Stuff }
  | { kind: 'note'; at: Point; said: readonly Note[]; stuff?: Stuff; anchor?: 'start' | 'middle' | 'end' }

export interface Scene {
  frame: { left: number; right: number; bottom: number; top: number }
  shapes: Shape[]
  caption: readonly Note[]
}

export const said = (value: number, quantity: QuantityKind, si: string, us: string): Told =>
  asQuantity(value, quantity, { digits: 3, units: [si, us] })
export const kPa = (pascals: number): Told => said(pascals, 'pressure', 'kPa', 'psi')

export const rectangle = (left: number, bottom: number, width: number, height: number): Point[] => [
  [left, bottom],
  [left, bottom + height],
  [left + width, bottom + height],
  [left + width, bottom],
]

/** Upper half of an ellipse from left to right. */
export function arch(x: number, y: number, halfWidth: number, rise: number, steps = 16): Point[] {
  return Array.from({ length: steps + 1 }, (_, i) => {
    const t = (2 * i) / steps - 1
    // Rational points of a circle, evenly enough spaced.
    const u = t * (1 - 0.05 * (1 - t * t))
    return [x + halfWidth * ((2 * u) / (1 + u * u)), y + rise * ((1 - u * u) / (1 + u * u))] as const
  })
}

/** A jar with a round top, standing at `bottom`: from its left foot over the top to its right foot. */
export const dome = (x: number, bottom: number, diameter: number, height: number): Point[] => {
  const rise = Math.min(height, diameter / 2)
  return [
    [x - diameter / 2, bottom],
    ...arch(x, bottom + height - rise, diameter / 2, rise),
    [x + diameter / 2, bottom],
  ]
}

export interface BottleShape {
  diameter: number
  height: number
  neck: number
  neckLength: number
}

/** A bottle standing at `bottom`: from the left of its mouth down, along the base, up to the right of its mouth. */
export function bottle(x: number, bottom: number, { diameter, height, neck, neckLength }: BottleShape): Point[] {
  const side = (sign: number): Point[] => {
    const shoulder = Math.min(0.28 * height, Math.max(0, height - neckLength) * 0.5)
    const top = bottom + height - neckLength
    const points: Point[] = [
      [x + (sign * neck) / 2, bottom + height],
      [x + (sign * neck) / 2, top],
    ]
    for (let i = 1; i <= 6; i++) {
      const t = i / 6
      points.push([
        x + sign * (neck / 2 + ((diameter - neck) / 2) * Math.sqrt(1 - (1 - t) * (1 - t))),
        top - shoulder * t * (0.4 + 0.6 * t),
      ])
    }
    points.push([x + (sign * diameter) / 2, bottom + 0.03 * diameter], [x + sign * 0.46 * diameter, bottom])
    return points
  }
  return [...side(-1), ...side(1).reverse()]
}

/** Bottle as above cut at a level (for the water in it), closed along the surface. */
export function filledTo(points: readonly Point[], level: number): Point[] {
  const kept: Point[] = []
  for (let i = 0; i < points.length; i++) {
    const [a, b] = [points[i], points[(i + 1) % points.length]]
    if (a[1] <= level) kept.push(a)
    if (a[1] <= level !== b[1] <= level && b[1] !== a[1]) {
      const t = (level - a[1]) / (b[1] - a[1])
      kept.push([a[0] + (b[0] - a[0]) * t, level])
    }
  }
  return kept
}

/** The same shape turned upside down about a height. */
export const inverted = (points: readonly Point[], about: number): Point[] =>
  points.map(([x, y]) => [x, 2 * about - y] as const)

export const moved = (points: readonly Point[], dx: number, dy: number): Point[] =>
  points.map(([x, y]) => [x + dx, y + dy] as const)

/** Turned clockwise about a point by half a turn times `share`, 0 to 1; by rational points of a circle, not sines. */
export function turned(points: readonly Point[], about: Point, share: number): Point[] {
  const quarter = (t: number): [number, number] => [(1 - t * t) / (1 + t * t), (2 * t) / (1 + t * t)]
  const [c, s] = share <= 0.5 ? quarter(2 * share) : quarter(2 * share - 1)
  const [cos, sin] = share <= 0.5 ? [c, s] : [-s, c]
  return points.map(([x, y]) => {
    const [dx, dy] = [x - about[0], y - about[1]]
    return [about[0] + dx * cos + dy * sin, about[1] - dx * sin + dy * cos] as const
  })
}
