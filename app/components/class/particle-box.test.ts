import { describe, expect, it } from 'vitest'
import { ParticleBox, sequence } from './particle-box'

/** Impulse per second and length on the wall, over many seconds. */
function pushOf(count: number, vapour: number, temperature: number, height = 1): number {
  const box = new ParticleBox(sequence(7))
  box.set(count, vapour, temperature, height)
  box.takeImpulse()
  for (let i = 0; i < 40000; i++) box.step(0.01)
  return box.takeImpulse() / 400
}

describe('particles in a box push like a gas (kinetic theory: p V = N m ⟨v²⟩/2 in two dimensions)', () => {
  const one = pushOf(400, 0, 300)
  it('twice as many push twice as hard, and so do as many in half the room', () => {
    expect(pushOf(800, 0, 300) / one).toBeCloseTo(2, 0.7)
    expect(pushOf(400, 0, 300, 0.5) / one).toBeCloseTo(2, 0.7)
  })
  it('at twice the absolute temperature they push twice as hard, and vapour as hard as air', () => {
    expect(pushOf(400, 0, 600) / one).toBeCloseTo(2, 0.7)
    expect(pushOf(0, 400, 300) / one).toBeCloseTo(1, 0.7)
  })
  it('keeps every particle inside, and brings numbers to what is asked', () => {
    const box = new ParticleBox(sequence(3))
    box.set(50, 20, 300, 1)
    for (let i = 0; i < 500; i++) box.step(0.05)
    box.set(10, 5, 400, 0.3)
    expect(box.particles).toHaveLength(15)
    expect(box.particles.every(p => p.x >= 0 && p.x <= 1 && p.y >= 0 && p.y <= 0.3)).toBe(true)
  })
})
