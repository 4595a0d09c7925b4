/** Why it ends so, and what to tell a class. */
import { targetMissed } from '../target'
import { ofEnd } from '../../../demonstration'
import { GAS_AT_THE_BOTTOM, SOUND_NEEDS_NOTHING } from '../../wrong-ideas'
import { gasPathLoss } from '../../../mechanisms/sound-in-gas'
import type { BellInVacuumValues } from './inputs'
import type { BellInVacuum } from './simulate'
import { asPressure, asShare, say } from '../../../sentence'

const decibel = (x: number): string => `${Math.round(x)} dB`

export const why: BellInVacuum['why'] = (values: BellInVacuumValues, s) => [
  say`Sound needs something to push. With ${asShare(s.results.finalPressure / values.numbers.stationPressure)} of
    the air left, the path through the air has lost
    ${decibel(gasPathLoss(s.results.finalPressure, values.numbers.stationPressure))}; through the mount
    ${decibel(s.results.mountFloor)} remain whatever the pump does.`,
  s.outcome === 'silent'
    ? say`It is lost in the room's ${decibel(values.numbers.roomNoise)} at ${asPressure(s.results.vanishPressure!)}.`
    : s.outcome === 'never'
      ? `The room’s ${decibel(values.numbers.roomNoise)} hide it with all the air in the jar, at ` +
        `${decibel(s.results.levelBefore)}: a louder bell, a quieter room, or listeners who sit closer.`
      : `At ${decibel(s.results.levelAfter)} it is still above what this room hides: a softer mount, a ` +
        'better vacuum or more distance.',
]

export const advice: NonNullable<BellInVacuum['advice']> = (values, s) => targetMissed(values, s.results)

export const explanation: BellInVacuum['explanation'] = (values, s) => {
  const left = s.results.finalPressure / values.numbers.stationPressure
  return [
    {
      from: 7,
      text: say`The bell shakes the air, and the air shakes your ear. ${ofEnd(s, {
        silent:
          'When we take the air away, nothing carries the shaking to you. The light still gets through: you ' +
          'can see it ring.',
        faint: 'When we take air away, less of the shaking gets to you. But you can still hear it.',
        heard: 'We took some air away, but enough of the shaking still gets to you.',
        never: 'But this room is so loud that you cannot hear the bell at all.',
      })}`,
    },
    {
      from: 11,
      text: say`Sound goes from particle to particle. With ${asShare(left)} of them left, less is passed on: here it is
        ${decibel(s.results.drop)} quieter. ${ofEnd(s, {
          silent: 'What is left is lost in the noise of the room.',
          faint: 'That can still be heard.',
          heard: 'To the ear that is little.',
          never: 'In this room it cannot be heard with all the air either.',
        })}`,
    },
    {
      from: 14,
      text: say`Every 10 dB sound about half as loud. Taking nine tenths of the air costs the path through the gas 20
      dB:
        here ${decibel(gasPathLoss(s.results.finalPressure, values.numbers.stationPressure))}. What still comes
        through the
        mount, ${decibel(s.results.mountFloor)}, stays whatever the pump does.`,
    },
    {
      from: 16,
      text: say`The pressure that a source radiates goes with ρ c (ρ density of the gas, c speed of sound), and ρ with
      the
        pressure p: a loss of 20 log(p0/p) dB,
        ${decibel(gasPathLoss(s.results.finalPressure, values.numbers.stationPressure))}
        from p0 = ${asPressure(values.numbers.stationPressure)} to ${asPressure(s.results.finalPressure)}. c does not
        change,
        since it depends on temperature alone. Long before particles are too few to carry sound, the mismatch between
        bell,
        gas and glass makes it faint. Assumed: nothing else in the room carries it.`,
    },
  ]
}

export const teaching: BellInVacuum['teaching'] = {
  wrongIdeas: [
    {
      idea: 'With no air at all left, sound is suddenly gone.',
      ask: 'Half of the air is out: is it half as loud?',
      answer:
        'It fades with every stroke. A school pump leaves thousandths of the air; what is heard last ' +
        'mostly comes through the mount.',
      source: 'common practice',
    },
    SOUND_NEEDS_NOTHING,
    GAS_AT_THE_BOTTOM,
  ],
  before: [
    {
      ask: 'What will you hear and what will you see in the end? Why?',
      answer: 'Less and less sound, since there is less air to carry it. Light needs no air, so you see it as before.',
    },
    {
      ask: 'What carries sound from the bell to you?',
      answer: 'Air in the jar, the glass, and the air of the room; also whatever the bell hangs on.',
    },
  ],
  after: [
    {
      ask: 'What was the last faint sound, and which way did it come?',
      answer: 'What went through the mount and the base, not through the gas.',
      when: s => s.outcome === 'silent' || s.outcome === 'faint',
    },
    {
      ask: 'Why could you still hear it?',
      answer: 'There was air left, and some of the sound went through what the bell hangs on.',
      when: s => s.outcome === 'heard' || s.outcome === 'faint',
    },
    {
      ask: 'Could you hear a bell on the Moon?',
      answer: 'No: there is no air to carry it. Through the ground, with your helmet on it, you could.',
    },
  ],
  elsewhere: [
    'Space is silent.',
    'Double windows with thin gas.',
    'Vacuum flasks keep sound as well as heat.',
    'Thin mountain air carries less far.',
  ],
}
