/** Why it ends so, and what to tell a class. */
import type { ProcessVessel } from './simulate'
import { asArea, asMass, asPressure, asShare, asTime, say } from '../../../sentence'

export const teaching: ProcessVessel['teaching'] = {
  wrongIdea: {
    idea: 'A strong tank for pressure is strong for vacuum as well.',
    answer:
      'Pressure from inside stretches a wall, pressure from outside buckles it. Tanks that hold several ' +
      'times the pressure of the room inside cave in at a tenth of it outside.',
  },
  before: ['What changes when the vent is shut?', 'How much must a vent let in?'],
  after: ['What would have prevented it?', 'Why is a cold rinse worse than waiting?'],
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
    ? 'It never goes past its rating.'
    : say`It goes past its rating after
      ${asTime(r.talkTime)}${r.hush === undefined ? '' : say` and the shell gives way after ${asTime(r.hush)}`}.`,
  say`With everything shut and cold it could fall to ${asPressure(r.floorPressure)}: only the
    ${asShare(r.residualAirFraction)} of air left inside would still push back.`,
]

export const explanation: ProcessVessel['explanation'] = (values, { results: r }) => [
  {
    from: 7,
    text:
      'A big tank full of steam is like a big can full of steam. If no air can get in when it cools, ' +
      'the air outside pushes it in.',
  },
  {
    from: 11,
    text:
      'Works clean tanks with steam. When the steam turns back into water, air must be let in, or the ' +
      'air outside crushes the tank. That is what the vent is for.',
  },
  {
    from: 14,
    text: say`${asMass(r.steamMass)} of steam fills this tank; as water it would fill a bucket. A cold rinse
      condenses it so fast that an opening of ${asArea(r.reliefArea)} is needed.`,
  },
  {
    from: 16,
    text: say`The vent must pass air at the rate at which steam condenses while the difference stays at the rated
      ${asPressure(values.numbers.ratedVacuum)}: area = ṁ/√(2ρΔp). A thin-walled tank may hold pressure from
      inside well and yet buckle at a small difference from outside.`,
  },
]
