import { atWorst, type Gate } from '../../../demonstration'
import { applying, bang, fuelMixture, projectile } from '../../../cautions'
import { fuelFailure } from '../fuel-failure'
import type { CanisterPop } from './simulate'

export const gates: readonly Gate[] = [
  {
    step: 'stand',
    text: 'Written assessment signed; trained staff only; everybody behind the line, nothing over the canister.',
    guards: ['fuel', 'projectile', 'flame'],
  },
  { step: 'pop', text: 'Eye and ear protection on; nobody forward; fire blanket at hand.', guards: [] },
]
export const cautions: CanisterPop['cautions'] = (_values, _s, risk) =>
  applying(
    fuelMixture('stand'),
    projectile('the lid', atWorst(risk, 'launchSpeed'), atWorst(risk, 'reach'), atWorst(risk, 'lidEnergy'), 'stand'),
    bang(atWorst(risk, 'levelFirstRow'), 'pop'),
  )
export const afterFailure: CanisterPop['afterFailure'] = (_values, _s, _risk, outcome) =>
  outcome === 'beyond'
    ? [
        { kind: 'stand-back', text: 'Stop. Is anybody hit? First aid; an eye: do not rub, cover it, doctor.' },
        ...fuelFailure(
          'it',
          'More room, or not at all: it flew as far as the people. It goes into the accident book.',
        ).slice(1),
      ]
    : fuelFailure(
        'the lid',
        'No second try on the same day without the written steps: a lid that holds shuts a burning gas in.',
      )
