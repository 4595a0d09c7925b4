/**
 * The wall of a crushed vessel as a mesh: as many lobes as it buckled into, the volume that is left, and no more sheet
 * metal than there was.
 *
 * A thin wall bends easily and hardly stretches. Round the vessel its sections keep their length exactly: a section is
 * given by the direction of its tangent, which swings `b` about that of the round one, once for each lobe. Along the
 * vessel the swing is nothing at the ends, which stay as they are, and whole in the middle; the vessel becomes so much
 * shorter that the area of the wall stays what it was. What is assumed is the course along the height, and that all
 * lobes are alike: a real one folds where its dents are.
 *
 * @source bending without extension: Lord Rayleigh, Proc. London Math. Soc. 13 (1881) 4, from memory
 */

import { cos, falsePosition, pow, sin } from '../elementary'
import type { CrushedShell } from './crushed-shell'

export interface ShellMesh {
  /** m, three for each point, ring by ring from the bottom, height last */ positions: Float64Array
  /** three corners of each triangle, seen from outside counter-clockwise: the wall, then both ends */
  triangles: Uint32Array
  /** of those, how many are the wall's */ wallTriangles: number
  around: number
  rings: number
  /** of the crushed vessel, m */ height: number
  /** m³ */ volume: number
  /** m², of the wall alone */ wallArea: number
  /** share of the volume that it has lost; less than asked where lobes lie on one another before */ lost: number
}

type Point = readonly [x: number, y: number]

/** Points round a section, a multiple of four so that a box has its corners. */
const AROUND = 144
const LEVELS = 48
/** Lobes meet when their dents come so near to the middle, of the least radius. */
const TOUCHING = 0.04
/** How blunt the course along the height is: first a wide dent, at the end folded flat against the ends. */
const BLUNT = [4, 40] as const
/** The last course: as far as this shape folds. */
const FOLDED = 2
/** How near to the wanted wall and share a shape comes, relative. */
const CLOSE = 1e-4

/** A closed curve from the direction of its tangent, about its own middle. */
function curve(tangent: (share: number) => number, length: number): Point[] {
  const points: [number, number][] = []
  const step = length / AROUND
  let [x, y, middleX, middleY] = [0, 0, 0, 0]
  for (let i = 0; i < AROUND; i++) {
    points.push([x, y])
    middleX += x / AROUND
    middleY += y / AROUND
    const direction = tangent((i + 0.5) / AROUND)
    x += step * cos(direction)
    y += step * sin(direction)
  }
  return points.map(([px, py]) => [px - middleX, py - middleY])
}

/** A section whose tangent swings by `b`, rad. */
function section({ plan, lobes }: CrushedShell, b: number): Point[] {
  if (plan.kind === 'round') {
    const turn = 2 * Math.PI
    return curve(share => turn * share + b * sin(lobes * turn * share), Math.PI * plan.diameter)
  }
  // Four sides, each bowed inward between its corners; sides that face each other are alike.
  const { width, depth } = plan
  const quarter = AROUND / 4
  const points: [number, number][] = []
  let [x, y] = [0, 0]
  for (let side = 0; side < 4; side++) {
    const step = (side % 2 === 0 ? width : depth) / quarter
    for (let i = 0; i < quarter; i++) {
      points.push([x, y])
      const direction = (Math.PI / 2) * side + b * cos((Math.PI * (i + 0.5)) / quarter)
      x += step * cos(direction)
      y += step * sin(direction)
    }
  }
  const middle = points.reduce(([mx, my], [px, py]) => [mx + px / AROUND, my + py / AROUND], [0, 0])
  return points.map(([px, py]) => [px - middle[0], py - middle[1]])
}

/** The swing at which dents meet in the middle. */
function touching(shell: CrushedShell): number {
  const { plan } = shell
  const radius = plan.kind === 'round' ? plan.diameter / 2 : Math.min(plan.width, plan.depth) / 2
  const apart = (b: number) =>
    Math.min(...section(shell, b).map(([x, y]) => Math.sqrt(x * x + y * y))) > TOUCHING * radius
  let b = 0
  while (b < 2.2 && apart(b + 0.02)) b += 0.02
  return b
}

/** Triangles of the wall and of both ends, which are fans about a point in their middle. */
function trianglesOf(): { triangles: Uint32Array; wallTriangles: number } {
  const list: number[] = []
  for (let level = 0; level < LEVELS; level++) {
    for (let i = 0; i < AROUND; i++) {
      const next = (i + 1) % AROUND
      const [a, b] = [level * AROUND + i, level * AROUND + next]
      const [c, d] = [b + AROUND, a + AROUND]
      list.push(a, b, c, a, c, d)
    }
  }
  const wallTriangles = list.length / 3
  const [bottom, top, last] = [(LEVELS + 1) * AROUND, (LEVELS + 1) * AROUND + 1, LEVELS * AROUND]
  for (let i = 0; i < AROUND; i++) {
    const next = (i + 1) % AROUND
    list.push(bottom, next, i, top, last + i, last + next)
  }
  return { triangles: Uint32Array.from(list), wallTriangles }
}
let made: ReturnType<typeof trianglesOf> | undefined
/** Made once a vessel is shown crushed: most pages show none. */
const mesh = () => (made ??= trianglesOf())

/** Points of a shell whose sections are given, at a height. */
function pointsOf(sections: readonly Point[][], height: number): Float64Array {
  const positions = new Float64Array(3 * ((LEVELS + 1) * AROUND + 2))
  sections.forEach((points, level) => {
    points.forEach(([x, y], i) => {
      positions.set([x, y, (height * level) / LEVELS], 3 * (level * AROUND + i))
    })
  })
  positions.set([0, 0, 0, 0, 0, height], 3 * (LEVELS + 1) * AROUND)
  return positions
}

/** m³ inside, by the triangles themselves. */
function volumeIn(p: Float64Array): number {
  const { triangles } = mesh()
  let volume = 0
  for (let t = 0; t < triangles.length; t += 3) {
    const a = 3 * triangles[t]
    const b = 3 * triangles[t + 1]
    const c = 3 * triangles[t + 2]
    volume +=
      p[a] * (p[b + 1] * p[c + 2] - p[b + 2] * p[c + 1]) +
      p[a + 1] * (p[b + 2] * p[c] - p[b] * p[c + 2]) +
      p[a + 2] * (p[b] * p[c + 1] - p[b + 1] * p[c])
  }
  return volume / 6
}

/**
 * Area of the wall as its height goes. One edge of every triangle lies in a ring, so that with `rise` between two rings
 * its area is half the root of rise² × edge² + twice² the area of its shadow.
 */
function wallAreaOf(sections: readonly Point[][]): (height: number) => number {
  const edges = new Float64Array(2 * AROUND * LEVELS)
  const shadows = new Float64Array(2 * AROUND * LEVELS)
  let at = 0
  for (let level = 0; level < LEVELS; level++) {
    const [low, high] = [sections[level], sections[level + 1]]
    for (let i = 0; i < AROUND; i++) {
      const next = (i + 1) % AROUND
      for (const [from, to, off] of [
        [low[i], low[next], high[next]],
        [high[i], high[next], low[i]],
      ]) {
        const ux = to[0] - from[0]
        const uy = to[1] - from[1]
        const shadow = ux * (off[1] - from[1]) - uy * (off[0] - from[0])
        edges[at] = ux * ux + uy * uy
        shadows[at++] = shadow * shadow
      }
    }
  }
  return height => {
    const rise = height / LEVELS
    let area = 0
    for (let i = 0; i < at; i++) area += Math.sqrt(rise * rise * edges[i] + shadows[i])
    return area / 2
  }
}

/** Sections from bottom to top. @param course 0 as it was, 1 lobes that touch, 2 folded against the ends */
function sectionsAt(shell: CrushedShell, course: number, most: number): Point[][] {
  const [wide, blunt] = BLUNT
  const power = course <= 1 ? wide : wide + (blunt - wide) * (course - 1)
  const half: Point[][] = Array.from({ length: LEVELS / 2 + 1 }, (_, level) => {
    const from = Math.abs((2 * level) / LEVELS - 1)
    return section(shell, Math.min(1, course) * most * (1 - pow(from, power)))
  })
  return [...half, ...half.slice(0, -1).reverse()]
}

/** The shape at a course, as high as its wall allows; none where there is too little wall for it. */
function shapeAt(shell: CrushedShell, course: number, most: number, wall: number) {
  const sections = sectionsAt(shell, course, most)
  const areaAt = wallAreaOf(sections)
  const over = (height: number) => areaAt(height) / wall - 1
  const [least, whole] = [0.02 * shell.height, shell.height]
  if (over(least) > 0) return undefined
  const height = falsePosition(over, [least, over(least)], [whole, over(whole)], CLOSE)
  const positions = pointsOf(sections, height)
  return { positions, height, wallArea: areaAt(height), volume: volumeIn(positions) }
}

/**
 * @returns the shape that has lost this share of its volume; where lobes lie on one another before that, the one that
 *   has lost most, which its `lost` tells
 * @throws RangeError for a share outside 0 to 1, or a round shell with fewer than two lobes
 */
export function crushedMesh(shell: CrushedShell): ShellMesh {
  const { lost, height, plan, lobes } = shell
  if (!(lost >= 0 && lost < 1)) throw new RangeError(`lost: given ${lost}; accepted: 0 to below 1`)
  if (plan.kind === 'round' && !(lobes >= 2)) throw new RangeError(`lobes: given ${lobes}; accepted: 2 or more`)
  const asItWas = sectionsAt(shell, 0, 0)
  const whole = volumeIn(pointsOf(asItWas, height))
  const wall = wallAreaOf(asItWas)(height)
  const most = touching(shell)
  const shapeOf = (course: number) => shapeAt(shell, course, most, wall)
  // Where there is too little wall for a course, it is too far.
  const over = (course: number) => {
    const shape = shapeOf(course)
    return shape ? 1 - shape.volume / whole - lost : 1
  }
  const last = over(FOLDED)
  const course = last <= 0 ? FOLDED : falsePosition(over, [0, -lost], [FOLDED, last], CLOSE)
  const shape = shapeOf(course)!
  return { ...mesh(), around: AROUND, rings: LEVELS + 1, ...shape, lost: 1 - shape.volume / whole }
}
