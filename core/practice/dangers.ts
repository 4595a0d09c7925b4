/** Acts that hurt somebody, by the hazard that a step brings: they can be chosen in practice, and end it. */
import { hazardsOf, type Danger, type Demonstration, type PracticePhase, type Values } from '../demonstration'

const DANGERS: readonly Danger[] = [
  {
    id: 'close-on-heat',
    hazard: 'closed-hot-vessel',
    heated: true,
    words: 'Close it now, while it still boils',
    why:
      'A closed vessel on the heat bursts. The heat goes off and the vessel off the heat before anyone touches ' +
      'the closure.',
    phases: ['heating'],
  },
  {
    id: 'heat-again',
    hazard: 'closed-hot-vessel',
    heated: true,
    words: 'Heat back under it, for a moment',
    why: 'It is closed: with heat under it, it is a boiler without a valve, and bursts.',
    phases: ['under-way'],
  },
  {
    id: 'hand-on-it',
    hazard: 'vacuum',
    crushes: true,
    words: 'Put a hand on it, to feel whether it moves',
    why: 'It has not gone yet, and goes without warning. Nobody is near before the pressure is off.',
    phases: ['under-way'],
  },
  {
    id: 'lean-over',
    hazard: 'glass-under-difference',
    words: 'Lean over the glass to see better',
    why:
      'Glass with a difference across it can break inward and throw splinters. Stay behind the screen until the ' +
      'air is in.',
    phases: ['under-way'],
  },
  {
    id: 'cold-on-hot',
    hazard: 'chilled-glass',
    words: 'Pour ice water over the hot glass, to hurry it',
    why: 'Hot glass that is chilled at once cracks. It is cooled as planned, no faster.',
    phases: ['heating', 'begun', 'off-heat', 'under-way'],
  },
  {
    id: 'bare-hands',
    hazard: 'scald',
    heated: true,
    words: 'Take it with bare hands',
    why: 'Boiling water and its steam scald at once. Tongs or dry heat-proof gloves.',
    phases: ['heating', 'off-heat'],
  },
  {
    id: 'pour-in',
    hazard: 'heat',
    heated: true,
    words: 'Pour some water into it, where it stands',
    why: 'Water on hot metal or glass flashes to steam and comes back out of the mouth, and hot glass cracks.',
    phases: ['heating'],
  },
  {
    id: 'reach-over',
    hazard: 'flame',
    words: 'Reach across the flame for something',
    why: 'Sleeves and hair catch fire. Everything that is needed lies on the near side.',
    phases: ['heating', 'begun'],
  },
  {
    id: 'face-over',
    hazard: 'pressure',
    words: 'Bend over the opening to look in',
    why: 'What is under pressure comes out of the opening, straight up. No face over it.',
    phases: ['begun', 'off-heat', 'under-way'],
  },
  {
    id: 'look-in-front',
    hazard: 'projectile',
    words: 'Look into it from the front',
    why: 'Nobody’s face, and nobody else, is in front of what can fly.',
    phases: ['begun', 'under-way'],
  },
  {
    id: 'under-it',
    hazard: 'load',
    words: 'Put a hand under it, to be sure',
    why: 'It lets go without warning. No hand and no foot is under what hangs.',
    phases: ['under-way'],
  },
  {
    id: 'goggles-off',
    hazard: 'burst',
    words: 'Goggles up for a moment, to see better',
    why: 'A skin that bursts throws pieces. Goggles stay on until it is slack.',
    phases: ['begun', 'under-way'],
  },
  {
    id: 'fuel-near',
    hazard: 'fuel',
    words: 'Go back to it at once, to see why not',
    why: 'What has not gone yet may still go. Everybody stays back, for as long as was said before.',
    phases: ['under-way'],
  },
]

/** Those that this plan's steps bring, at a phase. @param phase all of them if left out */
export function dangersOf(demonstration: Demonstration, values: Values, phase?: PracticePhase): Danger[] {
  const brought = new Set(demonstration.procedure.flatMap(step => hazardsOf(step, values)))
  const heated = demonstration.procedure.some(step => step.marks?.includes('heat-on'))
  return DANGERS.filter(
    d =>
      brought.has(d.hazard) &&
      (!d.heated || heated) &&
      (!d.crushes || demonstration.shell !== undefined) &&
      (phase === undefined || d.phases.includes(phase)),
  )
}
