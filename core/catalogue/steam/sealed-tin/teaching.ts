/** Why it ends so, and what to tell a class. */
import { handPush, lowestPressure, wallAgainst } from '../../telling'
import { ofEnd } from '../../../demonstration'
import { PARTICLES_ARE_LOST, SUCTION } from '../../wrong-ideas'
import { leaksIn } from '../capped'
import { metalWhy } from '../metal-vessel'
import { round } from '../tin-wall'
import type { SealedTin } from './simulate'
import { asForce, asPressure, asShare, asTime, say } from '../../../sentence'

export const teaching: SealedTin['teaching'] = {
  wrongIdeas: [
    {
      idea: 'The cold water makes the metal shrink.',
      ask: 'Would a cold tin in the same water change its shape?',
      answer:
        'Metal hardly shrinks: about by a hair for each hand’s breadth. The steam inside turns to water, and the ' +
        'room pushes the sides in.',
      source: 'common practice',
    },
    PARTICLES_ARE_LOST,
    SUCTION,
  ],
  before: [
    {
      ask: 'Why must the cap go on only after the heat is off?',
      answer: 'A closed tin on the heat is a boiler without a valve: its pressure rises until something bursts.',
    },
    {
      ask: 'Which part of a wall gives way most easily, and why?',
      answer: 'A flat one. A curved wall carries the push along itself; a flat one can only bend.',
    },
  ],
  after: [
    {
      ask: 'Why did the flat sides move before the corners?',
      answer: 'A flat side bends under a small push. A corner is stiff: it must crumple.',
      when: (s, v) => s.outcome !== 'stand' && !round(v),
    },
    {
      ask: 'What held it, and what would you change?',
      answer:
        'Too much air inside, too small a difference, or a stiff wall. Boil longer before closing, or take a ' +
        'larger tin.',
      when: s => s.outcome === 'stand',
    },
    {
      ask: 'How many people would have to stand on one side for the same push?',
      answer: say`The net force is the difference times the area of the side. Divide it by a person’s weight,
        ${asForce(700)} or so.`,
    },
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

export const explanation: SealedTin['explanation'] = (values, simulation) => {
  const { results: r } = simulation
  const [critical, peak] = wallAgainst(r.criticalPressureDifference, r.peakPressureDifference)
  return [
    {
      from: 7,
      text: say`There was steam in the tin. As it cooled, the steam turned into drops, and the gas inside pushed less.
        ${ofEnd(simulation, {
          crush: 'The air outside pushes all the time. It pushed the sides in.',
          dent: 'The air outside pushes all the time. It pushed one side in.',
          stand: leaksIn(simulation)
            ? 'But air crept in and pushed back. So the sides stayed as they were.'
            : 'The air outside pushed on the sides, but the tin was strong enough today.',
        })}`,
    },
    {
      from: 11,
      text: say`${handPush(values.numbers.stationPressure)} Inside, steam and air pressed back just as hard. As the
        steam cooled, its particles joined the water, which takes up over a thousand times less room. ${ofEnd(
          simulation,
          {
            crush: 'Too few were left to hold the sides, and the room’s air pushed them in. Nothing sucks.',
            dent: 'Fewer were left to hold the sides, and the room’s air pushed one of them in. Nothing sucks.',
            stand: leaksIn(simulation)
              ? 'But air leaked in, and its particles pressed back instead.'
              : 'Fewer were left to press back, but the stiff metal held.',
          },
        )}`,
    },
    {
      from: 14,
      text: say`${asShare(r.residualAirFraction)} of the gas was air when the cap went on. Vapour condensed, fewer
        particles hit the wall each second, and the pressure could fall to ${asPressure(r.floorPressure)}. This tin
        can carry a difference of about ${critical}. ${ofEnd(simulation, {
          crush: 'Net force is difference times area; the largest flat parts give way first.',
          dent: 'It went past that, but air that was left inside pushed back as the tin got smaller.',
          stand: say`It had to carry ${peak} at most.`,
        })}`,
    },
    {
      from: 16,
      text: say`${lowestPressure(r.residualAirFraction, r.floorPressure)} ${
        round(values)
          ? 'A round tin buckles elastically, at a difference that falls with its diameter and its free length.'
          : 'A flat panel first bends, then stretches like a membrane, and folds when hinges of yielding metal form ' +
            'along its edges and diagonals.'
      } The model gives ${critical} for this sheet; the difference reached ${peak}.${
        r.talkTime === undefined
          ? ''
          : ' A panel that bulges out a little snaps through earlier: that is the tick you hear.'
      }`,
    },
  ]
}
