import { dentedBefore, driesOut, leakingCap, weakHeater, DRY_METAL } from '../troubles'
import { steamSenses } from '../senses'
import type { SealedDrum } from './simulate'

export const practice: SealedDrum['practice'] = {
  spans: [{ input: 'coolDelay', from: 'sealed', to: 'cool' }],
  opaque: true,
  senses: steamSenses,
  troubles: [weakHeater, leakingCap('bung'), dentedBefore('drum'), driesOut('drum', DRY_METAL)],
}
