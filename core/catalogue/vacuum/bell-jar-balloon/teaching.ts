/** Why it ends so, and what to tell a class. */
import { centimetres, kilopascals, percent, seconds, times } from '../../../demonstration'
import { rubberOf } from '../rubber-inputs'
import { freeWidth, type BellJarBalloon } from './simulate'

export const why: BellJarBalloon['why'] = (values, s) => {
  const n = values.numbers
  const { results: r } = s
  return [
    `The knot keeps the same air inside. When the jar has gone from ${kilopascals(n.stationPressure)} ` +
      `to ${kilopascals(r.finalPressure)} nothing much pushes back, and that air takes ` +
      `${times(n.stationPressure / r.finalPressure)} the room, less what the skin holds back (it never ` +
      `presses with more than ${kilopascals(r.hump)}).`,
    ...(s.outcome === 'bursts' ? [`It was stretched ${n.burstStretch.toFixed(1)} times and tore: start smaller.`] : []),
    ...(s.outcome === 'small'
      ? [
          `It reaches ${percent(r.balloonEnd / freeWidth(values))} of the jar's width: more air to start ` +
            'with, or a better vacuum.',
        ]
      : []),
  ]
}

export const advice: NonNullable<BellJarBalloon['advice']> = (values, s) => {
  const { startToFill: start, finalPressure } = s.results
  if (start === undefined)
    return [
      {
        text:
          `To fill this jar at ${kilopascals(finalPressure)} the rubber would have to stretch ` +
          `${((0.9 * freeWidth(values)) / (2 * rubberOf(values).radius)).toFixed(1)} times; it bursts near ` +
          `${values.numbers.burstStretch.toFixed(1)}. Take a larger balloon.`,
      },
    ]
  return [
    {
      text: `Start it ${centimetres(start)} across: at ${kilopascals(finalPressure)} it then nearly fills the jar.`,
      take: { input: 'balloonStart', value: Number(start.toFixed(4)) },
    },
  ]
}

export const explanation: BellJarBalloon['explanation'] = (values, s) => [
  {
    from: 7,
    text:
      'We did not blow into the balloon. We took away the air round it. The air inside still pushes, ' +
      `and there is less to push back, so it grows from ${centimetres(values.numbers.balloonStart)} to ` +
      `${centimetres(s.results.balloonEnd)}.`,
  },
  {
    from: 11,
    text:
      `Air presses from all sides, here with ${kilopascals(values.numbers.stationPressure)}. Pumped ` +
      `down to ${kilopascals(s.results.finalPressure)}, the trapped air pushes the skin out until both ` +
      'sides match again.',
  },
  {
    from: 14,
    text:
      'Pressure times volume of the trapped air stays the same at one temperature (Boyle). From ' +
      `${kilopascals(values.numbers.stationPressure)} to ${kilopascals(s.results.finalPressure)} the ` +
      `volume could grow ${times(values.numbers.stationPressure / s.results.finalPressure)}; the skin ` +
      'takes its share of pressure, so it grew ' +
      `${times(s.results.balloonGrowth * s.results.balloonGrowth * s.results.balloonGrowth)}.`,
  },
  {
    from: 16,
    text:
      `(p + Δp(λ)) V(λ) is constant. The skin's Δp rises to a hump of ${kilopascals(s.results.hump)} ` +
      'near a stretch of 1.4, falls, and rises again as the rubber stiffens: where it falls the balloon ' +
      'may grow with a jump. The pump takes air in equal shares, not equal amounts: ' +
      `${seconds(s.results.timeToPump)} to here.`,
  },
]

export const teaching: BellJarBalloon['teaching'] = {
  wrongIdea: {
    idea: 'The vacuum sucks the balloon bigger.',
    answer:
      'Nothing pulls. The air in the balloon has pushed all the time; what was taken away is the air that pushed back.',
  },
  before: [
    'What will happen to the balloon when the pump runs?',
    'Is there more air in the balloon afterwards?',
    'Will it stay big when the air comes back?',
  ],
  after: [
    'What pushed the skin outwards?',
    'Why does it shrink again to the same size?',
    'What would happen if it had a pinhole?',
  ],
  elsewhere: [
    'A weather balloon is launched limp and is several times wider high up.',
    'A packet of crisps bulges on a mountain pass.',
    'A diver breathes out on the way up.',
    'Ears pop in an aircraft.',
  ],
}
