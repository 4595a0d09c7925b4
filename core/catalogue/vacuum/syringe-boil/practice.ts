import { pumpSenses } from '../practice'
import type { SyringeBoil } from './simulate'

export const practice: SyringeBoil['practice'] = {
  moments: [{ id: 'out', step: 'pull', words: 'It is out: hold it' }],
  spans: [
    { input: 'pullTime', from: 'sealed', to: 'out', paced: true },
    { input: 'holdTime', from: 'out', to: 'back' },
  ],
  senses: (v, s, t) => pumpSenses(v, s, t).slice(1),
}
