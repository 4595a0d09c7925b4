/** Why it ends so, and what to tell a class. */
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
    : `At ${decibel(s.results.levelAfter)} it is still above what this room hides: a softer mount, a ` +
      'better vacuum or more distance.',
]

export const explanation: BellInVacuum['explanation'] = (values, s) => [
  {
    from: 7,
    text:
      'The bell shakes the air, the air shakes your ear. When we take the air away, nothing carries the ' +
      'shaking to you. The light still gets through: you can see it ring.',
  },
  {
    from: 11,
    text: say`Sound goes from particle to particle. With
      ${asShare(s.results.finalPressure / values.numbers.stationPressure)} of them left, little is passed on, and
      it is ${decibel(s.results.drop)} quieter.`,
  },
  {
    from: 14,
    text:
      'Every 10 dB sound about half as loud. Taking nine tenths of the air costs the path through the ' +
      `gas 20 dB; what still comes through the mount, ${decibel(s.results.mountFloor)}, sets the floor.`,
  },
  {
    from: 16,
    text:
      'The radiated pressure goes with ρ c: 20 log(p0/p). The speed of sound does not change, it ' +
      'depends on temperature alone. Long before molecules are too few to carry sound at all, the ' +
      'mismatch between bell, gas and glass has made it inaudible.',
  },
]

export const teaching: BellInVacuum['teaching'] = {
  wrongIdea: {
    idea: 'With no air at all left, sound is suddenly gone.',
    answer:
      'It fades with every stroke. A school pump leaves thousandths of the air; what is heard last ' +
      'mostly comes through the mount.',
  },
  before: ['Will you hear it at the end? Will you see it?', 'What carries sound from the bell to you?'],
  after: ['What is the last faint sound, and which way did it come?', 'Could you hear a bell on the Moon?'],
  elsewhere: [
    'Space is silent.',
    'Double windows with thin gas.',
    'Vacuum flasks keep sound as well as heat.',
    'Thin mountain air carries less far.',
  ],
}
