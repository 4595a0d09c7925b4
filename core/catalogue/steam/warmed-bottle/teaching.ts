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
  before: [
    {
      ask: 'Will it fold as much as with boiling water? Why?',
      answer:
        'Less. Warm air loses only a part of its pressure when it cools; vapour that condenses leaves far ' +
        'fewer particles.',
    },
    {
      ask: 'Which matters more, warm inside or cold outside? Why?',
      answer:
        'What counts is the ratio of both, counted from absolute zero. A bit warmer on one side does as much ' +
        'as a bit colder on the other.',
    },
  ],
  after: [
    {
      ask: 'How much of the gas was missing in the end?',
      answer: 'The share by which it was warmer, counted from absolute zero, and what little vapour turned to water.',
      when: s => s.outcome !== 'stand',
    },
    {
      ask: 'Why did it keep its shape?',
      answer: 'The difference was less than the plastic can hold. Warmer inside, colder outside, or a softer bottle.',
      when: s => s.outcome === 'stand',
    },
    {
      ask: 'Why is this gentler than with steam?',
      answer: 'Little of the gas is vapour, so little of it vanishes when it cools.',
    },
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
