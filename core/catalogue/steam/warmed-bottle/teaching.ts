/** Why it ends so, and what to tell a class. */
import { softExplanation, softWhy } from '../soft-bottle-face'
import type { WarmedBottle } from './simulate'
import { asTemperature, say } from '../../../sentence'

export const teaching: WarmedBottle['teaching'] = {
  wrongIdea: {
    idea: 'Cold gets into the bottle and pulls it in.',
    answer: 'Cold is not a thing that moves. The warm air inside pushes less as it cools; the room pushes as before.',
  },
  before: ['Will it fold as much as with boiling water?', 'Which matters more: warm inside or cold outside?'],
  after: ['How much of the air was missing?', 'Why is this gentler than with steam?'],
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
