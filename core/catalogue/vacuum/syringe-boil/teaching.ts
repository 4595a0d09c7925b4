/** Why it ends so, and what to tell a class. */
import { ofEnd } from '../../../demonstration'
import { BUBBLES_ARE_AIR } from '../../wrong-ideas'
import type { SyringeBoil } from './simulate'
import { asForce, asPressure, asTemperature, asTime, asVolume, say } from '../../../sentence'

export const why: SyringeBoil['why'] = (values, s) => {
  const n = values.numbers
  const alone = (n.stationPressure * n.airLeft) / (n.pullTo - n.waterVolume)
  const lines = [
    say`${asVolume(n.airLeft)} of air, spread out into ${asVolume(n.pullTo - n.waterVolume)}, pushes with
      ${asPressure(alone)} alone.`,
  ]
  lines.push(
    s.results.hush === undefined
      ? say`Water at ${asTemperature(n.waterTemperature)} pushes less than that and its start:
        ${asTemperature(s.results.neededStart)} is the coldest that boils in it.`
      : say`It boils ${asTime(s.results.hush)} into the pull, for ${asTime(s.results.boilTime)}. What it gives off
        pushes in its turn, up to ${asPressure(s.results.finalPressure)}, and slows it down; what turns back to
        water on the cold barrel lets it go on. Pull further, and it boils harder.`,
  )
  lines.push(say`The hand holds ${asForce(s.results.pull)}, which the room pushes.`)
  return lines
}

/** How far over the coldest that boils water boils well, K, and the warmest that is proposed, K; assumptions. */
const WELL_OVER = 8
const WARMEST = 333.15

export const advice: NonNullable<SyringeBoil['advice']> = (values, s) => {
  const warmer = s.results.neededStart + WELL_OVER
  if (s.outcome === 'boils' || warmer > WARMEST || warmer <= values.numbers.waterTemperature) return []
  return [
    {
      text: say`Water at ${asTemperature(warmer)} is well over the coldest that boils with so much air.`,
      take: { input: 'waterTemperature', value: warmer },
    },
  ]
}

export const explanation: SyringeBoil['explanation'] = (values, s) => [
  {
    from: 7,
    text: say`Water boils when its bubbles can push the air away. When you pull, the air in the syringe pushes less.
      ${ofEnd(s, {
        boils: 'So bubbles can grow, though the water is only warm.',
        few: 'So a few bubbles can grow, and then it stops.',
        still: 'But this water is too cool, or too much air is left, so no bubbles grow.',
      })}`,
  },
  {
    from: 11,
    text: say`In the open the air presses on the water with ${asPressure(values.numbers.stationPressure)}. In the
    syringe only
      ${asPressure(s.results.lowestPressure)} were left. ${ofEnd(s, {
        boils: 'The particles of this water could push that away.',
        few: 'The particles of this water could just push that away.',
        still: 'The particles of this water could not push that away.',
      })}`,
  },
  {
    from: 14,
    text: say`Particles leave warm water all the time. If their vapour pushes harder than the gas above, bubbles grow
    inside the
      water: it boils. With this much air the coldest water that does is at ${asTemperature(s.results.neededStart)};
      this one
      began at ${asTemperature(values.numbers.waterTemperature)}${
        s.outcome === 'still'
          ? '.'
          : say` and ended at ${asTemperature(s.results.endTemperature)}, since what leaves takes heat along.`
      }`,
  },
  {
    from: 16,
    text: say`p V is constant for the air (p pressure, V volume); the vapour follows the saturation curve ps(T).
    Boiling begins
      where ps exceeds the whole pressure by what bubbles need to start, and ends when air and vapour together reach
      it again.
      The hand holds F = (p0 − p) A (p0 the room's pressure, A the plunger's area): ${asForce(s.results.pull)} here.
      Assumed: gas and vapour are mixed evenly.`,
  },
]

export const teaching: SyringeBoil['teaching'] = {
  wrongIdeas: [
    {
      idea: say`The bubbles are air that came in, or water always boils at ${asTemperature(373.15)}.`,
      ask: 'Let the plunger back: where are the bubbles?',
      answer: 'Let the plunger back: the bubbles are gone, and the little air is as much as before. They were vapour.',
      source: 'common practice',
    },
    BUBBLES_ARE_AIR,
  ],
  before: [
    {
      ask: 'Can warm water boil without a stove? Why do you think so?',
      answer: 'Yes, if little enough presses on it.',
    },
    {
      ask: 'What would be in the bubbles, if some came?',
      answer: 'Water vapour, and a little air that was dissolved.',
    },
  ],
  after: [
    {
      ask: 'Why does it boil less the longer it is held?',
      answer: 'It cools as vapour leaves, and the vapour fills the space and presses back.',
      when: s => s.outcome === 'boils',
    },
    {
      ask: 'What would you change so that it boils well?',
      answer: 'Warmer water, less air in the syringe, or a longer pull.',
      when: s => s.outcome !== 'boils',
    },
    {
      ask: 'What does the air that is left in do?',
      answer: 'It presses on the water and takes no part in the boiling, so the plunger must go further.',
    },
  ],
  elsewhere: [
    'Eggs that take longer on a mountain.',
    'Coffee dried by freezing.',
    'A pump that loses its suction on hot water.',
  ],
}
