/** Why it ends so, and what to tell a class. */
import { kilopascals, percent, seconds } from '../../../demonstration'
import { formatQuantity } from '../../../units'
import type { ProcessVessel } from './simulate'

export const teaching: ProcessVessel['teaching'] = {
  wrongIdea: {
    idea: 'A strong tank for pressure is strong for vacuum as well.',
    answer:
      'Pressure from inside stretches a wall, pressure from outside buckles it. Tanks that hold several ' +
      'bar inside cave in at a tenth of one outside.',
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
  `To stay within ${kilopascals(values.numbers.ratedVacuum)} of the room it needs about ` +
    `${formatQuantity(r.reliefArea, 'cm2', 'area', 2)} of free opening; ` +
    `${formatQuantity(values.numbers.leakArea, 'cm2', 'area', 2)} is open.`,
  r.talkTime === undefined
    ? 'It never goes past its rating.'
    : `It goes past its rating after ${seconds(r.talkTime)}` +
      (r.hush === undefined ? '' : ` and the shell gives way after ${seconds(r.hush)}`) +
      '.',
  `With everything shut and cold it could fall to ${kilopascals(r.floorPressure)}: only the ` +
    `${percent(r.residualAirFraction)} of air left inside would still push back.`,
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
    text:
      `${formatQuantity(r.steamMass, 'kg', 'mass', 2)} of steam fills this tank; as water it would fill ` +
      'a bucket. A cold rinse condenses it so fast that an opening of ' +
      `${formatQuantity(r.reliefArea, 'cm2', 'area', 2)} is needed.`,
  },
  {
    from: 16,
    text:
      'The vent must pass air at the rate at which steam condenses while the difference stays at the ' +
      `rated ${kilopascals(values.numbers.ratedVacuum)}: area = ṁ/√(2ρΔp). A thin-walled tank may hold ` +
      'pressure from inside well and yet buckle at a small difference from outside.',
  },
]
