/** Why it ends so, and what to tell a class. */
import { ofEnd } from '../../../demonstration'
import { AIR_ONLY_DOWN, SUCTION } from '../../wrong-ideas'
import { lighterLoad, shorterTime } from '../lighter-load'
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

export const advice: NonNullable<SuctionCup['advice']> = (values, _s, risk) => {
  const found = [lighterLoad('This cup', values.numbers.loadMass, risk), shorterTime(risk, 'later', 'liftTime')]
  return found.filter(advice => advice !== undefined)
}

export const explanation: SuctionCup['explanation'] = (values, s) => [
  {
    from: 7,
    text: say`When you press the cup, most of its air goes out. Then the air in the room presses it on from outside.
      ${ofEnd(s, {
        lifts: 'So it holds on.',
        later: 'So it holds on, until air has crept in under the rim.',
        off: 'But this load pulls harder than that, so it pops off.',
      })}`,
  },
  {
    from: 11,
    text: say`It can hold ${asForce(s.results.holdingForce)}, and the pull is ${asForce(s.results.pull)}. Let a little
    air
      in under the rim, and particles press as hard from below as from above: then it holds nothing.`,
  },
  {
    from: 14,
    text: say`The air it kept, ${asShare(values.numbers.airKept)} of its volume at rest, gets more room when it is
    pulled, so
      its pressure falls (Boyle), here to ${asPressure(values.numbers.stationPressure - s.results.mostDifference)} at
      most.
      Net force is that difference times area. ${ofEnd(s, {
        lifts: 'It is more than the pull.',
        later: 'It is more than the pull at first; air that creeps in makes it less and less.',
        off: 'It is less than the pull.',
      })}`,
  },
  {
    from: 16,
    text: say`p V is constant for the air it kept (p pressure, V volume), and F = (p0 − p) A (p0 the room's pressure,
    A the
      cup's area). The harder you pull, the more the cup opens and the lower p gets, until the rim peels or it is open
      as
      far as it goes: ${asPressure(s.results.mostDifference)} at most, ${asForce(s.results.holdingForce)}. So the air it
      kept, the stiffness of the rim and the roughness decide. Assumed: a straight pull at one temperature.`,
  },
]

export const teaching: SuctionCup['teaching'] = {
  wrongIdeas: [
    {
      idea: 'The cup sucks itself on, or it is sticky.',
      kin: 'suction',
      ask: 'Prick the rubber with a pin: does it still hold?',
      answer: 'Nothing sticks. With one pinhole the same rubber holds nothing.',
      source: 'common practice',
    },
    SUCTION,
    AIR_ONLY_DOWN,
  ],
  before: [
    {
      ask: 'What is the pressing for?',
      answer:
        'It pushes air out from under the cup. What is left spreads out as the rubber springs back, and presses less.',
    },
    {
      ask: 'What will it hold on to, and what not? Why?',
      answer: 'On what is smooth and tight. Through rough or porous stuff air gets in, and both sides press alike.',
    },
  ],
  after: [
    {
      ask: 'Who lifts the seat: the cup, or the air under the seat?',
      answer: 'The air below pushes the seat up; the cup only keeps air away from above.',
      when: s => s.outcome !== 'off',
    },
    {
      ask: 'What got in, and where?',
      answer: 'Air, past the rim or through the stuff under it.',
      when: s => s.outcome !== 'lifts',
    },
    {
      ask: 'Why does wetting help?',
      answer: 'Water fills the small gaps at the rim, so that air gets in more slowly.',
    },
  ],
  elsewhere: ['Hooks on tiles.', 'Glaziers’ lifters.', 'Limpets and octopus arms.', 'Robots that pick up cartons.'],
}
