/** Why it ends so, and what to tell a class. */
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

export const advice: NonNullable<SyringeBoil['advice']> = (_values, s) => {
  const warmer = s.results.neededStart + WELL_OVER
  if (s.outcome === 'boils' || warmer > WARMEST) return []
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
    text:
      'Water boils when its bubbles can push the air away. When you pull, the air in the syringe pushes less, and ' +
      'bubbles can grow, though the water is only warm.',
  },
  {
    from: 11,
    text: say`In the open this water boils near ${asTemperature(373.15)}, because the air presses with
      ${asPressure(values.numbers.stationPressure)}. In the syringe only ${asPressure(s.results.lowestPressure)}
      is left.`,
  },
  {
    from: 14,
    text: say`Particles leave warm water all the time. If their vapour pushes harder than the gas above, bubbles
      grow inside the water: it boils. What leaves takes heat along: the water ends at
      ${asTemperature(s.results.endTemperature)}.`,
  },
  {
    from: 16,
    text:
      'Boyle for the air, pV constant; the vapour follows the saturation curve. Boiling begins where the saturation ' +
      'pressure exceeds the total pressure by what bubbles need to start, and ends when air and vapour together ' +
      'reach it again.',
  },
]

export const teaching: SyringeBoil['teaching'] = {
  wrongIdea: {
    idea: say`The bubbles are air that came in, or water always boils at ${asTemperature(373.15)}.`,
    answer: 'Let the plunger back: the bubbles are gone, and the little air is as much as before. They were vapour.',
  },
  before: ['Can warm water boil without a stove?', 'What will be in the bubbles?'],
  after: ['Why does it boil less the longer it is held?', 'Why does it not boil when more air is left in?'],
  elsewhere: [
    'Eggs that take longer on a mountain.',
    'Coffee dried by freezing.',
    'A pump that loses its suction on hot water.',
  ],
}
