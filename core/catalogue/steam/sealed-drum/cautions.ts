import type { Demonstration } from '../../../demonstration'
import { closedMetalCautions, closedMetalFailure, closedMetalGates } from '../closed-metal-cautions'

export const gates = closedMetalGates('drum')
export const cautions: Demonstration['cautions'] = (values, s, risk) => closedMetalCautions(values, s, risk, 'drum')
export const afterFailure: Demonstration['afterFailure'] = (values, _s, risk, outcome) => closedMetalFailure(values, risk, outcome, 'drum', 'bung')
