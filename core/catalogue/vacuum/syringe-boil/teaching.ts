/** Why it ends so, and what to tell a class. */
import { celsius, kilopascals, millilitres, newtons, seconds } from '../../../demonstration'
import type { SyringeBoil } from './simulate'

export const why: SyringeBoil['why'] = (values, s) => {
  const n = values.numbers
  const alone = (n.stationPressure * n.airLeft) / (n.pullTo - n.waterVolume)
  const lines = [
    `${millilitres(n.airLeft)} of air, spread out into ${millilitres(n.pullTo - n.waterVolume)}, pushes with ` +
      `${kilopascals(alone)} alone.`,
  ]
  lines.push(
    s.results.hush === undefined
      ? `Water at ${celsius(n.waterTemperature)} pushes less than that and its start: ` +
          `${celsius(s.results.neededStart)} is the coldest that boils in it.`
      : `It boils ${seconds(s.results.hush)} into the pull, for ${seconds(s.results.boilTime)}. What it gives ` +
          `off pushes in its turn, up to ${kilopascals(s.results.finalPressure)}, and slows it down; what turns ` +
          'back to water on the cold barrel lets it go on. Pull further, and it boils harder.',
  )
  lines.push(`The hand holds ${newtons(s.results.pull)}, which the room pushes.`)
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
      text: `Water at ${celsius(warmer)} is well over the coldest that boils with so much air.`,
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
    text:
      `In the open this water boils near 100 °C, because the air presses with ` +
      `${kilopascals(values.numbers.stationPressure)}. In the syringe only ${kilopascals(s.results.lowestPressure)} ` +
      'is left.',
  },
  {
    from: 14,
    text:
      'Particles leave warm water all the time. If their vapour pushes harder than the gas above, bubbles grow ' +
      'inside the water: it boils. What leaves takes heat along: the water ends at ' +
      `${celsius(s.results.endTemperature)}.`,
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
    idea: 'The bubbles are air that came in, or water always boils at 100 °C.',
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
