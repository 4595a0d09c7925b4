/** Why it ends so, and what to tell a class. */
import { ofEnd } from '../../../demonstration'
import { SUCTION } from '../../wrong-ideas'
import { GRAVITY } from '../../../substances/water-transport'
import { crossSection } from '../../../vessels/cylinder'
import type { EggOutValues } from './inputs'
import type { EggOut, EggOutRun } from './simulate'
import { apart, asPressure, asShare, asTemperature, asTemperatureDifference, asTimes, say } from '../../../sentence'

/** The egg slides out as soon as the bottle is turned over: no pressure has any part in it. */
const slidesOut = ({ results }: EggOutRun): boolean => results.neededDifference <= 0
/** Pa: the egg's weight over the area that it closes. */
const weightOnNeck = ({ numbers: n }: EggOutValues): number => (n.eggMass * GRAVITY) / crossSection(n.neckDiameter)

export const why: EggOut['why'] = (values, s) => {
  const { neededDifference, peakPressureDifference } = s.results
  if (slidesOut(s))
    return [
      say`Its own weight, ${asPressure(weightOnNeck(values))} over the neck, is more than friction and squeeze hold:
        it slides out by itself once the bottle is turned over.`,
    ]
  const [needs, gets] = apart(asPressure(neededDifference), asPressure(peakPressureDifference))
  const made =
    values.choices.method === 'breath' ? say`The breath leaves ${gets} inside.` : say`Warmed, the gas makes ${gets}.`
  return [
    say`Friction and squeeze ask for ${needs} (its own weight already taken off). ${made}`,
    ...(s.outcome === 'stays'
      ? ['It stays: oil the neck, warm it more, or cut it up with a long knife. Never break the bottle.']
      : peakPressureDifference < neededDifference
        ? ['Under a push that lasts the white gives way, so less will do.']
        : []),
  ]
}

export const advice: NonNullable<EggOut['advice']> = (_values, s) => [
  {
    text: slidesOut(s)
      ? 'It slides out by itself: hold the bottle over a bowl as you turn it, or show it with a wider egg.'
      : s.outcome === 'stays'
        ? say`Blowing this hard will not do: it needs ${asPressure(s.results.neededDifference)}. Warm the gas to
          ${asTemperature(s.results.neededTemperature)}, or cut the egg up and rinse it out.`
        : say`It needs ${asPressure(s.results.neededDifference)}: a strong breath, or the gas warmed to
          ${asTemperature(s.results.neededTemperature)}.`,
  },
]

export const explanation: EggOut['explanation'] = (values, s) => {
  const breath = values.choices.method === 'breath'
  const { neededDifference, peakPressureDifference, neededTemperature } = s.results
  const [needs, got] = apart(asPressure(neededDifference), asPressure(peakPressureDifference))
  const more = neededDifference / values.numbers.stationPressure
  const weight = asPressure(weightOnNeck(values))
  if (slidesOut(s))
    return [
      {
        from: 7,
        text: 'This egg is small and slippery. Turn the bottle over, and it slides out. Nobody has to push it.',
      },
      {
        from: 11,
        text: 'Its own weight is more than the neck can hold. So it slides out, and no air needs to push from inside.',
      },
      {
        from: 14,
        text: say`The neck squeezes the egg, and friction holds it back. Spread over the opening, the egg's weight comes
          to ${weight}, which is more than that friction: no difference of pressure is needed.`,
      },
      {
        from: 16,
        text: say`The threshold is the same press fit as on the way in, less the egg's weight over the neck's area
          (${weight}), and nothing is left of it: the egg accelerates under gravity alone, whatever the gas does.
          Assumed: the friction stays as it is while it slides.`,
      },
    ]
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
        (${weight}): ${needs}, against ${got} that were there. A push
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
      when: s => s.outcome !== 'stays' && !slidesOut(s),
    },
    {
      ask: 'What pushed the egg out this time?',
      answer: 'Nothing but its own weight: inside and outside the air pressed the same.',
      when: slidesOut,
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
