/** The vessel itself: its wall, what is in it, what closes it, wherever it is held and however it is turned. */
import {
  filledTo,
  levelOf,
  moved,
  rectangle,
  shortened,
  turned,
  vesselOutline,
  type Point,
  type Shape,
} from '../../../demonstration'
import type { Bench } from './bench'
import type { Look } from './look'
import type { Moment } from './moment'
import { sphereDiameter } from '../../../vessels/sphere'

/** Where the vessel is: its base's middle as it would stand upright, and how far it is turned over. */
export interface Pose {
  x: number
  base: number
  /** share of half a turn about its middle */ turn: number
}

/** Slow at both ends, as a hand moves. */
const eased = (t: number) => t * t * (3 - 2 * t)

export function poseOf(look: Look, { place, carried, depth }: Moment, bench: Bench): Pose {
  const { heater, basin, unit } = bench
  const stand: Pose = { x: heater.x, base: heater.top, turn: 0 }
  if (!look.cooling) return stand
  const stem = look.stemLength ?? 0
  const cold: Pose =
    look.cooling === 'bath'
      ? { x: basin.x, base: basin.water - depth + stem, turn: 1 }
      : { x: basin.x, base: look.cooling === 'ice-pool' ? 0.01 * unit : 0, turn: 0 }
  if (place === 'sealed' || (!look.heat && look.cooling !== 'bath')) return cold
  if (place === 'on-heat') return stand
  const s = eased(carried)
  return {
    x: stand.x + (cold.x - stand.x) * s,
    base: stand.base + (cold.base - stand.base) * s + 0.15 * unit * 4 * s * (1 - s),
    turn: cold.turn * Math.min(1, Math.max(0, (carried - 0.35) / 0.5)),
  }
}

const closedAcross = ({ closure }: Look) => closure === 'bung' || closure === 'relief'
const mouthAt = (look: Look) => (closedAcross(look) ? 0.28 * look.diameter : 0)

/** A vessel placed: its points as they lie on the bench, and the mouth's middle. */
export function placed(look: Look, moment: Moment, pose: Pose) {
  const height = shortened(look.height, moment.volumeLost)
  const at = (points: readonly Point[]) =>
    turned(moved(points, pose.x, pose.base), [pose.x, pose.base + height / 2], pose.turn)
  const mouth = Math.min(look.mouth, look.diameter)
  const wall = at(
    vesselOutline({
      shape: look.shape,
      width: look.diameter,
      height: look.height,
      mouth: look.closure === 'stem' ? 0.12 * look.diameter : mouth,
      mouthAt: mouthAt(look),
      neck: look.neckLength ?? (look.shape === 'bottle' ? 0.14 * look.height : 0),
      lost: moment.volumeLost,
    }),
  )
  return { at, height, mouth, mouthAt: mouthAt(look), wall, opening: at([[mouthAt(look), height]])[0] }
}
export type Placed = ReturnType<typeof placed>

const stemVolume = ({ mouth, stemLength = 0 }: Look) => ((Math.PI * mouth ** 2) / 4) * stemLength

/** Share of the stem that water has climbed; 0 without a stem. */
export const climbed = (look: Look, { drawnIn }: Moment) =>
  look.stemLength ? Math.min(1, drawnIn / stemVolume(look)) : 0

/** Height of the water above the lowest point of the vessel, m: what is in a stem does not lie in the vessel. */
function waterLevel(look: Look, moment: Moment, capacity: number, height: number) {
  const inStem = look.stemLength ? Math.min(moment.drawnIn, stemVolume(look)) : 0
  const volume = Math.max(0, moment.waterInside / 1000 - inStem)
  const filled = volume / (capacity * Math.max(0.15, 1 - moment.volumeLost))
  return height * Math.min(0.98, levelOf(look.shape, filled))
}

/** Gas, water, wall, hoops. @param capacity m³ @param seething whether what is left in it boils */
export function vesselShapes(look: Look, moment: Moment, p: Placed, capacity: number, seething: boolean): Shape[] {
  const bottom = Math.min(...p.wall.map(([, y]) => y))
  const level = waterLevel(look, moment, capacity, p.height)
  const [x] = p.at([[0, p.height / 2]])[0]
  const shapes: Shape[] = [
    { kind: 'gas', points: p.wall, air: 1.1 * moment.airFraction, vapour: 0.15 + 0.6 * (1 - moment.airFraction) },
  ]
  if (level > 0) {
    const water = filledTo(p.wall, bottom + level)
    shapes.push({ kind: 'body', points: water, stuff: 'water', opacity: 0.85, thick: 0 })
  }
  if (seething) {
    const high = Math.max(level, 0.03 * p.height)
    shapes.push({ kind: 'bubbles', at: [x, bottom], wide: 0.7 * look.diameter, high, count: 6 })
  }
  shapes.push(...jet(look, moment, p, bottom))
  for (const y of hoops(look, moment)) {
    const line = p.at([
      [-look.diameter / 2, y],
      [look.diameter / 2, y],
    ])
    shapes.push({ kind: 'body', points: line, stuff: 'metal', open: true, thick: 3 })
  }
  shapes.push({ kind: 'body', points: p.wall, stuff: 'metal', open: true, thick: 2.2 })
  return shapes
}

/** Water that spurts up inside, as high as its speed throws it. */
function jet(look: Look, moment: Moment, p: Placed, bottom: number): Shape[] {
  if (moment.jet < 0.4 || (look.stemLength && climbed(look, moment) < 1)) return []
  const high = Math.min(0.95 * p.height, moment.jet ** 2 / (2 * 9.81))
  const [x] = p.opening
  const half = Math.max(0.3 * p.mouth, 0.01 * look.diameter)
  const points: Point[] = [
    [x - half, bottom],
    [x - 0.6 * half, bottom + 0.9 * high],
    [x, bottom + high],
    [x + 0.6 * half, bottom + 0.9 * high],
    [x + half, bottom],
  ]
  return [{ kind: 'body', points, stuff: 'water', opacity: 0.55, thick: 0 }]
}

/** Heights of the hoops that are still straight. */
function hoops({ hoopSpacing = 0, height }: Look, { volumeLost }: Moment): number[] {
  if (hoopSpacing < 0.04 * height || hoopSpacing > 0.9 * height || volumeLost > 0.05) return []
  const count = Math.round(height / hoopSpacing) - 1
  return Array.from({ length: Math.max(0, count) }, (_, i) => ((i + 1) * height) / (count + 1))
}

/** The stem below a flask, with the water that has climbed in it. */
export function stemShapes(look: Look, moment: Moment, p: Placed): Shape[] {
  const { stemLength = 0 } = look
  if (stemLength === 0) return []
  const tube = (width: number, length: number) =>
    p.at(rectangle(-width / 2, p.height + stemLength - length, width, length))
  const inside = 0.04 * look.height
  return [
    { kind: 'body', points: tube(p.mouth, stemLength + inside), stuff: 'glass', thick: 1.6 },
    {
      kind: 'body',
      points: tube(0.8 * p.mouth, (stemLength + inside) * climbed(look, moment)),
      stuff: 'water',
      thick: 0,
    },
  ]
}

/** What closes the mouth. */
export function closureShapes(look: Look, moment: Moment, p: Placed): Shape[] {
  const u = 0.05 * look.height
  const piece = (points: Point[], more: Partial<Extract<Shape, { kind: 'body' }>> = {}): Shape => ({
    kind: 'body',
    points: p.at(moved(points, p.mouthAt, p.height)),
    stuff: 'metal',
    thick: 2,
    ...more,
  })
  if (look.closure === 'balloon') return balloonShapes(look, moment, p)
  if (look.closure === 'relief') {
    const weight: Point[] = [
      [-0.9 * u, 1.6 * u],
      [0.9 * u, 1.6 * u],
      [0.5 * u, 2.5 * u],
      [-0.5 * u, 2.5 * u],
    ]
    return [piece(rectangle(-0.4 * u, 0, 0.8 * u, 1.6 * u)), piece(weight, { hollow: true })]
  }
  if (look.closure === 'vent') {
    const shut: Point[] = [
      [-0.5 * u, 0.7 * u],
      [0.5 * u, 0.7 * u],
    ]
    return [
      piece(rectangle(-0.4 * u, 0, 0.8 * u, 0.7 * u), { stuff: 'glass' }),
      ...(look.vent ? [] : [piece(shut, { stuff: 'danger', open: true, thick: 4 })]),
    ]
  }
  const inBath = look.cooling === 'bath'
  const held = moment.place === 'sealed' || (inBath && moment.place === 'carried' && moment.carried > 0.1)
  const closed = inBath ? look.closure === 'cap' && !moment.opened && held : moment.place === 'sealed' && !!look.cooling
  if (!closed || look.closure === 'mouth' || look.closure === 'stem') return []
  const wide = Math.max(p.mouth * 1.15, 0.03 * look.height)
  return [piece(rectangle(-wide / 2, -0.3 * u, wide, 1.2 * u), { stuff: inBath ? 'card' : 'ink' })]
}

/** A balloon over the neck: hanging outside at first, then pushed in with the room's air in it. */
function balloonShapes(look: Look, { place, volumeLost }: Moment, p: Placed): Shape[] {
  if (place !== 'sealed') return []
  const { slackBalloon = 0, capacity = 0 } = look
  const volume = volumeLost * capacity
  const half = p.mouth / 2
  const u = 0.03 * look.height
  const rubber = (points: Point[]): Shape => ({
    kind: 'body',
    points: p.at(points),
    stuff: 'rubber',
    open: true,
    thick: 2.2,
  })
  const collar = rubber([
    [-half - u, p.height - 2 * u],
    [-half, p.height],
  ])
  const other = rubber([
    [half + u, p.height - 2 * u],
    [half, p.height],
  ])
  if (volume < 0.02 * slackBalloon) {
    const hanging: Point[] = [
      [half, p.height],
      [half + 2 * u, p.height + u],
      [half + 4 * u, p.height - 3 * u],
      [half + 3 * u, p.height - 6 * u],
    ]
    return [collar, other, rubber([[-half, p.height], ...hanging])]
  }
  // Round once it is stretched; before that it hangs down, as wide as a share of its size.
  const across = sphereDiameter(volume)
  const limp = Math.min(1, volume / slackBalloon)
  const wide = Math.min(0.96 * look.diameter, across * (0.6 + 0.4 * limp))
  const tall = Math.min(0.92 * look.height, volume / ((Math.PI / 6) * wide * wide))
  const top = p.height - Math.min(0.08 * look.height, p.height - tall)
  const RIM = 24
  const skin: Point[] = Array.from({ length: RIM + 1 }, (_, i) => {
    const angle = Math.PI * (0.08 + (1.84 * i) / RIM)
    return [(Math.sin(angle) * wide) / 2, top - tall / 2 + (Math.cos(angle) * tall) / 2] as const
  })
  const whole: Point[] = [[half, p.height], ...skin, [-half, p.height]]
  return [{ kind: 'gas', points: p.at(whole), air: 1, vapour: 0 }, collar, other, rubber(whole)]
}
