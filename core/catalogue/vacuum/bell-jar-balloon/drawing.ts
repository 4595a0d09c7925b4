/** What is seen of it at a moment. */
import { said, type Shape, valueAt } from '../../../demonstration'
import { jarScene } from '../jar-scene'
import type { BellJarBalloon } from './simulate'

export const drawing: BellJarBalloon['drawing'] = (values, s, time) => {
  const across = valueAt(s.trace, 'balloonAcross', time)
  const burst = s.outcome === 'bursts' && time >= s.results.timeToPump - 1e-6
  const height = values.numbers.jarHeight * 0.5
  const shapes: Shape[] = burst
    ? [-0.5, -0.15, 0.3, 0.6].map(x => ({
        kind: 'round',
        at: [x * values.numbers.jarDiameter * 0.6, 0.012 + Math.abs(x) * 0.02],
        across: 0.03,
        high: 0.012,
        stuff: 'rubber',
      }))
    : [
        { kind: 'round', at: [0, height], across, stuff: 'rubber', opacity: 0.75 },
        {
          kind: 'body',
          points: [
            [-0.007, height - across / 2 - 0.01],
            [0, height - across / 2],
            [0.007, height - across / 2 - 0.01],
          ],
          stuff: 'rubber',
        },
        { kind: 'note', at: [0, height - 0.004], anchor: 'middle', said: [said(across, 'length', 'cm', 'in')] },
      ]
  return jarScene(
    values,
    s,
    time,
    shapes,
    burst
      ? ['It has burst.']
      : ['The balloon is ', said(across, 'length', 'cm', 'in'), ' across; its air is the same all the time.'],
  )
}
