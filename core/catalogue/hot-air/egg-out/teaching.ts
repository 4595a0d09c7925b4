/** Why it ends so, and what to tell a class. */
import { ofEnd } from '../../../demonstration'
import { SUCTION } from '../../wrong-ideas'
import type { EggOut } from './simulate'
import { asPressure, asShare, asTemperature, asTemperatureDifference, asTimes, say } from '../../../sentence'

export const why: EggOut['why'] = (values, s) => [
  say`Friction and squeeze ask for ${asPressure(s.results.neededDifference)} (its own weight already taken off).
    ${
      values.choices.method === 'breath'
        ? say`The breath leaves ${asPressure(s.results.peakPressureDifference)} inside.`
        : say`Warmed, the gas makes ${asPressure(s.results.peakPressureDifference)}.`
    }`,
  ...(s.outcome === 'stays'
    ? ['It stays: oil the neck, warm it more, or cut it up with a long knife. Never break the bottle.']
    : []),
]

export const advice: NonNullable<EggOut['advice']> = (_values, s) => [
  {
    text:
      s.outcome === 'stays'
        ? say`Blowing this hard will not do: it needs ${asPressure(s.results.neededDifference)}. Warm the gas to
          ${asTemperature(s.results.neededTemperature)}, or cut the egg up and rinse it out.`
        : say`It needs ${asPressure(s.results.neededDifference)}: a strong breath, or the gas warmed to
          ${asTemperature(s.results.neededTemperature)}.`,
  },
]

export const explanation: EggOut['explanation'] = (values, s) => {
  const breath = values.choices.method === 'breath'
  const { neededDifference, peakPressureDifference, neededTemperature } = s.results
  const more = neededDifference / values.numbers.stationPressure
  return [
    {
      from: 7,
      text: say`Now we do it the other way round: we ${breath ? 'put more air in' : 'warm the air inside'}.
        ${ofEnd(s, {
          whole: 'It pushes harder than the air outside, and pushes the egg out.',
          pieces: 'It pushes harder than the air outside, and pushes the egg out in bits.',
          stays: 'It pushes a bit harder than the air outside, but not hard enough today.',
        })}`,
    },
    {
      from: 11,
      text: say`The egg comes at once when the inside presses ${asPressure(neededDifference)} harder than the room; a
      push that
        lasts gets by with a little less.
        ${breath ? 'More particles in the bottle hit it more often' : 'Warmer particles hit it harder and more often'}:
        here they made ${asPressure(peakPressureDifference)}.`,
    },
    {
      from: 14,
      text: breath
        ? say`Pressure goes with the number of particles: to get ${asPressure(neededDifference)} more, ${
            more < 1 ? say`about ${asShare(more)} more air` : say`${asTimes(1 + more)} as much air`
          } must be in the bottle. A strong breath can do about ${asPressure(8000)}.`
        : say`Warming a closed gas by ${asTemperatureDifference(3)} raises its pressure by a hundredth. To get
            ${asPressure(neededDifference)} more the gas must reach ${asTemperature(neededTemperature)}, where damp in
            the bottle helps a good deal.`,
    },
    {
      from: 16,
      text: say`${
        breath
          ? 'p = n R T/V (p pressure, n amount, R gas constant, T temperature, V volume): at one T and V only n counts.'
          : say`p = p1 T/T1 + φ ps(T) (p1 and T1 of the dry gas at the start, φ how damp it is, ps the saturation
              pressure of water): ps climbs so steeply that a wet bottle does far better than a dry one above
              ${asTemperature(323.15)}.`
      } The threshold is the same press fit as on the way in, less the egg's weight over the neck's area
        (${asPressure(
          (values.numbers.eggMass * 9.81) / (0.785 * values.numbers.neckDiameter * values.numbers.neckDiameter),
        )}): ${asPressure(neededDifference)}, against ${asPressure(peakPressureDifference)} that were there. A push
        that lasts needs less, as the white gives way. Assumed: nothing leaks past the egg.`,
    },
  ]
}

export const teaching: EggOut['teaching'] = {
  wrongIdeas: [
    {
      idea: 'You suck it out.',
      kin: 'suction',
      ask: 'Less air inside or more: which pushes the egg out?',
      answer: 'Taking air out would make it worse: less inside. You blow in, and then what you blew in pushes it out.',
      source: 'common practice',
    },
    SUCTION,
  ],
  before: [
    {
      ask: 'Should I put air in or take air out? Why?',
      answer: 'In. The egg goes to where the push is weaker; it must be stronger inside.',
    },
    {
      ask: 'What would warm hands do? Why?',
      answer: 'Warm the air inside, which then pushes harder. It is a small push, but it lasts.',
    },
  ],
  after: [
    {
      ask: 'What was the same as on the way in, and what was the other way round?',
      answer:
        'A difference of pressure pushes the egg through the neck both times. This time the greater push is inside.',
      when: s => s.outcome !== 'stays',
    },
    {
      ask: 'What held it back, and how could you make the push greater?',
      answer: 'Friction in the neck. A wetter neck, more air or warmer air, or a smaller egg.',
      when: s => s.outcome === 'stays',
    },
  ],
  elsewhere: [
    'A cork that creeps out of a warm bottle.',
    'A ping-pong dent that pops out in hot water.',
    'A shampoo bottle that squirts after a trip up a mountain.',
  ],
}
