import { leakingCap } from '../troubles'
import { steamSenses } from '../senses'
import type { HotWaterBottle } from './simulate'

export const practice: HotWaterBottle['practice'] = {
  begins: 'charge',
  spans: [
    { input: 'swirlTime', from: 'charge', to: 'sealed' },
    { input: 'coolDelay', from: 'sealed', to: 'cool' },
  ],
  senses: steamSenses,
  troubles: [leakingCap('cap')],
}
