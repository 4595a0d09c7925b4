import { leakingCap } from '../troubles'
import { steamSenses } from '../senses'
import type { WarmedBottle } from './simulate'

export const practice: WarmedBottle['practice'] = {
  // Emptied: how long it stood full before that is told by its own act.
  begins: 'charge',
  moments: [{ id: 'poured', step: 'charge', words: 'Pour it in' }],
  spans: [
    { input: 'standTime', from: 'poured', to: 'charge' },
    { input: 'sealDelay', from: 'charge', to: 'sealed' },
    { input: 'coolDelay', from: 'sealed', to: 'cool' },
  ],
  senses: steamSenses,
  troubles: [leakingCap('cap')],
}
