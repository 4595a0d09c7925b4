/** A capped syringe that stands on its cap: plunger, rod, barrel and cap, to scale. */
import { rectangle, type Shape } from '../../demonstration'

/** Height of the barrel's floor, in bores. */
export const FLOOR = 0.5

/** @param bore m @param face height of the plunger's face, m @param rim of the barrel, m @param rod its length, m */
export const syringeShapes = (bore: number, face: number, rim: number, rod: number): Shape[] => {
  const half = bore / 2
  const foot = FLOOR * bore
  const neck = 0.14 * bore
  return [
    { kind: 'body', points: rectangle(-half, face, bore, 0.25 * bore), stuff: 'rubber' },
    { kind: 'body', points: rectangle(-0.12 * bore, face + 0.25 * bore, 0.24 * bore, rod), stuff: 'card' },
    { kind: 'body', points: rectangle(-0.75 * bore, face + 0.25 * bore + rod, 1.5 * bore, 0.12 * bore), stuff: 'card' },
    {
      kind: 'body',
      points: [
        [-half, rim],
        [-half, foot],
        [-neck, foot],
        [-neck, 0.1 * bore],
        [neck, 0.1 * bore],
        [neck, foot],
        [half, foot],
        [half, rim],
      ],
      stuff: 'glass',
      open: true,
      thick: 3,
    },
    { kind: 'body', points: rectangle(-0.24 * bore, 0, 0.48 * bore, 0.22 * bore), stuff: 'ink' },
  ]
}
