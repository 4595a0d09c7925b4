import type { Demonstration } from '../../../demonstration'
import { jarCautions, jarFailure, jarGates } from '../cautions'

export const gates = jarGates('jar')
export const cautions: Demonstration['cautions'] = (values, _s, risk) => jarCautions(values, risk)
export const afterFailure: Demonstration['afterFailure'] = (_values, _s, _risk, outcome) => jarFailure(
  'With air in again, a hand on plate and mount: does the sound come through there?', outcome === 'never' ? 'A louder bell, or a quieter room.' : outcome === 'faint' ? 'Nearly: a better mount, or a pump that reaches lower.' : 'A softer mount, a pump that reaches lower, listeners further off.',
)
