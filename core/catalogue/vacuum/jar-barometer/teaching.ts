/** Why it ends so, and what to tell a class. */
import { isDriven } from '../inputs'
import { pressureFor, tubeOf, type JarBarometer } from './simulate'
import { asLength, asPressure, asRoomPressure, asTemperatureDifference, asVolume, say } from '../../../sentence'

export const why: JarBarometer['why'] = (values, s) => [
  say`The shut-in air presses nearly like the room, and the jar less and less. What the jar has fallen by is taken
    up by the height of the water (${asLength(0.1)} for every ${asPressure(980)}) and by the shut-in air, which
    has more room the higher the water. It spills ${asPressure(s.results.spillDifference)} below the room (jar at
    ${asPressure(s.results.spillPressure)}).`,
  ...(!isDriven(values)
    ? [
        say`One stroke of ${asVolume(values.numbers.strokeVolume)} takes
          ${asPressure(
            (values.numbers.stationPressure * values.numbers.strokeVolume) /
              (values.numbers.jarVolume + values.numbers.strokeVolume),
          )}
          at first${s.outcome === 'spills' ? ': too much at once for this tube' : ''}.`,
      ]
    : []),
]

export const advice: NonNullable<JarBarometer['advice']> = (values, s) => {
  const stop = values.numbers.stationPressure - pressureFor(tubeOf(values), 0.8 * values.numbers.tubeHeight)
  return [
    {
      text: say`Stop at ${asPressure(stop)} below the room: four fifths up the tube. It spills at
        ${asPressure(s.results.spillDifference)}.`,
      take: { input: 'stopDifference', value: Number(stop.toPrecision(3)) },
    },
  ]
}

export const explanation: JarBarometer['explanation'] = (values, s) => [
  {
    from: 7,
    text:
      'We take air out of the big jar. The air shut in the little bottle now pushes harder than the air ' +
      'round it, so it pushes the water up the straw.',
  },
  {
    from: 11,
    text: say`The shut-in air still presses like the room, ${asPressure(values.numbers.stationPressure)}; the jar
      only with ${asPressure(s.results.finalPressure)}. The difference carries ${asLength(s.results.level)} of
      water.`,
  },
  {
    from: 14,
    text: say`Pressure of a column: density × g × height. ${asLength(s.results.level)} of water are
      ${asPressure(s.results.level * 9790)}; so little difference makes so much height, because water is light
      against mercury.`,
  },
  {
    from: 16,
    text: say`p0 V/(V + A h) = p + ρ g h. With much shut-in air and a narrow tube the first term hardly falls and
      the tube reads the difference; with little air (${asVolume(values.numbers.trappedAir)} here) it reads a
      little low. A change of weather of ${asRoomPressure(1000)} would move it ${asLength(0.1)}, and
      ${asTemperatureDifference(1)} of warming as well, so a sealed one is a thermometer too.`,
  },
]

export const teaching: JarBarometer['teaching'] = {
  wrongIdea: {
    idea: 'The pump sucks the water up.',
    answer:
      'The pump is not connected to the tube’s water at all. The shut-in air pushes it up, because less ' +
      'pushes down on it.',
  },
  before: ['Which way will the water go when the jar is pumped?', 'How high could it get with a very long tube?'],
  after: [
    'What pushed, and what stopped pushing?',
    'Would it climb as high on a mountain?',
    'What does it do on a warm day?',
  ],
  elsewhere: [
    'A barometer in the weather.',
    'A dropper bottle that leaks in an aircraft.',
    'A pen that blots on a flight.',
    'Water in a well that rises before a storm.',
  ],
}
