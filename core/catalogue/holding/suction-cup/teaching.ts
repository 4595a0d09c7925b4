/** Why it ends so, and what to tell a class. */
import type { SuctionCup } from './simulate'
import { asForce, asLength, asPressure, asShare, asTime, say } from '../../../sentence'

export const why: SuctionCup['why'] = (values, s) => [
  say`Pressed on, it keeps ${asShare(values.numbers.airKept)} of its air. Pulled, that air gets more room: at most
    ${asPressure(s.results.mostDifference)} less than the room, over ${asLength(values.numbers.cupDiameter)}:
    ${asForce(s.results.holdingForce)}${s.details.peels ? ', where its rim peels.' : '.'}`,
  s.outcome === 'off'
    ? say`The pull is ${asForce(s.results.pull)}: too much for it.`
    : s.outcome === 'later'
      ? say`Air creeps in under the rim: it lets go after ${asTime(s.results.holdTime!)}. Wet the rim, or a
        smoother top.`
      : say`The pull is ${asForce(s.results.pull)}.`,
]

export const explanation: SuctionCup['explanation'] = (values, s) => [
  {
    from: 7,
    text:
      'When you press the cup, most of its air goes out. The air in the room then holds it on, like a ' +
      'hand, from above and from below.',
  },
  {
    from: 11,
    text: say`It holds ${asForce(s.results.holdingForce)}. Let a little air in under the rim and both sides are
      the same again: it falls off.`,
  },
  {
    from: 14,
    text: say`Boyle for the air it kept: ${asShare(values.numbers.airKept)} of the volume at rest, opened out,
      would have ${asPressure(values.numbers.stationPressure - s.results.mostDifference)}. Difference times area
      gives the force.`,
  },
  {
    from: 16,
    text:
      'The cup makes its own vacuum: the harder you pull, the more it opens and the lower the pressure, ' +
      'until the rim peels or it is open as far as it goes. That is why kept air, stiffness of the rim ' +
      'and roughness decide, and not the pull alone.',
  },
]

export const teaching: SuctionCup['teaching'] = {
  wrongIdea: {
    idea: 'The cup sucks itself on, or it is sticky.',
    answer: 'Nothing sticks. With one pinhole the same rubber holds nothing.',
  },
  before: ['Why press it first?', 'Will it lift a bare plank?'],
  after: ['Who lifts the seat: the cup or the air under the seat?', 'Why does wetting help?'],
  elsewhere: ['Hooks on tiles.', 'Glaziers’ lifters.', 'Limpets and octopus arms.', 'Robots that pick up cartons.'],
}
