import { applying, capFliesOff, noFood, noNeedles, snapsBack } from '../../../cautions'
import { atWorst, type Gate, near, next, pressureOff, standBack } from '../../../demonstration'
import type { SyringeMarshmallow } from './simulate'

export const gates: readonly Gate[] = [
  { step: 'move', text: 'Goggles on; cap screwed tight and pointing at nobody.', guards: ['vacuum', 'pressure'] },
]
export const cautions: SyringeMarshmallow['cautions'] = ({ choices }, _s, risk) =>
  applying(
    noNeedles('fill'),
    choices.way === 'in'
      ? capFliesOff(atWorst(risk, 'peakPressureDifference'), 'move')
      : snapsBack(atWorst(risk, 'hold'), 'move'),
    noFood('What was in a syringe is no food any more.', 'off'),
  )
export const afterFailure: SyringeMarshmallow['afterFailure'] = ({ choices }) => [
  standBack('Hold the plunger; the cap points at nobody.'),
  pressureOff('Let the plunger back by hand, slowly; then unscrew the cap.'),
  near('Is the marshmallow old and hard, or does the cap leak?'),
  next(
    choices.way === 'in' ? 'A fresh one, and further in.' : 'A fresh one, less air round it at the start, further out.',
  ),
]
