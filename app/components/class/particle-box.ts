/**
 * Particles that fly straight and bounce off the walls of a box, in units of the box's width; two dimensions stand
 * for three.
 */

export interface Particle {
  x: number
  y: number
  vx: number
  vy: number
  vapour: boolean
}

/** Speed of air's particles at 300 K, box widths a second: slow enough for an eye to follow one. */
const PACE = 0.28
/** Water's molecules are lighter than air's, so faster at one temperature: sqrt(28.96/18.02). */
const LIGHTER = 1.268

/** A chance that is the same in every run: 32 bits of a linear congruential sequence (Numerical Recipes' constants). */
export function sequence(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    return state / 4294967296
  }
}

export class ParticleBox {
  readonly particles: Particle[] = []
  /** impulse on the right-hand wall since it was last read, per length of wall */
  private impulse = 0
  private temperature = 300
  height = 1

  constructor(
    private readonly chance: () => number,
    readonly aspect = 1,
  ) {}

  private made(vapour: boolean): Particle {
    // Two normal components (Box and Muller) make the speeds Maxwell's.
    const radius = Math.sqrt(-2 * Math.log(1 - this.chance() * 0.999))
    const angle = 2 * Math.PI * this.chance()
    const pace = PACE * Math.sqrt(this.temperature / 300) * (vapour ? LIGHTER : 1)
    return {
      x: this.chance(),
      y: this.chance() * this.height * this.aspect,
      vx: pace * radius * Math.cos(angle),
      vy: pace * radius * Math.sin(angle),
      vapour,
    }
  }

  /** Brings numbers, temperature (K) and height (share of the full box) to a moment's; the rest fly on as they were. */
  set(air: number, vapour: number, temperature: number, height: number): void {
    this.temperature = temperature
    this.height = Math.max(0.02, height)
    for (const p of this.particles) {
      p.y = Math.min(p.y, this.height * this.aspect)
    }
    for (const [kind, wanted] of [
      [false, air],
      [true, vapour],
    ] as const) {
      let have = this.particles.filter(p => p.vapour === kind).length
      for (; have < wanted; have++) this.particles.push(this.made(kind))
      for (; have > wanted; have--)
        this.particles.splice(
          this.particles.findIndex(p => p.vapour === kind),
          1,
        )
      this.hold(kind)
    }
  }

  /**
   * A few dozen particles drawn by chance are a little too hot or cold one way: their mean square is held at the
   * temperature's.
   */
  private hold(vapour: boolean): void {
    const own = this.particles.filter(p => p.vapour === vapour)
    const square = ((PACE * PACE * this.temperature) / 300) * (vapour ? LIGHTER * LIGHTER : 1)
    for (const way of ['vx', 'vy'] as const) {
      const factor = Math.sqrt(
        (own.length * square) /
          Math.max(
            1e-12,
            own.reduce((sum, p) => sum + p[way] * p[way], 0),
          ),
      )
      for (const p of own) p[way] *= factor
    }
  }

  /** Moves all by a step, s; calls `hit` with the place of every hit on the right-hand wall. */
  step(seconds: number, hit?: (y: number) => void): void {
    const top = this.height * this.aspect
    for (const p of this.particles) {
      p.x += p.vx * seconds
      p.y += p.vy * seconds
      if (p.x < 0 || p.x > 1) {
        if (p.x > 1) {
          this.impulse += (2 * Math.abs(p.vx) * (p.vapour ? 1 / (LIGHTER * LIGHTER) : 1)) / top
          hit?.(p.y)
        }
        p.x = p.x < 0 ? -p.x : 2 - p.x
        p.x = Math.min(1, Math.max(0, p.x))
        p.vx = -p.vx
      }
      if (p.y < 0 || p.y > top) {
        p.y = Math.min(top, Math.max(0, p.y < 0 ? -p.y : 2 * top - p.y))
        p.vy = -p.vy
      }
    }
  }

  /** Impulse on the wall since the last reading, per length of it: over a time it is the pressure. */
  takeImpulse(): number {
    const taken = this.impulse
    this.impulse = 0
    return taken
  }
}
