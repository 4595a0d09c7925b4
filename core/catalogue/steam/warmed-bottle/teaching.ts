/** Why it ends so, and what to tell a class. */
import { PARTICLES_SWELL, SUCTION } from '../../wrong-ideas'
import { softExplanation, softWhy } from '../soft-bottle-face'
import type { WarmedBottle } from './simulate'
import { asTemperature, say } from '../../../sentence'

export const teaching: WarmedBottle['teaching'] = {
  wrongIdeas: [
    {
      idea: 'Cold gets into the bottle and pulls it in.',
      ask: 'What would a thermometer in the bottle say, and what would a pressure gauge?',
      answer: 'Cold is not a thing that moves. The warm air inside pushes less as it cools; the room pushes as before.',
      source: 'common practice',
    },
    PARTICLES_SWELL,
    SUCTION,
  ],
  before: ['Will it fold as much as with boiling water?', 'Which matters more: warm inside or cold outside?'],
  after: [
    { text: 'How much of the gas was missing in the end?', when: s => s.outcome !== 'stand' },
    { text: 'Why did it keep its shape?', when: s => s.outcome === 'stand' },
    'Why is this gentler than with steam?',
  ],
  elsewhere: ['Bottles brought down from a mountain.', 'A football in winter.', 'Car tyres on a cold morning.'],
}

export const why: WarmedBottle['why'] = (_values, s) =>
  softWhy(
    s,
    say`The wall is warmed to ${asTemperature(s.details.overheat)}; the film left on it steams into the air that
      came in as it was emptied:`,
  )

export const explanation: WarmedBottle['explanation'] = softExplanation(
  'some of the damp in it turns back into water too',
)
