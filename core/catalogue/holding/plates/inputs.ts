/** What is stated, and what does not go together. */
import {
  blank,
  coefficient,
  ROOM_INPUTS,
  defineInputs,
  type ValuesOf,
  type Check,
  type Values,
} from '../../../demonstration'
import { sphereVolume } from '../../../vessels/sphere'
import { volumeAtMost } from '../../fits'
import { PUMP_INPUTS, pumpChoice, pumpingTime } from '../../vacuum/inputs'

export const hemispheres = ({ choices }: Values): boolean => choices.pairShape === 'hemispheres'

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  {
    id: 'pairShape',
    name: 'pair',
    kind: 'choice',
    group: 'vessel',
    default: 'discs',
    choices: [
      { id: 'discs', name: 'flat plates' },
      { id: 'hemispheres', name: 'half-spheres' },
    ],
  },
  blank('sealDiameter', 'inside of the seal', 'cm', 'vessel', 0.16, [0.02, 0.6], [0.06, 0.3], 0.015),
  blank(
    'chamberVolume',
    'air between them',
    'mL',
    'vessel',
    v =>
      hemispheres(v)
        ? sphereVolume(v.numbers.sealDiameter!)
        : (Math.PI / 4) * v.numbers.sealDiameter! * v.numbers.sealDiameter! * 0.008,
    [1e-6, 0.1],
    [10e-6, 3e-3],
    0.1,
  ),
  pumpChoice('hand', true),
  ...PUMP_INPUTS,
  pumpingTime(60),
  blank(
    'waitTime',
    'valve shut until the load',
    's',
    'load',
    20,
    [0, 3600],
    [2, 120],
    { shape: 'lognormal', relative: 0.3 },
    { lever: [-10, 40] },
  ),
  blank('loadMass', 'what hangs or pulls, as a mass', 'kg', 'load', 45, [0.1, 3000], [5, 120], 0.03, {
    lever: [-15, 15],
  }),
  blank('hangTime', 'it hangs for', 's', 'load', 10, [0.5, 600], [2, 60], { shape: 'lognormal', relative: 0.3 }),
  coefficient(
    'jerk',
    'pull against the weight at rest',
    '1',
    1.35,
    [1, 4],
    [1, 2.5],
    { shape: 'triangular', below: 0.25, above: 0.55 },
    'somebody who hangs on carefully; a jump doubles it and more; assumption',
  ),
  coefficient(
    'straightness',
    'share of the force when not pulled quite straight',
    '%',
    0.85,
    [0.2, 1],
    [0.6, 1],
    { shape: 'uniform', below: 0.15, above: 0.12 },
    'a pull beside the middle parts one edge first; assumption',
  ),
  coefficient(
    'leakArea',
    'leak of the seal',
    'mm2',
    3e-10,
    [0, 1e-6],
    [0, 1e-8],
    0.9,
    'a clean greased ring keeps for minutes; a hair in it does not; measure by watching the gauge',
  ),
])
export type PlatesValues = ValuesOf<typeof inputs>

/** Two half-spheres hold most; a tape and a measuring jug agree so well. */
const MOST_OF_SPHERE = 1.1

export const check: Check<PlatesValues> = values =>
  volumeAtMost(
    values,
    'chamberVolume',
    MOST_OF_SPHERE * sphereVolume(values.numbers.sealDiameter),
    'what two half-spheres of that seal enclose',
  )
