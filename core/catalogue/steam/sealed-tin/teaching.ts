/** Why it ends so, and what to tell a class. */
import { metalWhy } from '../metal-vessel'
import { round } from '../tin-wall'
import type { SealedTin } from './simulate'
import { asForce, asPressure, asShare, asTime, say } from '../../../sentence'

export const teaching: SealedTin['teaching'] = {
  wrongIdea: {
    idea: 'The cold water makes the metal shrink.',
    answer:
      'Metal hardly shrinks: about by a hair for each hand’s breadth. The steam inside turns to water, and the ' +
      'room pushes the sides in.',
  },
  before: ['Why must the cap go on only after the heat is off?', 'Which sides will go first?'],
  after: [
    'Why did the flat sides move before the corners?',
    'How many people would have to stand on it for the same push?',
  ],
  elsewhere: ['Oil cans closed warm.', 'A lunch box closed over hot rice.', 'A railway tank in a cold rain.'],
}

export const why: SealedTin['why'] = (values, s) => {
  const lines = metalWhy(values, s, 'tin', round(values) ? 'wall' : 'flat side')
  if (s.results.talkTime !== undefined)
    lines.push(
      say`Its panels stand out a little and snap through with a tick ${asTime(s.results.talkTime)} after it is
        closed: a warning, not the end.`,
    )
  return lines
}

export const explanation: SealedTin['explanation'] = (_values, { results: r }) => [
  {
    from: 7,
    text:
      'The tin was full of steam. Cold water made the steam into a few drops. Then the air outside ' +
      'pushed the sides in, because nothing inside pushed back.',
  },
  {
    from: 11,
    text: say`All around this tin the air presses with ${asForce(r.outsideForce)} in all. Inside, steam pressed
      back just as hard; cooled, it turned into water that takes up over a thousand times less room. Nothing
      sucks.`,
  },
  {
    from: 14,
    text: say`Only ${asShare(r.residualAirFraction)} of the gas was air. As the steam condensed the pressure fell
      towards ${asPressure(r.floorPressure)}. The flat sides can carry a difference of about
      ${asPressure(r.criticalPressureDifference)}.`,
  },
  {
    from: 16,
    text:
      'A flat panel first bends, then stretches like a membrane, and folds when hinges of yielding ' +
      'metal form along its edges and diagonals; a round tin of the same sheet buckles elastically ' +
      'instead. A panel that bulges out a little snaps through earlier: that is the tick one hears.',
  },
]
