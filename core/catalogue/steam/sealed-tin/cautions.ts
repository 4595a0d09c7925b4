import { closedMetalCautions, closedMetalFailure, closedMetalGates } from '../closed-metal-cautions'
import type { SealedTin } from './simulate'

export const gates = closedMetalGates('tin')
export const cautions: SealedTin['cautions'] = (values, s, risk) => closedMetalCautions(values, s, risk, 'tin')
export const afterFailure: SealedTin['afterFailure'] = (values, _s, risk, outcome) =>
  closedMetalFailure(values, risk, outcome, 'tin', 'cap')
