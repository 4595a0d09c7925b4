/** Why it ends so, and what to tell a class. */
import type { SoftPack } from './simulate'
import { asPressure, asShare, asTime, asTimes, say } from '../../../sentence'

export const why: SoftPack['why'] = (values, s) => [
  say`Its gas was shut in at ${asPressure(values.numbers.stationPressure)}. With
    ${asPressure(s.results.finalPressure)} round it, it would take
    ${asTimes(values.numbers.stationPressure / s.results.finalPressure)} the room; skin and stiffness let it have
    ${asTimes(s.results.growth)}.`,
  s.outcome === 'opens'
    ? say`The skin stood ${asPressure(s.results.packDifference)} and gave way.`
    : s.results.shrunkTo < 0.97
      ? say`Meanwhile gas leaked out of it, so with the air back it is only ${asShare(s.results.shrunkTo)} of what
        it was.`
      : 'Hardly any gas left it, so it comes back to its size.',
]

export const explanation: SoftPack['explanation'] = (values, s) => [
  {
    from: 7,
    text: say`There is air hidden in it. When we take away the air outside, the hidden air spreads out and it
      grows ${asTimes(s.results.growth)}.`,
  },
  {
    from: 11,
    text: say`Less air outside pushes less. The air inside pushes as before until both
      match${
        s.results.shrunkTo < 0.97
          ? say`; some escapes through the walls, so afterwards it is squashed to ${asShare(s.results.shrunkTo)}`
          : ''
      }.`,
  },
  {
    from: 14,
    text: say`Boyle: at ${asPressure(s.results.finalPressure)} the same gas wants
      ${asTimes(values.numbers.stationPressure / s.results.finalPressure)} its volume. The skin takes up
      ${asPressure(s.results.packDifference)} of the difference.`,
  },
  {
    from: 16,
    text: say`Foam is a network of cells with a modulus of some ${asPressure(3000)}: its overpressure is small
      against the fall of the pressure, so it follows Boyle until its walls are taut, while gas diffuses out with
      a time constant of ${asTime(values.numbers.leakTime)}. Let back, the room compresses what is left.`,
  },
]

export const teaching: SoftPack['teaching'] = {
  wrongIdea: {
    idea: 'The pump blows it up.',
    answer: 'Nothing goes in. The same gas takes more room because less presses on it.',
  },
  before: [
    'Will it grow, shrink or stay?',
    'Will it be the same afterwards?',
    'Which of these has air shut in: bread, an apple, a marshmallow?',
  ],
  after: ['Why did it end smaller?', 'Why does a snack packet bulge on a plane and not burst?'],
  elsewhere: [
    'Packets on a mountain road or in a cabin.',
    'Ears in an aircraft.',
    'Fish brought up from deep water.',
    'Bread dough rising faster at height.',
  ],
}
