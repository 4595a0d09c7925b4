/** Why it ends so, and what to tell a class. */
import { handPush } from '../../telling'
import { ofEnd } from '../../../demonstration'
import { PARTICLES_ARE_LOST, SUCTION } from '../../wrong-ideas'
import type { ProcessVessel } from './simulate'
import { asArea, asMass, asPressure, asShare, asTime, say, type Sentence } from '../../../sentence'

export const teaching: ProcessVessel['teaching'] = {
  wrongIdeas: [
    {
      idea: 'A strong tank for pressure is strong for vacuum as well.',
      ask: 'It stands three times the room’s pressure from inside. How much from outside, and why not the same?',
      answer:
        'Pressure from inside stretches a wall, pressure from outside buckles it. Tanks that hold several ' +
        'times the pressure of the room inside cave in at a tenth of it outside.',
      source: 'common practice',
    },
    SUCTION,
    PARTICLES_ARE_LOST,
  ],
  before: [
    {
      ask: 'What changes when the vent is shut, and why?',
      answer: 'No air can come in for the steam that turns to water, so the pressure inside falls.',
    },
    {
      ask: 'How much must a vent let in, and what does that depend on?',
      answer: 'As much air as steam turns to water, at the fastest moment. A cold rinse makes that moment far worse.',
    },
  ],
  after: [
    {
      ask: 'What would have prevented it?',
      answer: 'A vent that is open and wide enough, or letting air in before anything cold goes in.',
      when: s => s.outcome !== 'held',
    },
    {
      ask: 'What would happen with the vent half shut?',
      answer: 'Less air comes in at the same difference, so the difference grows. Half the opening may be too little.',
      when: s => s.outcome === 'held',
    },
    {
      ask: 'Why is a cold rinse worse than waiting?',
      answer:
        'Cold water takes heat from all the steam at once, so that it condenses in seconds. Air has no time ' +
        'to come in.',
    },
  ],
  elsewhere: [
    'Dairy and brewery tanks after hot cleaning.',
    'Tank wagons in a thunderstorm.',
    'Storage tanks with a bird’s nest in the vent.',
  ],
}

export const why: ProcessVessel['why'] = (values, { results: r }) => [
  say`To stay within ${asPressure(values.numbers.ratedVacuum)} of the room it needs about ${asArea(r.reliefArea)}
    of free opening; ${asArea(values.numbers.leakArea)} is open.`,
  r.talkTime === undefined
    ? r.hush === undefined
      ? 'It never goes past its rating.'
      : say`The shell gives way after ${asTime(r.hush)}, before it comes to its rating.`
    : r.hush === undefined
      ? say`It goes past its rating after ${asTime(r.talkTime)}.`
      : r.hush < r.talkTime
        ? say`The shell gives way after ${asTime(r.hush)}, before it comes to its rating, which it passes after
            ${asTime(r.talkTime)}.`
        : say`It goes past its rating after ${asTime(r.talkTime)} and the shell gives way after ${asTime(r.hush)}.`,
  say`With everything shut and cold it could fall to ${asPressure(r.floorPressure)}: only the
    ${asShare(r.residualAirFraction)} of air left inside would still push back.`,
]

export const explanation: ProcessVessel['explanation'] = (values, s) => {
  const { results: r } = s
  const { leakArea } = values.numbers
  const open: Sentence = leakArea > 0 ? say`Only ${asArea(leakArea)}` : 'Nothing'
  return [
    {
      from: 7,
      text: say`A big tank full of steam is like a big can full of steam. When it cools, the steam turns into water and
        the gas inside pushes less. ${ofEnd(s, {
          held: 'But this one has a hole that lets air in, so nothing happens to it.',
          over: 'Too little air gets in, and the air outside presses on it harder than it should.',
          cave: 'Too little air gets in, and the air outside pushes it in.',
        })}`,
    },
    {
      from: 11,
      text: say`Factories clean tanks with steam. ${handPush(values.numbers.stationPressure)} When the steam turns
      back into
        water, air must come in through the vent and press back. ${ofEnd(s, {
          held: 'Here it comes in fast enough.',
          over: 'Here it comes in too slowly: the tank stands, but it was not built for this.',
          cave: 'Here it comes in too slowly, and the wall gives way.',
        })}`,
    },
    {
      from: 14,
      text: say`${asMass(r.steamMass)} of steam fills this tank. Cooled, it becomes that much water, and its particles
        press on the wall no more. To keep the difference below ${asPressure(values.numbers.ratedVacuum)} air must come
        in as fast as steam goes: through ${asArea(r.reliefArea)} of free opening. ${ofEnd(s, {
          held: say`${asArea(values.numbers.leakArea)} is open.`,
          over: say`${open} is open, so the difference grows past the rating.`,
          cave: say`${open} is open, so the difference grows until the shell folds.`,
        })}`,
    },
    {
      from: 16,
      text: say`The vent must pass air at the rate at which steam condenses while the difference Δp stays at the rated
        ${asPressure(values.numbers.ratedVacuum)}. For a small Δp its area is A = ṁ/√(2ρΔp), with ṁ the air’s mass
        flow and
        ρ its density: ${asArea(r.reliefArea)} here, if nothing narrows the jet. A thin-walled tank may hold pressure
        from inside well and yet buckle at a small difference from outside: stretched, a wall straightens; pressed
        together, it bends away.`,
    },
  ]
}
