import { GAUGE, pumpSenses } from '../../vacuum/practice'
import type { Plates } from './simulate'

/** A crumb on the rim, m2. Assumption. */
const CRUMB = 0.5e-6

export const practice: Plates['practice'] = {
  begins: 'pumping',
  moments: [{ id: 'pumping', step: 'pump', words: 'Start the pump' }],
  spans: [
    { input: 'pumpTime', from: 'pumping', to: 'pump' },
    { input: 'waitTime', from: 'pump', to: 'sealed' },
    { input: 'hangTime', from: 'sealed', to: 'open' },
  ],
  senses: pumpSenses,
  instruments: [GAUGE],
  troubles: [
    {
      id: 'crumb',
      words: 'A crumb lay on the rim, and air crept in.',
      alters: () => ({ numbers: { leakArea: CRUMB } }),
    },
  ],
}
