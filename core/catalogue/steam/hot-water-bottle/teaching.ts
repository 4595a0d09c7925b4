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
  before: [
    {
      ask: 'What does the swirling do, and why does it matter?',
      answer:
        'It brings hot water to all the walls and vapour into the air, which drives air out before the cap goes on.',
    },
    {
      ask: 'Would cold water in the bottle do as well? Why?',
      answer:
        'No. Cold water gives off little vapour and warms nothing, so no air is driven out and none is missing later.',
    },
  ],
  after: [
    {
      ask: 'What drove the air out?',
      answer: 'Vapour from the hot water, and the air itself, which takes up more room when it is warm.',
    },
    {
      ask: 'What happens when I open the cap?',
      answer: 'Air goes in until inside and outside press alike. The sides move back as far as the plastic lets them.',
    },
  ],
  elsewhere: ['A flask of tea that is hard to open.', 'A drink bottle left in a hot car, then shut.'],
}

export const why: HotWaterBottle['why'] = (_values, s) =>
  softWhy(
    s,
    say`Swirled, the water at ${asTemperature(s.details.liquidAtSeal)} fills the bottle with vapour and drives air
      out:`,
  )

export const explanation: HotWaterBottle['explanation'] = softExplanation('most of the vapour turns back into water')
