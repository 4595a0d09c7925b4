/** Why it ends so, and what to tell a class. */
import { rubberOf } from '../rubber-inputs'
import { freeWidth, type BellJarBalloon } from './simulate'
import { asLength, asNumber, asPressure, asShare, asTime, asTimes, say } from '../../../sentence'

export const why: BellJarBalloon['why'] = (values, s) => {
  const n = values.numbers
  const { results: r } = s
  return [
    say`The knot keeps the same air inside. When the jar has gone from ${asPressure(n.stationPressure)} to
      ${asPressure(r.finalPressure)} nothing much pushes back, and that air takes
      ${asTimes(n.stationPressure / r.finalPressure)} the room, less what the skin holds back (it never presses
      with more than ${asPressure(r.hump)}).`,
    ...(s.outcome === 'bursts'
      ? [say`It was stretched ${asNumber(n.burstStretch, 2)} times and tore: start smaller.`]
      : []),
    ...(s.outcome === 'small'
      ? [
          say`It reaches ${asShare(r.balloonEnd / freeWidth(values))} of the jar's width: more air to start with,
            or a better vacuum.`,
        ]
      : []),
  ]
}

export const advice: NonNullable<BellJarBalloon['advice']> = (values, s) => {
  const { startToFill: start, finalPressure } = s.results
  if (start === undefined)
    return [
      {
        text: say`To fill this jar at ${asPressure(finalPressure)} the rubber would have to stretch
          ${asNumber((0.9 * freeWidth(values)) / (2 * rubberOf(values).radius), 2)} times; it bursts near
          ${asNumber(values.numbers.burstStretch, 2)}. Take a larger balloon.`,
      },
    ]
  return [
    {
      text: say`Start it ${asLength(start)} across: at ${asPressure(finalPressure)} it then nearly fills the jar.`,
      take: { input: 'balloonStart', value: Number(start.toFixed(4)) },
    },
  ]
}

export const explanation: BellJarBalloon['explanation'] = (values, s) => [
  {
    from: 7,
    text: say`We did not blow into the balloon. We took away the air round it. The air inside still pushes, and
      there is less to push back, so it grows from ${asLength(values.numbers.balloonStart)} to
      ${asLength(s.results.balloonEnd)}.`,
  },
  {
    from: 11,
    text: say`Air presses from all sides, here with ${asPressure(values.numbers.stationPressure)}. Pumped down to
      ${asPressure(s.results.finalPressure)}, the trapped air pushes the skin out until both sides match again.`,
  },
  {
    from: 14,
    text: say`Pressure times volume of the trapped air stays the same at one temperature (Boyle). From
      ${asPressure(values.numbers.stationPressure)} to ${asPressure(s.results.finalPressure)} the volume could
      grow ${asTimes(values.numbers.stationPressure / s.results.finalPressure)}; the skin takes its share of
      pressure, so it grew
      ${asTimes(s.results.balloonGrowth * s.results.balloonGrowth * s.results.balloonGrowth)}.`,
  },
  {
    from: 16,
    text: say`(p + Δp(λ)) V(λ) is constant. The skin's Δp rises to a hump of ${asPressure(s.results.hump)} near a
      stretch of ${asNumber(1.4, 2)}, falls, and rises again as the rubber stiffens: where it falls the balloon
      may grow with a jump. The pump takes air in equal shares, not equal amounts: ${asTime(s.results.timeToPump)}
      to here.`,
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
