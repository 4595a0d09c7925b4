import { dentedBefore, driesOut, leakingCap, weakHeater, DRY_METAL } from '../troubles'
import { steamSenses } from '../senses'
import type { SealedTin } from './simulate'

export const practice: SealedTin['practice'] = {
  spans: [{ input: 'coolDelay', from: 'sealed', to: 'cool' }],
  opaque: true,
  senses: steamSenses,
  troubles: [weakHeater, leakingCap('cap'), dentedBefore('tin'), driesOut('tin', DRY_METAL)],
}
