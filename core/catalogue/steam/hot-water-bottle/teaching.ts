/** Why it ends so, and what to tell a class. */
import { PARTICLES_ARE_LOST, SUCTION } from '../../wrong-ideas'
import { softExplanation, softWhy } from '../soft-bottle-face'
import type { HotWaterBottle } from './simulate'
import { asTemperature, say } from '../../../sentence'

export const teaching: HotWaterBottle['teaching'] = {
  wrongIdeas: [
    {
      idea: 'The hot air shrinks and that is all.',
      ask: 'Would a bottle of hot, dry air do as much?',
      answer:
        'Air alone would lose a fifth or so. Most of what was in the bottle was vapour, and vapour can go altogether.',
      source: 'common practice',
    },
    PARTICLES_ARE_LOST,
    SUCTION,
  ],
  before: ['What does the swirling do?', 'Would cold water in the bottle do as well?'],
  after: ['What drove the air out?', 'What happens when I open the cap?'],
  elsewhere: ['A flask of tea that is hard to open.', 'A drink bottle left in a hot car, then shut.'],
}

export const why: HotWaterBottle['why'] = (_values, s) =>
  softWhy(
    s,
    say`Swirled, the water at ${asTemperature(s.details.liquidAtSeal)} fills the bottle with vapour and drives air
      out:`,
  )

export const explanation: HotWaterBottle['explanation'] = softExplanation('most of the vapour turns back into water')
