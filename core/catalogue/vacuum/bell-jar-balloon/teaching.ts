/** Why it ends so, and what to tell a class. */
import { targetMissed } from '../target'
import { ofEnd } from '../../../demonstration'
import { GAS_AT_THE_BOTTOM, PARTICLES_SWELL, SUCTION } from '../../wrong-ideas'
import { rubberOf } from '../rubber-inputs'
import { freeWidth, type BellJarBalloon } from './simulate'
import { apart, asLength, asNumber, asPressure, asShare, asTime, asTimes, say } from '../../../sentence'

export const why: BellJarBalloon['why'] = (values, s) => {
  const n = values.numbers
  const { results: r } = s
  return [
    say`The knot keeps the same air inside. When the jar has gone from ${asPressure(n.stationPressure)} to
      ${asPressure(r.finalPressure)} less pushes back, and that air takes
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
  // A burst ends the pumping, and so does rubber on the glass: neither a quicker pump nor more time would show less.
  const missed = s.outcome === 'bursts' || s.outcome === 'touches' ? [] : targetMissed(values, s.results)
  if (start === undefined)
    return [
      ...missed,
      {
        text: say`To fill this jar at ${asPressure(finalPressure)} the rubber would have to stretch
          ${asNumber((0.9 * freeWidth(values)) / (2 * rubberOf(values).radius), 2)} times; it bursts near
          ${asNumber(values.numbers.burstStretch, 2)}. Take a larger balloon.`,
      },
    ]
  return [
    ...missed,
    {
      text: say`Start it ${asLength(start)} across: at ${asPressure(finalPressure)} it then nearly fills the jar.`,
      take: { input: 'balloonStart', value: Number(start.toFixed(4)) },
    },
  ]
}

/** Share by which a slack skin keeps it smaller, at most. */
const NEXT_TO_NOTHING = 1e-3

export const explanation: BellJarBalloon['explanation'] = (values, s) => {
  const n = values.numbers
  const r = s.results
  const [could, grew] = apart(
    asTimes(n.stationPressure / r.finalPressure),
    asTimes(r.balloonGrowth * r.balloonGrowth * r.balloonGrowth),
  )
  return [
    {
      from: 7,
      text: say`We did not blow into the balloon. We took away air round it. The air inside still pushes, and there is
      less
        to push back. ${ofEnd(s, {
          fills: 'So it grows until it nearly fills the jar.',
          touches: 'So it grows until it presses against the glass.',
          small: 'So it grows, but it stays well away from the glass.',
          bursts: 'So it grows, until the skin tears.',
        })}`,
    },
    {
      from: 11,
      text: say`Particles inside and outside hit the skin, here with ${asPressure(n.stationPressure)} at first. Pumped
      down
        to ${asPressure(r.finalPressure)}, fewer hit it from outside, so the shut-in air pushes the skin out.
        ${ofEnd(s, {
          fills: say`It goes from ${asLength(n.balloonStart)} to ${asLength(r.balloonEnd)} across.`,
          touches: say`It goes from ${asLength(n.balloonStart)} to ${asLength(r.balloonEnd)} across, where the glass
          is.`,
          small: say`It goes from ${asLength(n.balloonStart)} to ${asLength(r.balloonEnd)} across.`,
          bursts: 'Here that was more than the rubber stands.',
        })}`,
    },
    {
      from: 14,
      text: say`Pressure times volume of the shut-in air stays the same at one temperature (Boyle). From
        ${asPressure(n.stationPressure)} to ${asPressure(r.finalPressure)} the volume could grow
        ${could}; ${
          s.outcome === 'bursts'
            ? 'the skin takes its share of the pressure, and it tore on the way.'
            : could.si > grew.si * (1 + NEXT_TO_NOTHING)
              ? say`the skin takes its share of the pressure, so it grew ${grew}.`
              : 'slack as it is, the skin takes next to nothing of that.'
        }`,
    },
    {
      from: 16,
      text: say`(p + Δp(λ)) V(λ) is constant: p round it, λ the stretch of the skin, Δp what the skin adds, V the
      volume. Δp
        rises to a hump of ${asPressure(r.hump)} near λ = ${asNumber(1.4, 2)}, falls, and rises again as the rubber
        stiffens: where it falls the balloon may grow with a jump. A pump takes equal shares, not equal amounts:
        ${asTime(r.timeToPump)} to ${asPressure(r.finalPressure)} here. Assumed: one temperature, nothing lost through
        the
        skin.`,
    },
  ]
}

export const teaching: BellJarBalloon['teaching'] = {
  wrongIdeas: [
    {
      idea: 'The vacuum sucks the balloon bigger.',
      kin: 'suction',
      ask: 'Is there more air in the balloon when it is big?',
      answer:
        'Nothing pulls. The air in the balloon has pushed all the time; what was taken away is the air that ' +
        'pushed back.',
      source: 'common practice',
    },
    SUCTION,
    PARTICLES_SWELL,
    GAS_AT_THE_BOTTOM,
  ],
  before: [
    {
      ask: 'What will happen to the balloon when the pump runs? Why?',
      answer: 'Less presses on it from outside, so the air in it can push the skin out.',
    },
    {
      ask: 'Will there be more air in the balloon? How could you tell?',
      answer: 'No. It is tied: weigh it before and after. The same air takes up more room.',
    },
    {
      ask: 'Will it be as large as before when the air comes back? Why?',
      answer:
        'Nearly, if the skin has held: the room presses as before. Rubber that was stretched far stays a ' +
        'little larger.',
    },
  ],
  after: [
    {
      ask: 'What pushed the skin outwards?',
      answer: 'The air that was in it all the time. There was less to push it back.',
    },
    {
      ask: 'Why does it shrink again to the same size?',
      answer: 'The room’s air presses it back until inside and outside balance as before.',
      when: s => s.outcome !== 'bursts',
    },
    {
      ask: 'Why did it burst, though nobody blew?',
      answer: 'The air round it was taken away, so its own air stretched the skin past its limit.',
      when: s => s.outcome === 'bursts',
    },
    {
      ask: 'What would happen if it had a pinhole?',
      answer: 'Its air would go out under the pump, and then the room’s air would press it smaller than it was.',
    },
  ],
  elsewhere: [
    'A weather balloon is launched limp and is several times wider high up.',
    'A snack packet bulges on a mountain pass.',
    'A diver breathes out on the way up.',
    'Ears pop on a plane.',
  ],
}
