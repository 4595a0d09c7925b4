/** What is stated, and what does not go together. */
import { blank, coefficient, ROOM_INPUTS, defineInputs, type ValuesOf, type Check } from '../../../demonstration'
import { RUBBER, slackBalloon } from '../../vacuum/rubber-inputs'
import { asLength, say } from '../../../sentence'

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  {
    id: 'balloonShape',
    name: 'balloon',
    kind: 'choice',
    group: 'load',
    default: 'round',
    lever: true,
    source: 'Round ones are at hand; long ones keep their pressure and their small front, and run faster.',
    choices: [
      { id: 'round', name: 'round balloon' },
      { id: 'long', name: 'long balloon' },
    ],
  },
  slackBalloon(0.06),
  blank(
    'blownTo',
    'blown to (a long one: as a ball of the same air)',
    'cm',
    'load',
    0.24,
    [0.05, 0.6],
    [0.12, 0.35],
    0.04,
    { lever: [-0.05, 0.04] },
  ),
  blank('nozzleDiameter', 'nozzle', 'mm', 'load', 0.009, [0.001, 0.04], [0.004, 0.02], 0.05, {
    lever: [-0.003, 0.004],
  }),
  blank('rubberMass', 'empty balloon', 'g', 'load', 2.4e-3, [0.3e-3, 0.05], [1e-3, 8e-3], 0.03),
  blank('strawMass', 'straw and tape', 'g', 'load', 1.2e-3, [0.1e-3, 0.1], [0.5e-3, 5e-3], 0.05),
  blank('lineLength', 'line', 'm', 'vessel', 8, [0.5, 100], [3, 20], 0.01, { lever: [-3, 4] }),
  blank('lineSlope', 'climbs, for its length', '%', 'vessel', 0, [-0.5, 1], [0, 0.3], {
    shape: 'normal',
    absolute: 0.01,
  }),
  coefficient(
    'lineFriction',
    'friction of straw on line',
    '%',
    0.25,
    [0.01, 2],
    [0.1, 0.6],
    0.25,
    'plastic on nylon line 0.15 to 0.3, on cotton more; CRC Handbook, from memory',
  ),
  coefficient(
    'nozzleFlow',
    'share of the nozzle that the jet fills',
    '%',
    0.75,
    [0.2, 1],
    [0.5, 0.98],
    { shape: 'uniform', below: 0.13, above: 0.13 },
    'a soft neck flutters; a short tube in it 0.8 (White, sect. 6.10)',
  ),
  coefficient(
    'dragRound',
    'drag coefficient of a round balloon',
    '1',
    0.5,
    [0.1, 1.5],
    [0.3, 0.8],
    0.15,
    'sphere below the drag crisis, White, fig. 7.16',
  ),
  coefficient(
    'dragLong',
    'drag coefficient of a long balloon',
    '1',
    0.35,
    [0.05, 1.5],
    [0.2, 0.8],
    0.25,
    'rounded rod along the flow, White, table 7.3',
  ),
  ...RUBBER,
])
export type BalloonLineValues = ValuesOf<typeof inputs>

export const check: Check<BalloonLineValues> = ({ numbers: n }) =>
  n.nozzleDiameter > 0.6 * n.balloonSlack
    ? [
        {
          input: 'nozzleDiameter',
          message: say`given ${asLength(n.nozzleDiameter, { digits: 4 })}; accepted: at most
            ${asLength(0.6 * n.balloonSlack, { digits: 4, toward: 'below' })}, six tenths of the slack balloon`,
        },
      ]
    : []
