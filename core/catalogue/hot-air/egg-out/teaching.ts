/** Why it ends so, and what to tell a class. */
import type { EggOut } from './simulate'
import { asPressure, asTemperature, say, asTemperatureDifference } from '../../../sentence'

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

export const explanation: EggOut['explanation'] = (values, s) => [
  {
    from: 7,
    text:
      'Now we do it the other way round: we put more air in, or warm the air inside. It pushes harder ' +
      'than the air outside and pushes the egg out.',
  },
  {
    from: 11,
    text: say`The egg comes when the inside pushes ${asPressure(s.results.neededDifference)} harder than the room.
      A strong breath can do about ${asPressure(8000)}.`,
  },
  {
    from: 14,
    text: say`Warming a closed gas by ${asTemperatureDifference(3)} raises it by a hundredth. To get
      ${asPressure(s.results.neededDifference)} the gas must reach ${asTemperature(s.results.neededTemperature)},
      where damp in the bottle helps a good deal.`,
  },
  {
    from: 16,
    text: say`p = p_dry T/T0 + φ p_sat(T). The slope of p_sat makes a wet bottle far more effective than a dry one
      above ${asTemperature(323.15)}. The threshold is the same press fit as on the way in, less the egg's weight
      over the neck
      (${asPressure(
        (values.numbers.eggMass * 9.81) / (0.785 * values.numbers.neckDiameter * values.numbers.neckDiameter),
      )}).`,
  },
]

export const teaching: EggOut['teaching'] = {
  wrongIdea: {
    idea: 'You suck it out.',
    answer: 'Sucking would make it worse: less inside. You blow in, and then what you blew in pushes it out.',
  },
  before: ['Should I blow or suck?', 'What would warm hands do?'],
  after: ['What was the same as on the way in, and what was the other way round?'],
  elsewhere: [
    'A cork that creeps out of a warm bottle.',
    'A ping-pong dent that pops out in hot water.',
    'A shampoo bottle that squirts after a trip up a mountain.',
  ],
}
