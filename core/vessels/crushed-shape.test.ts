import { describe, expect, it } from 'vitest'
import { crushedMesh } from './crushed-shape'
import { bodyOf, type CrushedShell, type ShellPlan } from './crushed-shell'

const CAN: ShellPlan = { kind: 'round', diameter: 0.0575 }
const DRUM: ShellPlan = { kind: 'round', diameter: 0.38 }
const TIN: ShellPlan = { kind: 'box', width: 0.16, depth: 0.115 }
const shell = (plan: ShellPlan, height: number, lobes: number, lost: number): CrushedShell => ({
  plan,
  height,
  lobes,
  lost,
  ends: 0,
  hoops: [],
})
const wallOf = ({ plan, height }: CrushedShell): number =>
  height * (plan.kind === 'round' ? Math.PI * plan.diameter : 2 * (plan.width + plan.depth))
const volumeOf = ({ plan, height }: CrushedShell): number =>
  height * (plan.kind === 'round' ? (Math.PI * plan.diameter ** 2) / 4 : plan.width * plan.depth)

const CASES = [
  ['a slim can of 5 lobes', CAN, 0.145, 5],
  ['a drum of 8 lobes', DRUM, 0.54, 8],
  ['a long tube of 3 lobes', CAN, 0.4, 3],
  ['a box', TIN, 0.285, 0],
] as const

describe('a crushed shell', () => {
  it.each(CASES)('%s: has the volume that is left within 1 %% and its wall within 3 %%', (_, plan, height, lobes) => {
    for (const lost of [0, 0.05, 0.2, 0.4, 0.6, 0.75]) {
      const asked = shell(plan, height, lobes, lost)
      const mesh = crushedMesh(asked)
      expect(mesh.volume / (volumeOf(asked) * (1 - lost)), `volume, ${lost} lost`).toBeCloseTo(1, 2)
      expect(Math.abs(mesh.wallArea / wallOf(asked) - 1), `wall, ${lost} lost`).toBeLessThan(0.03)
      expect(Math.abs(mesh.lost - lost)).toBeLessThan(0.01)
      expect(mesh.height).toBeLessThanOrEqual(height)
    }
  })
  it.each(CASES)('%s: keeps the length of every section, and its ends', (_, plan, height, lobes) => {
    const asked = shell(plan, height, lobes, 0.6)
    const { positions: p, around, rings } = crushedMesh(asked)
    const round = wallOf(asked) / height
    for (let ring = 0; ring < rings; ring++) {
      let length = 0
      for (let i = 0; i < around; i++) {
        const [a, b] = [3 * (ring * around + i), 3 * (ring * around + ((i + 1) % around))]
        length += Math.hypot(p[b] - p[a], p[b + 1] - p[a + 1])
      }
      expect(Math.abs(length / round - 1)).toBeLessThan(0.001)
    }
    const before = crushedMesh(shell(plan, height, lobes, 0)).positions
    for (let i = 0; i < around; i++)
      for (const axis of [0, 1]) expect(p[3 * i + axis]).toBeCloseTo(before[3 * i + axis], 9)
  })
  it('has as many lobes as it is told, all alike', () => {
    for (const lobes of [2, 3, 5, 8]) {
      const { positions: p, around, rings } = crushedMesh(shell(CAN, 0.2, lobes, 0.3))
      const middle = Math.floor(rings / 2) * around
      const radii = Array.from({ length: around }, (_, i) => Math.hypot(p[3 * (middle + i)], p[3 * (middle + i) + 1]))
      const mean = radii.reduce((a, b) => a + b) / around
      const outward = radii.filter((r, i) => r > mean && radii[(i + 1) % around] <= mean).length
      expect(outward).toBe(lobes)
    }
  })
  it('holds what the vessel holds: shoulders and a neck are no body', () => {
    const { height, ends } = bodyOf(CAN, 0.145, 330e-6)
    expect(volumeOf(shell(CAN, height, 5, 0))).toBeCloseTo(330e-6, 12)
    expect(height + ends).toBeCloseTo(0.145, 12)
    expect(bodyOf(TIN, 0.2, 1)).toEqual({ height: 0.2, ends: 0 })
  })
  it('is closed: every edge belongs to two triangles, run through both ways', () => {
    const { triangles } = crushedMesh(shell(TIN, 0.285, 0, 0.3))
    const edges = new Map<string, number>()
    const count = (edge: string) => edges.set(edge, (edges.get(edge) ?? 0) + 1)
    for (let t = 0; t < triangles.length; t += 3)
      for (const [a, b] of [
        [0, 1],
        [1, 2],
        [2, 0],
      ] as const)
        // oxfmt-ignore
        count(`${triangles[t + a]} ${triangles[t + b]}`)
    for (const [edge, times] of edges) {
      expect(times).toBe(1)
      expect(edges.get(edge.split(' ').reverse().join(' '))).toBe(1)
    }
  })
  it('tells what it reached where lobes lie on one another before, and refuses what is no share', () => {
    const flat = crushedMesh(shell(CAN, 0.145, 2, 0.97))
    expect(flat.lost).toBeLessThan(0.97)
    expect(flat.lost).toBeGreaterThan(0.5)
    expect(() => crushedMesh(shell(CAN, 0.145, 5, 1.2))).toThrow(/lost: given 1.2; accepted/)
    expect(() => crushedMesh(shell(CAN, 0.145, 0, 0.2))).toThrow(/lobes: given 0/)
  })
})
