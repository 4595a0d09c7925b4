import { driesOut, weakHeater, DRY_GLASS } from '../troubles'
import { steamSenses } from '../senses'
import type { BalloonIntoFlask } from './simulate'

export const practice: BalloonIntoFlask['practice'] = {
  spans: [{ input: 'coolDelay', from: 'sealed', to: 'cool', when: v => v.choices.coolingMethod !== 'still-air' }],
  senses: steamSenses,
  troubles: [weakHeater, driesOut('flask', DRY_GLASS)],
}
