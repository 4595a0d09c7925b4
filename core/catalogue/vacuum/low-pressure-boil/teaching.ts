/** Why it ends so, and what to tell a class. */
import { neededStart, type LowPressureBoil } from './simulate'
import { asMass, asPressure, asTemperature, asTemperatureDifference, say, asEnergy } from '../../../sentence'

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

export const advice: NonNullable<LowPressureBoil['advice']> = values => {
  const needed = neededStart(values) + 8
  return [
    {
      text: say`For this pump at this height start at ${asTemperature(needed)} or warmer (bare minimum
        ${asTemperature(neededStart(values))}, with no time to cool).`,
      take: { input: 'waterTemperature', value: Math.round(needed - 273.15) + 273.15 },
    },
  ]
}

export const explanation: LowPressureBoil['explanation'] = (values, s) => [
  {
    from: 7,
    text: say`Water wants to turn into vapour all the time; the air sits on it like a lid. We take the lid away,
      and it bubbles at ${asTemperature(values.numbers.waterTemperature)}, although nobody heats it.`,
  },
  {
    from: 11,
    text: say`Boiling does not need ${asTemperature(373.15)}. Bubbles need a push from inside that is as strong as
      the push from outside, and we have made the outside weak:
      ${asPressure(s.results.boilPressure ?? s.results.finalPressure)}.`,
  },
  {
    from: 14,
    text: say`The boiling point depends on pressure: ${asTemperature(s.results.localBoilingPoint)} here in the
      open, ${asTemperature(s.results.neededStart)} at this pump's best. Evaporating takes energy from the water
      itself: it ended at ${asTemperature(s.results.endTemperature)}.`,
  },
  {
    from: 16,
    text: say`p_sat(T) against the jar's p. Each ${asMass(0.01)} of vapour take ${asEnergy(23000)};
      ${asMass(s.results.evaporated)} of it cooled the water
      ${asTemperatureDifference(values.numbers.waterTemperature - s.results.endTemperature)}. A hand pump must
      carry off the vapour's volume as well, so it hovers near saturation; a large one goes on until the water
      freezes at the triple point.`,
  },
]

export const teaching: LowPressureBoil['teaching'] = {
  wrongIdea: {
    idea: 'It boils, so it must have got hot.',
    answer: 'Feel it afterwards: it got colder. Boiling is about pressure as much as about heat.',
  },
  before: ['Can water boil in your hand’s warmth?', 'What will the thermometer do?'],
  after: [
    'Where did the heat for the vapour come from?',
    'How would you cook an egg on a high mountain?',
    'Why does it stop at once when the air comes in?',
  ],
  elsewhere: [
    'Potatoes take longer in the mountains.',
    'A pressure cooker, the other way round.',
    'Freeze-drying coffee.',
    'Cooling towers and sweat.',
  ],
}
