/** Why it ends so, and what to tell a class. */
import { bulbOf, waterForSqueeze, type Diver } from './simulate'
import { asForce, asPressure, asShare, asTime, asVolume, say, asTemperatureDifference } from '../../../sentence'

export const why: Diver['why'] = (values, s) => [
  say`It floats by ${asShare(Math.max(0, s.results.freeboard))} of its air to spare.
    ${
      s.results.squeezeToSink === undefined
        ? 'Its solids float by themselves: no squeeze sinks it.'
        : say`A squeeze of ${asPressure(s.results.squeezeToSink)} makes the bubble that much
            smaller, water goes in, and it is heavier than the water it pushes aside.`
    }`,
  s.outcome === 'stays'
    ? say`At the bottom the water above squeezes it by ${asPressure(s.results.staysBelow)} as well, more than it
      has to spare: it stays down. Trim it lighter.`
    : s.outcome === 'floats'
      ? 'The hand does not do that much: trim it heavier.'
      : s.outcome === 'sunk'
        ? 'It has too little air to float at all: less water in it, or less ballast.'
        : 'Where it would hang it does not stay: a little lower it is squeezed a little more and goes on sinking.',
  say`${
    s.results.perFiveKelvin === undefined
      ? 'Warmth'
      : say`${asTemperatureDifference(5)} warmer asks for ${asPressure(s.results.perFiveKelvin)} more`
  };
    the barometer's rise or fall counts one to one, and so does a trip up a hill
    (${asPressure(values.numbers.stationPressure)} here).`,
]

export const advice: NonNullable<Diver['advice']> = (values, s) => {
  const water = waterForSqueeze(values, 0.6 * values.numbers.squeezePressure)
  const { air } = bulbOf(values)
  return water > 0 && water < values.numbers.bulbCapacity
    ? [
        {
          text: say`For an easy dive draw in ${asVolume(water)}: then
            ${asPressure(0.6 * values.numbers.squeezePressure)} sink it. That is
            ${Math.round(water / values.numbers.dropVolume)} drops.`,
          take:
            values.choices.waterBy === 'drops'
              ? { input: 'drops', value: Math.round(water / values.numbers.dropVolume) }
              : { input: 'waterInBulb', value: Number(water.toPrecision(4)) },
        },
      ]
    : [
        {
          text: say`No amount of water trims this float (${asVolume(air)} of air,
            ${asForce(bulbOf(values).mass * 9.81)} of weight): ${s.outcome === 'sunk' ? 'less' : 'more'} ballast.`,
        },
      ]
}

export const explanation: Diver['explanation'] = (_values, s) => [
  {
    from: 7,
    text:
      'The diver has a little air in its belly. When we squeeze the bottle, the air gets squeezed too, ' +
      'water comes in, and the diver gets heavy.',
  },
  {
    from: 11,
    text: say`Water hardly gives way; air does. ${asPressure(s.results.squeezeToSink ?? 0)} of squeeze make its
      bubble small enough to sink in
      ${s.results.sinkTime === undefined ? 'no time at all' : asTime(s.results.sinkTime)}.`,
  },
  {
    from: 14,
    text: say`It floats while its mass is less than that of the water it pushes aside (Archimedes). Pressure goes
      everywhere in the water (Pascal) and shrinks the bubble (Boyle). ${asVolume(0.05e-6)} is a drop: trim by
      drops.`,
  },
  {
    from: 16,
    text: say`Hanging: m = ρ (V_s + n R T/p). dF/dz is negative in depth: unstable equilibrium. The depth of the
      bottle adds ρ g H = ${asPressure(s.results.staysBelow)}, so spare buoyancy must exceed that or it stays
      down. T and p0 drift shift the trim: it is a barometer and a thermometer.`,
  },
]

export const teaching: Diver['teaching'] = {
  wrongIdea: {
    idea: 'The squeeze pushes it down.',
    answer: 'The pressure is the same from all sides. It gets heavier, because water goes in where air was.',
  },
  before: ['What changes in the diver when I squeeze?', 'Can it be made to hang half-way?'],
  after: ['Why won’t it hang half-way?', 'What will it do tomorrow if the barometer falls?'],
  elsewhere: ['Fish and their swim bladders.', 'Submarines’ tanks.', 'A diver’s jacket and the same instability.'],
}
