/** What is stated, and what does not go together. */
import { blank, coefficient, ROOM_INPUTS, defineInputs, type ValuesOf, type Check, over } from '../../../demonstration'
import { LEAK, PUMP_INPUTS, pumpChoice, pumpingTime, target } from '../../vacuum/inputs'
import { asLength, say } from '../../../sentence'

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  blank('tubeLength', 'tube', 'm', 'vessel', 1.8, [0.2, 8], [0.8, 3], 0.005, { lever: [-0.6, 0.7] }),
  blank('tubeDiameter', 'inside across', 'mm', 'vessel', 0.0405, [0.01, 0.15], [0.03, 0.06], 0.003),
  blank('ballDiameter', 'ball across', 'mm', 'load', 0.04, [0.005, 0.15], [0.03, 0.05], 0.002),
  blank('ballMass', 'ball', 'g', 'load', 2.7e-3, [0.3e-3, 0.1], [1e-3, 0.01], 0.01),
  pumpChoice('two-stage'),
  ...PUMP_INPUTS,
  target(300, [-200, 2000, 10e3]),
  pumpingTime(180),
  blank('muzzleHeight', 'muzzle over the floor', 'm', 'load', 1, [0, 5], [0.5, 2], 0.02),
  blank('wantedSpeed', 'fast enough from', 'm/s', 'load', 150, [5, 330], [50, 250], 0),
  LEAK,
  coefficient(
    'inrush',
    'push behind the ball, against the simple expansion wave',
    '%',
    1,
    [0.3, 3],
    [0.7, 1.8],
    { shape: 'triangular', below: 0.3, above: 1.3 },
    'published models differ: at 1.8 m 249 m/s for a lumped mass (Ayars & Buchholtz 2004), 266 to 272 ' +
      'for the wave, 310 to 324 for one-dimensional gas dynamics, where compression behind the ball ' +
      'helps; what is left of the foil takes some away; measure one shot',
  ),
  coefficient(
    'friction',
    'rubbing, against the ball’s weight',
    '1',
    0.5,
    [0, 50],
    [0, 5],
    0.5,
    'a ball that rolls and bounces; small against a hundred newtons of push; assumption',
  ),
])
export type VacuumCannonValues = ValuesOf<typeof inputs>

export const check: Check<VacuumCannonValues> = ({ numbers: n }) =>
  over(n.ballDiameter, n.tubeDiameter)
    ? [
        {
          input: 'ballDiameter',
          message: say`given ${asLength(n.ballDiameter, { digits: 4 })}; accepted: at most the tube,
            ${asLength(n.tubeDiameter, { digits: 4, toward: 'below' })}`,
        },
      ]
    : []
