/** Why it ends so, and what to tell a class. */
import { kilopascals, percent, seconds, times } from '../../../demonstration'
import type { SoftPack } from './simulate'

export const why: SoftPack['why'] = (values, s) => [
  `Its gas was shut in at ${kilopascals(values.numbers.stationPressure)}. With ` +
    `${kilopascals(s.results.finalPressure)} round it, it would take ` +
    `${times(values.numbers.stationPressure / s.results.finalPressure)} the room; skin and stiffness ` +
    `let it have ${times(s.results.growth)}.`,
  s.outcome === 'opens'
    ? `The skin stood ${kilopascals(s.results.packDifference)} and gave way.`
    : s.results.shrunkTo < 0.97
      ? `Meanwhile gas leaked out of it, so with the air back it is only ${percent(s.results.shrunkTo)} of what it was.`
      : 'Hardly any gas left it, so it comes back to its size.',
]

export const explanation: SoftPack['explanation'] = (values, s) => [
  {
    from: 7,
    text:
      'There is air hidden in it. When we take away the air outside, the hidden air spreads out and it ' +
      `grows ${times(s.results.growth)}.`,
  },
  {
    from: 11,
    text:
      'Less air outside pushes less. The air inside pushes as before until both match' +
      (s.results.shrunkTo < 0.97
        ? `; some escapes through the walls, so afterwards it is squashed to ${percent(s.results.shrunkTo)}`
        : '') +
      '.',
  },
  {
    from: 14,
    text:
      `Boyle: at ${kilopascals(s.results.finalPressure)} the same gas wants ` +
      `${times(values.numbers.stationPressure / s.results.finalPressure)} its volume. The skin takes up ` +
      `${kilopascals(s.results.packDifference)} of the difference.`,
  },
  {
    from: 16,
    text:
      'Foam is a network of cells with a modulus of a few kPa: its overpressure is small against the ' +
      'fall of the pressure, so it follows Boyle until its walls are taut, while gas diffuses out with ' +
      `a time constant of ${seconds(values.numbers.leakTime)}. Let back, the room compresses what is ` +
      'left.',
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
