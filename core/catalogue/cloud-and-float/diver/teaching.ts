/** Why it ends so, and what to tell a class. */
import { ofEnd } from '../../../demonstration'
import { AIR_ONLY_DOWN } from '../../wrong-ideas'
import { bulbOf, waterForSqueeze, type Diver } from './simulate'
import { asForce, asPressure, asShare, asTemperatureDifference, asVolume, say } from '../../../sentence'

export const why: Diver['why'] = (values, s) => [
  s.results.squeezeToSink === undefined
    ? 'It would float without any air: its solids float by themselves, and no squeeze sinks it.'
    : s.outcome === 'sunk'
      ? 'It is heavier than the water it pushes aside before anybody squeezes.'
      : say`It floats by ${asShare(Math.max(0, s.results.freeboard))} of its air to spare.
        A squeeze of ${asPressure(s.results.squeezeToSink)} makes the bubble that much
        smaller, water goes in, and it is heavier than the water it pushes aside.`,
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
      : say`${asTemperatureDifference(5)} warmer asks for ${asPressure(Math.abs(s.results.perFiveKelvin))}
          ${s.results.perFiveKelvin < 0 ? 'less' : 'more'}`
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

export const explanation: Diver['explanation'] = (values, s) => [
  {
    from: 7,
    text: ofEnd(s, {
      dives:
        'The diver has a little air in its belly. When we squeeze the bottle, that air gets smaller and water comes ' +
        'in. So the diver gets heavy and sinks. When we let go, the water goes out again.',
      floats:
        'The diver has air in its belly. When we squeeze, that air gets a bit smaller and some water comes ' +
        'in. But it ' +
        'is still too light to sink.',
      stays:
        'The diver has a little air in its belly. When we squeeze, that air gets smaller and the diver sinks. Down ' +
        'there the water squeezes the air too, so it stays down.',
      sunk: 'The diver has too little air in its belly. It is heavier than the water it pushes away, so it sinks.',
    }),
  },
  {
    from: 11,
    text: say`Particles of water sit close together, those of air have room between them. So a squeeze makes only the
    air
      smaller, and water moves into the diver. ${ofEnd(s, {
        dives: say`${asPressure(s.results.squeezeToSink ?? 0)} more are enough to make it sink.`,
        floats:
          s.results.squeezeToSink === undefined
            ? 'Its solid parts float by themselves, so no squeeze can sink it.'
            : say`It would take ${asPressure(s.results.squeezeToSink)} more to make it sink.`,
        stays: say`${asPressure(s.results.squeezeToSink ?? 0)} more make it sink, and at the bottom the water itself
        adds
          ${asPressure(s.results.staysBelow)}.`,
        sunk: 'Here it was too heavy before anybody squeezed.',
      })}`,
  },
  {
    from: 14,
    text: say`A body floats while it weighs less than the water it pushes aside (Archimedes). A squeeze raises the
    pressure
      everywhere in the water (Pascal), and the bubble's volume goes down as its pressure goes up (Boyle).
      A drop is ${asVolume(values.numbers.dropVolume, { digits: 1 })}: so small a change decides, and it is trimmed by
      drops.`,
  },
  {
    from: 16,
    text: say`It hangs where m = ρ (Vs + n R T/p): m its mass, ρ the water's density, Vs the volume of its solid
    parts, n
      the gas in it, p = p0 + ρ g z the pressure at depth z. A little lower p is higher and the bubble smaller, so it
      goes
      on sinking: no balance that lasts. From top to bottom the water adds ${asPressure(s.results.staysBelow)}; it comes
      back only with more than that to spare. Assumed: the bubble has the water's temperature.`,
  },
]

export const teaching: Diver['teaching'] = {
  wrongIdeas: [
    {
      idea: 'The squeeze pushes it down.',
      ask: 'Does the water press it from above only, or from all sides?',
      answer: 'The pressure is the same from all sides. It gets heavier, because water goes in where air was.',
      source: 'common practice',
    },
    AIR_ONLY_DOWN,
  ],
  before: [
    {
      ask: 'What changes in the diver when I squeeze, and what does that do?',
      answer:
        'The push goes through the water and makes the air in it smaller. Water comes in, so it gets heavier ' +
        'for its size.',
    },
    {
      ask: 'Can it be made to hang half-way? Why do you think so?',
      answer:
        'Not for long. A little lower the air gets smaller and it sinks; a little higher the air grows and it rises.',
    },
  ],
  after: [
    {
      ask: 'Why won’t it hang half-way?',
      answer: 'Half-way is a balance on a point: deeper means heavier, higher means lighter. Every touch grows.',
      when: s => s.outcome === 'dives',
    },
    {
      ask: 'What would make it come up again?',
      answer:
        'Less pressure: let go, pull on the bottle, or open it. If that does not do, it was too heavy from the start.',
      when: s => s.outcome === 'stays' || s.outcome === 'sunk',
    },
    {
      ask: 'What would you change so that it sinks?',
      answer: 'More water in the diver, less air in the bottle, or a stronger squeeze.',
      when: s => s.outcome === 'floats',
    },
    {
      ask: 'What will it do tomorrow if the barometer falls?',
      answer: 'Less pressure lets its air grow, so it floats a little more easily.',
    },
  ],
  elsewhere: ['Fish and their swim bladders.', 'Submarines’ tanks.', 'A diver’s jacket and the same instability.'],
}
