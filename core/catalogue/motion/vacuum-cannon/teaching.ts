/** Why it ends so, and what to tell a class. */
import { atWorst, sideBySide } from '../../../demonstration'
import { soundSpeed } from '../../../mechanisms/ball-in-tube'
import { simulate, type VacuumCannon } from './simulate'
import { asEnergy, asForce, asLength, asPressure, asShare, asSpeed, asTime, say } from '../../../sentence'

export const why: VacuumCannon['why'] = (values, s) => [
  say`The room pushes with ${asPressure(values.numbers.stationPressure)} on
    ${asLength(values.numbers.ballDiameter)}: the ball leaves at ${asSpeed(s.results.muzzleSpeed)},
    ${asShare(s.results.muzzleSpeed / soundSpeed(values.numbers.airTemperature))} of the speed of sound, after
    ${asTime(s.results.hush ?? 0)}.`,
  say`It can't get much faster, however long the tube: the air behind has to run after it and gets thin; what was
    left ahead (${asPressure(s.results.finalPressure)}) is squeezed together. The lumped estimate gives
    ${asSpeed(s.results.lumpedSpeed)}.`,
]

export const advice: NonNullable<VacuumCannon['advice']> = (_values, s, risk) => [
  {
    text: say`Keep ${asLength(atWorst(risk, 'exclusion'), { toward: 'above' })} (99 of 100 shots stay within) forward
      of the muzzle clear if the backstop should fail, and pump for ${asTime(s.results.timeToPump)}.`,
  },
]

export const explanation: VacuumCannon['explanation'] = (_values, s) => [
  {
    from: 7,
    text:
      'We took the air out in front of the ball. When the foil breaks, all the air of the room rushes ' +
      'in behind and pushes the ball out.',
  },
  {
    from: 11,
    text: say`Nothing is lit and nothing explodes: ordinary air does it. With nothing in the way the ball gets to
      ${asSpeed(s.results.muzzleSpeed)}.`,
  },
  {
    from: 14,
    text: say`Work is force times way: ${asForce(s.results.foilForce)} along the tube would make more energy than
      the ${asEnergy(s.results.energy)} of the ball: the rest went into the air that runs along.`,
  },
  {
    from: 16,
    text: say`Behind a running piston p = p0 (1 − (γ−1)u/2c)^(2γ/(γ−1)): at half the speed of sound only half is
      left. Ahead a shock forms; at ${asPressure(300)} it hardly matters, at ${asPressure(10000)} it does. Ayars
      and Buchholtz (2004) treat the air as a lump that is accelerated with the ball: p A t = (m + ρ A x) v.`,
  },
]

export const teaching: VacuumCannon['teaching'] = {
  wrongIdea: {
    idea: 'The vacuum sucks the ball out.',
    answer: 'The ball flies away from the hole that was pierced: it is pushed from behind.',
  },
  before: ['Which foil must I pierce?', 'Can it get faster than sound?'],
  after: ['Where did the rest of the work go?', 'Would a heavier ball be slower?'],
  elsewhere: ['Pneumatic post.', 'Tube trains pushed by air.', 'A cork from a popgun.', 'Dust in a wind tunnel.'],
}

export const variants: NonNullable<VacuumCannon['variants']> = values =>
  sideBySide(
    'Tubes side by side',
    values,
    simulate,
    ['muzzleSpeed', 'timeToPump', 'exclusion'],
    [0.5, 1, 1.5, 2].map(factor => ({
      name: say`${asLength(values.numbers.tubeLength * factor)}`,
      numbers: { tubeLength: values.numbers.tubeLength * factor },
    })),
  )
