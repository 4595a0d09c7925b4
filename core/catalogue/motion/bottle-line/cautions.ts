import { atWorst, type Gate } from '../../../demonstration'
import { applying, bang, fuelMixture, pressurised, projectile } from '../../../cautions'
import { fuelFailure } from '../fuel-failure'
import type { BottleLine } from './simulate'

export const gates: readonly Gate[] = [
  {
    step: 'line',
    text:
      'Written assessment signed; trained staff only; a bottle made for fizzy drinks, new, never used ' +
      'before; line closed off on both sides and at its end.',
    guards: ['fuel', 'projectile', 'pressure', 'flame'],
  },
  { step: 'go', text: 'Eye and ear protection on; nobody behind the cap, in the line or at its end.', guards: [] },
]
export const cautions: BottleLine['cautions'] = ({ numbers: n }, _s, risk) =>
  applying(
    fuelMixture('line'),
    pressurised(atWorst(risk, 'peakPressureDifference'), n.pressureRating, 'line'),
    projectile(
      'the bottle',
      atWorst(risk, 'topSpeed'),
      atWorst(risk, 'runLength'),
      (n.bottleMass * atWorst(risk, 'topSpeed') * atWorst(risk, 'topSpeed')) / 2,
      'line',
      ' along the line and off its end',
    ),
    bang(atWorst(risk, 'levelFirstRow'), 'go'),
  )
export const afterFailure: BottleLine['afterFailure'] = (_values, _s, _risk, outcome) =>
  fuelFailure(
    'the bottle’s cap',
    outcome === 'over'
      ? 'Not with this bottle: the pressure was over its limit; a wider hole, or not at all.'
      : 'A new bottle; a shorter line. The used one is softened and goes away for good.',
  )
