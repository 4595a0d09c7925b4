/** Why it ends so, and what to tell a class. */
import type { DrumReinflate } from './simulate'
import { asPressure, asTime, say, type Sentence, asTemperatureDifference } from '../../../sentence'
export const teaching: DrumReinflate['teaching'] = {
  wrongIdea: {
    idea: 'Heating the metal straightens it.',
    answer: 'The metal only follows. Steam inside pushes it out again, a little harder than the room pushes in.',
  },
  before: ['Which way out must the steam have?', 'Will it look like new?'],
  after: ['Why did it pop back in jumps?', 'Why is it weaker now?'],
  elsewhere: ['Dents in a table-tennis ball, in hot water.', 'A dented bottle that is blown up again.'],
}

export const why: DrumReinflate['why'] = (values, { results: r, outcome, details }) => {
  const lines: Sentence[] = [
    say`The folds ask for about ${asPressure(r.criticalPressureDifference)} over the room; the inside gets to
      ${asPressure(r.peakGaugePressure)}.`,
  ]
  if (values.choices.reliefPath === 'bung-out')
    lines.push('With the bung out steam leaves as fast as it is made, so hardly any overpressure builds up.')
  else if (r.peakGaugePressure < r.criticalPressureDifference)
    lines.push(
      say`The relief opens at ${asPressure(values.numbers.reliefSetting)} and keeps the pressure there: that is
        its job.`,
    )
  if (r.timeToPop !== undefined) lines.push(say`The first fold moves ${asTime(r.timeToPop)} after heat on.`)
  if (outcome === 'partly') lines.push('Sharp folds need more than the relief allows.')
  if (details.boiledDry === 1) lines.push('The water runs out: nothing more comes after that.')
  return lines
}

export const explanation: DrumReinflate['explanation'] = (_values, { results: r }) => [
  {
    from: 7,
    text:
      'Hot water inside makes steam again, and steam pushes outward. If it pushes harder than the air ' +
      'outside, the dents come out.',
  },
  {
    from: 11,
    text: say`The air outside pressed the drum in. Steam inside can press it out again, if the pressure inside
      gets ${asPressure(r.criticalPressureDifference)} above the room's. The way out for the steam sets how far
      that can go.`,
  },
  {
    from: 14,
    text:
      'Water in a vessel with a small opening boils a little above its usual boiling point, since its ' +
      'vapour must push against the room and the opening. The relief decides how far.',
  },
  {
    from: 16,
    text: say`Along the saturation line ${asTemperatureDifference(3)} above the boiling point already mean some
      ${asPressure(11000)}. Elastic folds snap back at a fraction of the buckling load; plastic hinges do not,
      which is why the drum is never as good as new.`,
  },
]
