import { jarCautions, jarFailure, jarGates } from '../cautions'
import type { BellInVacuum } from './simulate'

export const gates = jarGates('jar')
export const cautions: BellInVacuum['cautions'] = (values, _s, risk) => jarCautions(values, risk)
export const afterFailure: BellInVacuum['afterFailure'] = (_values, _s, _risk, outcome) =>
  jarFailure(
    'With air in again, a hand on plate and mount: does the sound come through there?',
    outcome === 'never'
      ? 'A louder bell, or a quieter room.'
      : outcome === 'faint'
        ? 'Nearly: a better mount, or a pump that reaches lower.'
        : 'A softer mount, a pump that reaches lower, listeners further off.',
  )
