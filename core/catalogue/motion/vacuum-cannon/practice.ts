import { GAUGE, pumpSenses } from '../../vacuum/practice'
import type { VacuumCannon } from './simulate'

export const practice: VacuumCannon['practice'] = {
  begins: 'pumping',
  moments: [{ id: 'pumping', step: 'pump', words: 'Start the pump' }],
  spans: [{ input: 'pumpTime', from: 'pumping', to: 'pump' }],
  senses: pumpSenses,
  instruments: [GAUGE],
}
