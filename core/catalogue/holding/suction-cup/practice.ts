import type { SuctionCup } from './simulate'

export const practice: SuctionCup['practice'] = { spans: [{ input: 'liftTime', from: 'sealed', to: 'off' }] }
