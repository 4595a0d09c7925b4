import type { SyringeMarshmallow } from './simulate'

export const practice: SyringeMarshmallow['practice'] = {
  moments: [{ id: 'there', step: 'move', words: 'It is there: hold it' }],
  spans: [
    { input: 'moveTime', from: 'sealed', to: 'there', paced: true },
    { input: 'holdTime', from: 'there', to: 'hold' },
  ],
}
