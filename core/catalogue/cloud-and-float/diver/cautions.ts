import { type Gate, near, next, pressureOff } from '../../../demonstration'
import { applying, dropped, wetFloor } from '../../../cautions'
import type { Diver } from './simulate'

export const gates: readonly Gate[] = []
export const cautions: Diver['cautions'] = ({ numbers: n, choices }) =>
  applying(
    choices.material === 'glass' ? dropped('trim', 'A thin glass float breaks') : undefined,
    wetFloor(n.vesselHeight * 5e-3, 'bottle'),
  )
export const afterFailure: Diver['afterFailure'] = (_values, _s, _risk, outcome) => [
  pressureOff('Let go of the bottle; open the cap over the tray.'),
  near('Bubbles on the outside of the float? Tap it. Bottle full to the brim? A big air space swallows the squeeze.'),
  next(
    {
      floats: 'One drop more water into the float, or a crumb more ballast.',
      stays: 'One drop less water in it, or a crumb less ballast: at the bottom the depth alone holds it down.',
      sunk: 'Much less water in it, or less ballast: it has too little air to float at all.',
    }[outcome] ?? 'Trim it again in the beaker.',
  ),
]
