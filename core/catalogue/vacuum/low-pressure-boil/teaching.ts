/** Why it ends so, and what to tell a class. */
import { ofEnd } from '../../../demonstration'
import { BUBBLES_ARE_AIR } from '../../wrong-ideas'
import type { LowPressureBoilValues } from './inputs'
import { neededStart, simulate, type LowPressureBoil } from './simulate'
import { asEnergy, asMass, asPressure, asTemperature, asTemperatureDifference, say } from '../../../sentence'

export const why: LowPressureBoil['why'] = (values, s) => [
  say`Water boils when its vapour can push the room's pressure back. In the open here that is at
    ${asTemperature(s.results.localBoilingPoint)}; at ${asPressure(values.numbers.ultimatePressure)}, the lowest
    this pump reaches, at ${asTemperature(neededStart(values))} already.`,
  s.outcome === 'still'
    ? say`At ${asTemperature(values.numbers.waterTemperature)} it is too cold for that in the time.`
    : say`From ${asTemperature(values.numbers.waterTemperature)} it starts at
      ${asPressure(s.results.boilPressure ?? 0)} and cools to ${asTemperature(s.results.endTemperature)}: the
      vapour takes its heat along.`,
]

/** K over the coldest water that this pump can ever bring to the boil; and how closely the one that does is found. */
const [WELL_OVER, CLOSE] = [8, 4]
/** Warmer water is no demonstration of a low pressure any more, K. */
const WARMEST = 368

/** About the coldest water that boils with this pump and in this time, well over the least that it ever can; K. */
function boilsFrom(values: LowPressureBoilValues): number | undefined {
  const boils = (waterTemperature: number) =>
    simulate({ ...values, numbers: { ...values.numbers, waterTemperature } }, 'summary').outcome === 'boils'
  let cold = Math.round(neededStart(values) + WELL_OVER - 273.15) + 273.15
  let warm = WARMEST
  if (cold <= warm && boils(cold)) return cold
  if (cold > warm || !boils(warm)) return undefined
  // Halved, and not step by step: it is worked out anew with every change.
  while (warm - cold > CLOSE) {
    const middle = (cold + warm) / 2
    if (boils(middle)) warm = middle
    else cold = middle
  }
  return Math.ceil(warm - 273.15) + 273.15
}

export const advice: NonNullable<LowPressureBoil['advice']> = values => {
  const water = boilsFrom(values)
  if (water === undefined)
    return [
      {
        text:
          'This pump, in this time, boils no water that is much colder than it boils in the open: ' +
          'a better pump, or longer.',
      },
    ]
  const text = say`For this pump, this height and this time start at ${asTemperature(water)} or warmer (bare minimum
    ${asTemperature(neededStart(values))}, with all the time in the world).`
  // Water that is warmer already boils more surely.
  return values.numbers.waterTemperature >= water
    ? [{ text }]
    : [{ text, take: { input: 'waterTemperature', value: water } }]
}

export const explanation: LowPressureBoil['explanation'] = (values, s) => {
  const r = s.results
  const late = values.numbers.waterTemperature > r.neededStart
  const cooledBy = values.numbers.waterTemperature - r.endTemperature
  return [
    {
      from: 7,
      text: say`Water wants to turn into vapour all the time. The air sits on it like a lid. We take that lid away.
        ${ofEnd(s, {
          boils: 'So it boils, although nobody heats it.',
          few: 'So a few bubbles come. Then the water is too cold.',
          still: late
            ? 'But the pump was stopped too early, while much of the lid was still there.'
            : 'But this water is too cold to make bubbles, even so.',
        })}`,
    },
    {
      from: 11,
      text: say`A bubble of vapour needs a push from inside that is as strong as the push from outside.
        ${ofEnd(s, {
          boils: say`At ${asPressure(r.boilPressure ?? r.finalPressure)} in the jar the particles of this water could
          do that,
            at ${asTemperature(values.numbers.waterTemperature)}.`,
          few: say`At ${asPressure(r.boilPressure ?? r.finalPressure)} in the jar the particles of this water could
          just do
            that.`,
          still: say`There were still ${asPressure(r.finalPressure)} in the jar: more than the particles of this water
          can
            do.`,
        })}`,
    },
    {
      from: 14,
      text: say`The lower the pressure, the lower the boiling point: ${asTemperature(r.localBoilingPoint)} here in the
      open,
        ${asTemperature(r.neededStart)} at this pump's best. ${ofEnd(s, {
          boils: say`Vapour takes energy along from the water itself: it ended at ${asTemperature(r.endTemperature)}.`,
          few: say`Vapour takes energy along from the water itself: it ended at ${asTemperature(r.endTemperature)},
          too cold
            to go on.`,
          still: say`This water started at ${asTemperature(values.numbers.waterTemperature)}${
            late ? ', warm enough for this pump, but not for so short a time.' : ', too cold for this pump.'
          }`,
        })}`,
    },
    {
      from: 16,
      text: say`Water boils where ps(T) exceeds p (ps its saturation pressure at the temperature T, p the pressure in
        the jar). Each ${asMass(0.01)} of vapour take ${asEnergy(23000)} along: m c ΔT = M L (m mass of water, c its
        heat capacity, M mass of vapour, L heat of evaporation)${
          // Water that is colder than the room may be warmed by it, and steams all the same.
          cooledBy > 0 ? say`, here ${asMass(r.evaporated)} and ${asTemperatureDifference(cooledBy)}` : ''
        }. A pump must carry off the vapour's volume as well, so a small one hovers near saturation; a large one can go
        on until the water freezes. Assumed: the water is of one temperature.`,
    },
  ]
}

export const teaching: LowPressureBoil['teaching'] = {
  wrongIdeas: [
    {
      idea: 'It boils, so it must have got hot.',
      ask: 'Put a finger in afterwards: warmer or colder?',
      answer: 'Feel it afterwards: it got colder. Boiling is about pressure as much as about heat.',
      source: 'common practice',
    },
    BUBBLES_ARE_AIR,
  ],
  before: [
    {
      ask: 'Could water boil at the warmth of your hand? Why do you think so?',
      answer:
        'Yes, if little enough presses on it. It boils where its vapour can push back as hard as what presses on it.',
    },
    {
      ask: 'What will the thermometer do, and why?',
      answer: 'If vapour leaves, it falls. The vapour takes energy along.',
    },
  ],
  after: [
    {
      ask: 'Where did the heat for the vapour come from?',
      answer: 'From the water itself: it got colder.',
      when: s => s.outcome !== 'still',
    },
    {
      ask: 'What would you change so that it boils?',
      answer: 'Warmer water, a better pump or more time.',
      when: s => s.outcome === 'still',
    },
    {
      ask: 'How would you cook an egg on a high mountain?',
      answer:
        'For longer: water boils there before it is as hot as here. Or in a closed pot, which keeps the pressure up.',
    },
    {
      ask: 'Why does it stop at once when the air comes in?',
      answer: 'The air presses on it again, more than the vapour of such water can push back.',
      when: s => s.outcome === 'boils',
    },
  ],
  elsewhere: [
    'Potatoes take longer in the mountains.',
    'A pressure cooker, the other way round.',
    'Freeze-drying coffee.',
    'Cooling towers and sweat.',
  ],
}
