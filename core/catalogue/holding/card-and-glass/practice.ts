import type { CardAndGlass } from './simulate'

export const practice: CardAndGlass['practice'] = { spans: [{ input: 'holdTime', from: 'sealed', to: 'hold' }] }
