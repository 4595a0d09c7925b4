import { type Gate, near, next, pressureOff, wait } from '../../../demonstration'
import { applying, dropped, wetFloor } from '../../../cautions'
import type { CardAndGlass } from './simulate'

export const gates: readonly Gate[] = [
  { step: 'turn', text: 'Over a bowl, never over a head at first.', guards: ['load'] },
]
export const cautions: CardAndGlass['cautions'] = ({ numbers: n }) =>
  applying(dropped('turn'), wetFloor(n.fillShare * 0.785 * n.glassDiameter * n.glassDiameter * n.glassHeight, 'turn'))
export const afterFailure: CardAndGlass['afterFailure'] = (_values, _s, _risk, outcome) => [
  wait('Hold it over the bowl until no more comes.'),
  pressureOff('Glass upright again.'),
  near('Look at the rim for a chip; wipe the floor before anybody walks there.'),
  next(
    outcome === 'later'
      ? 'The card went limp: plastic instead, or a shorter time.'
      : 'A flat, stiff card, pressed on while turning; rim wetted; filled nearer to the brim.',
  ),
]
