/** What can be seen of a scene at a bench: no pressures, no numbers, and nothing behind a wall of metal. */
import type { Practised, Scene, Shape } from '../demonstration'

/** A wall drawn with at least so many points is the vessel's own. */
const OF_A_VESSEL = 8

/** @param practice of the demonstration */
export function visibleScene(scene: Scene, practice: Practised | undefined): Scene {
  const seen = scene.shapes.filter(s => s.kind !== 'note' && s.kind !== 'gas' && s.kind !== 'push')
  return { ...scene, caption: [], shapes: practice?.opaque ? seen.filter(s => s.kind !== 'bubbles').map(closed) : seen }
}

const closed = (shape: Shape): Shape =>
  shape.kind === 'body' && shape.open && shape.stuff === 'metal' && shape.points.length >= OF_A_VESSEL
    ? { ...shape, open: false, hollow: false, opacity: 1 }
    : shape
