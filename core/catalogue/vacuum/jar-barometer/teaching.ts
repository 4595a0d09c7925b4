/** Why it ends so, and what to tell a class. */
import { reached } from '../../telling'
import { ofEnd } from '../../../demonstration'
import { STRONGER_VACUUM, SUCTION } from '../../wrong-ideas'
import { isDriven } from '../inputs'
import type { JarBarometerValues } from './inputs'
import { levelAt, pressureFor, type Tube, tubeOf, weightOf, type JarBarometer, type JarBarometerRun } from './simulate'
import {
  apart,
  asLength,
  asPressure,
  asRoomPressure,
  asShare,
  asTemperatureDifference,
  asVolume,
  say,
} from '../../../sentence'

/** What presses on the water from below and from above, as it stands in the end: so many digits that they differ. */
const pressing = (values: JarBarometerValues, { results: r }: JarBarometerRun) =>
  apart(asPressure(r.finalPressure + weightOf(tubeOf(values)) * r.level), asPressure(r.finalPressure))
/** How far the weather must change to be seen well, Pa. */
const WEATHER = 1000
/** How high it stands in a sealed jar of the room's pressure once the room has fallen by that, m. */
const byWeather = (tube: Tube): number => levelAt(tube, tube.outside - WEATHER)

export const why: JarBarometer['why'] = (values, s) => [
  say`The jar falls to ${pressing(values, s)[1]}; the shut-in air keeps ${pressing(values, s)[0]}, less than at first,
    since it has more room the higher the water. What lies between them carries the water: ${asLength(0.1)} for every
    ${asPressure(980)}. It spills ${asPressure(s.results.spillDifference)} below the room (jar at
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

export const explanation: JarBarometer['explanation'] = (values, s) => {
  const r = s.results
  const [below, above] = pressing(values, s)
  const tube = tubeOf(values)
  const fallen = values.numbers.stationPressure - r.finalPressure
  return [
    {
      from: 7,
      text: say`We take air out of the big jar. The air shut in the little bottle then pushes harder than the air
      round it.
        ${ofEnd(s, {
          climbs: 'So it pushes the water up the straw.',
          spills: 'So it pushes the water up the straw and over the top.',
          hardly:
            s.details.stationPressure - r.finalPressure > 2000
              ? 'But it soon has more room and pushes no harder, so the water hardly moved.'
              : 'But we took so little air that the water hardly moved.',
        })}`,
    },
    {
      from: 11,
      text: say`The shut-in particles hit the water with ${below}; those in the jar only with ${above}.
        ${ofEnd(s, {
          climbs: say`The difference carries ${asLength(r.level)} of water.`,
          spills: 'The difference is more than the tube is high for.',
          hardly: say`The difference carries ${asLength(r.level)} of water.`,
        })}`,
    },
    {
      from: 14,
      text: say`A column presses with density × g × height: ${asLength(0.1)} of water make ${asPressure(979)}. So little
        difference makes so much height because water is light; mercury would rise a thirteenth of it.
        ${ofEnd(s, {
          climbs: say`Here ${asLength(r.level)} balance ${asPressure(r.level * 9790)}.`,
          spills: say`This tube is full at ${asPressure(r.spillDifference)} below the room.`,
          hardly: say`Here ${asLength(r.level)} balance ${reached(r.level * 9790)}.`,
        })}`,
    },
    {
      from: 16,
      text: say`p0 V/(V + A h) = p + ρ g h (p0 the room's pressure, V the shut-in air, A the tube's area, h the level,
      p in
        the jar, ρ the water's density). With much shut-in air and a narrow tube the left side hardly falls and the tube
        reads the difference; here, with ${asVolume(values.numbers.trappedAir)}, the water carries
        ${asShare(fallen > 0 ? Math.min(1, (weightOf(tube) * r.level) / fallen) : 0)} of it. A change of the weather by
        ${asRoomPressure(WEATHER)} would move it about ${asLength(byWeather(tube))}, and so would
        ${asTemperatureDifference((values.numbers.airTemperature * WEATHER) / tube.outside)} of warming: a sealed one is
        a thermometer too.`,
    },
  ]
}

export const teaching: JarBarometer['teaching'] = {
  wrongIdeas: [
    {
      idea: 'The pump sucks the water up.',
      kin: 'suction',
      ask: 'The pump’s hose does not touch the water. What pushes it?',
      answer:
        'The pump is not connected to the tube’s water at all. The shut-in air pushes it up, because less ' +
        'pushes down on it.',
      source: 'common practice',
    },
    SUCTION,
    STRONGER_VACUUM,
  ],
  before: [
    {
      ask: 'Which way will the water go when the jar is pumped, and why?',
      answer: 'Up the straw: the air shut in below presses as before, and above it less presses back.',
    },
    {
      ask: 'How high could it get with a very long tube? Why?',
      answer: say`At most as high as the shut-in air can push it: ${asLength(10.3)} at the sea, if nothing pressed from
        above.`,
    },
  ],
  after: [
    {
      ask: 'What pushed, and what stopped pushing?',
      answer: 'The air shut in pushed. The air above the straw pushed less than before.',
    },
    {
      ask: 'Would it climb as high on a mountain?',
      answer: 'With the same pump it would climb less: there is less pressure to begin with.',
    },
    {
      ask: 'What does it do on a warm day?',
      answer:
        'The air shut in gets warmer and pushes harder, so the water climbs although the weather has not changed.',
    },
  ],
  elsewhere: [
    'A barometer in the weather.',
    'A dropper bottle that leaks on a plane.',
    'A pen that blots on a flight.',
    'Water in a well that rises before a storm.',
  ],
}
