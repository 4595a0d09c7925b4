import { pumpPractice } from '../practice'
import type { SoftPack } from './simulate'

export const practice: SoftPack['practice'] = {
  ...pumpPractice,
  spans: [...(pumpPractice.spans ?? []), { input: 'holdTime', from: 'stop', to: 'air' }],
}
