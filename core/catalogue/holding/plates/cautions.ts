import { atLeast, type Gate, near, next, pressureOff, standBack } from '../../../demonstration'
import { applying, liftedByHand, LIFT_ADULT, mayLetGo, usualPump } from '../../../cautions'
import { isDriven } from '../../vacuum/inputs'
import type { Plates } from './simulate'

export const gates: readonly Gate[] = [
  {
    step: 'pump',
    text: 'Hands on the handles only; rims without a nick; nobody’s face in line with the pair.',
    guards: ['vacuum'],
  },
  {
    step: 'hang',
    text: 'Proof load first: twice what will hang, low over the floor, nobody under it; second strap on.',
    guards: ['load'],
  },
]
export const cautions: Plates['cautions'] = (values, _s, risk) =>
  applying(
    {
      id: 'fingers',
      step: 'grease',
      severity: 'usual',
      covers: ['vacuum'],
      hazard: 'Skin between the rims is pinched.',
      control: 'Hands on the handles only.',
    },
    isDriven(values) ? usualPump('pump') : undefined,
    mayLetGo('The pair', atLeast(risk, 'safetyFactor'), values.numbers.loadMass, 'hang', risk.share('parts')),
    liftedByHand(values.numbers.loadMass, 18, LIFT_ADULT, 'hang'),
  )
export const afterFailure: Plates['afterFailure'] = (_values, _s, _risk, outcome) => [
  standBack('Load off first, onto the floor; nobody pulls any more.'),
  pressureOff('Then open the valve until the hiss stops.'),
  near('Look at rims and grease: one hair leaks; with air in, wipe and grease again.'),
  next(
    outcome === 'parts'
      ? 'It leaked while loaded: watch the gauge for a minute with the valve shut before anything hangs.'
      : 'Less load, a wider pair, or a better vacuum.',
  ),
]
