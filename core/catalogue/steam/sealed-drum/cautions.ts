import { closedMetalCautions, closedMetalFailure, closedMetalGates } from '../closed-metal-cautions'
import type { SealedDrum } from './simulate'

export const gates = closedMetalGates('drum')
export const cautions: SealedDrum['cautions'] = (values, s, risk) => closedMetalCautions(values, s, risk, 'drum')
export const afterFailure: SealedDrum['afterFailure'] = (values, _s, risk, outcome) =>
  closedMetalFailure(values, risk, outcome, 'drum', 'bung')
