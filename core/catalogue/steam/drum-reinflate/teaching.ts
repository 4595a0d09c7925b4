/** Why it ends so, and what to tell a class. */
import { ofEnd } from '../../../demonstration'
import { wallAgainst } from '../../telling'
import { NOTHING_PRESSES } from '../../wrong-ideas'
import type { DrumReinflate, DrumReinflateRun } from './simulate'
import { asPressure, asTemperature, asTemperatureDifference, asTime, say, type Sentence } from '../../../sentence'
import { quickSaturationPressure } from '../../../substances/steam-tables'

export const teaching: DrumReinflate['teaching'] = {
  wrongIdeas: [
    {
      idea: 'Heating the metal straightens it.',
      ask: 'Would a hot iron on the dent straighten it?',
      answer:
        'The metal only follows. What is hot inside pushes it out again, a little harder than the room pushes in.',
      source: 'common practice',
    },
    NOTHING_PRESSES,
  ],
  before: [
    {
      ask: 'Which way out must the steam have, and why?',
      answer: 'A wide open one, all the time. Steam that cannot leave pushes harder and harder, and a drum can burst.',
    },
    {
      ask: 'Will it look like new? Why do you think so?',
      answer: 'No. Where the metal was bent sharply it has stretched and stays creased, even if the large dents go.',
    },
  ],
  after: [
    {
      ask: 'Why did it pop back in jumps?',
      answer:
        'Each dent stands until the push from inside is more than it can hold, and then it snaps over at ' +
        'once. Every dent has its own limit.',
      when: s => s.outcome !== 'stay',
    },
    {
      ask: 'What would have to be different for it to move?',
      answer:
        'A larger difference between inside and outside, or flatter dents. Sharp folds need more than may be given.',
      when: s => s.outcome === 'stay',
    },
    {
      ask: 'Is it as strong as it was? Why?',
      answer: 'No. Folded metal has creases, and a wall that is no longer round holds less from outside.',
    },
  ],
  elsewhere: ['Dents in a table-tennis ball, in hot water.', 'A dented bottle that is blown up again.'],
}

/** Water that is as close to its boiling point as this boils, K. */
const NEARLY = 1
/** K over the boiling point, as an example of what little does. */
const BEYOND = 3
const overTheRoom = (temperature: number, room: number): number => quickSaturationPressure(temperature) - room

/** What the folds ask for, and what the inside came to. */
const foldsAgainst = (r: DrumReinflateRun['results']) => wallAgainst(r.criticalPressureDifference, r.peakGaugePressure)

export const why: DrumReinflate['why'] = (values, { results: r, outcome, details }) => {
  const [asks, gets] = foldsAgainst(r)
  const lines: Sentence[] = [
    say`The folds ask for about ${asks} over the room; the inside gets to
      ${gets}.`,
  ]
  if (values.choices.reliefPath === 'bung-out')
    lines.push('With the bung out steam leaves as fast as it is made, so hardly any overpressure builds up.')
  else if (outcome === 'stay' && r.timeToPlume !== undefined)
    lines.push(
      say`The relief opens at ${asPressure(values.numbers.reliefSetting)} and keeps the pressure there: that is
        its job.`,
    )
  if (r.timeToPop !== undefined) lines.push(say`The first fold moves ${asTime(r.timeToPop)} after heat on.`)
  if (outcome === 'partly') lines.push('Sharp folds need more than the relief allows.')
  if (details.boiledDry === 1) lines.push('The water runs out: nothing more comes after that.')
  return lines
}

export const explanation: DrumReinflate['explanation'] = (values, s) => {
  const { results: r, details } = s
  const [asks, gets] = foldsAgainst(r)
  const boils = details.hottest > r.boilingTemperature - NEARLY
  const open = values.choices.reliefPath === 'bung-out'
  return [
    {
      from: 7,
      text: say`${
        boils
          ? 'Hot water inside makes steam, and steam pushes outward.'
          : 'The burner warms the air and the water in the drum. Warm, damp air pushes outward.'
      } ${ofEnd(s, {
        pop: 'Here it pushed harder than the air outside, and the dents came out.',
        partly: 'Here it pushed a bit harder than the air outside. Some dents came out, and some stayed.',
        stay: open
          ? 'Here it went out through the hole, so it hardly pushed, and the dents stayed.'
          : 'Here it did not push hard enough, and the dents stayed.',
      })}`,
    },
    {
      from: 11,
      text: say`The air outside pressed the drum in. ${boils ? 'Steam' : 'Warm air and vapour'} inside can press it out
        again where the pressure inside gets some ${asks} above the room's. The way out sets how far that can
        go. Here it got ${gets} above it${ofEnd(s, {
          pop: ', and the folds moved.',
          partly: ': enough for some of the folds.',
          stay: ': not enough.',
        })}`,
    },
    {
      from: 14,
      text: say`${
        boils
          ? 'Where steam is made faster than it can leave, more and more particles hit the wall and the pressure ' +
            'rises. The water then boils a little above its usual boiling point.'
          : 'Warmed, the particles of the air hit harder, and more and more of the water joins them as vapour, long ' +
            'before it boils.'
      } The way out decides how far: here the inside came to ${gets} over the room, and the folds ask for about
        ${asks}. ${ofEnd(s, {
          pop: 'Each fold that jumps out makes more room, so it went in steps.',
          partly: 'The sharpest folds ask for more than that.',
          stay: 'So nothing moved.',
        })}`,
    },
    {
      from: 16,
      text: say`${
        boils
          ? say`Along the saturation line ${asTemperatureDifference(BEYOND)} above the boiling point already mean some
              ${asPressure(overTheRoom(r.boilingTemperature + BEYOND, values.numbers.stationPressure))} over the room.`
          : say`Air and vapour add up, p = p1 T/T1 + ps(T) (p1 and T1 of the air at the start, ps the saturation
              pressure of water): it came to ${asTemperature(details.hottest)}.`
      } Net force on a fold is that difference times its area. Elastic folds snap
        back at a fraction of the load that buckled them; where the metal has yielded they do not, which is why a drum
        is never as good as new. Assumed: one pressure for the first fold, ${asPressure(r.criticalPressureDifference)};
        real folds differ.`,
    },
  ]
}
