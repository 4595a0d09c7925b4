/** What is stated, and what does not go together. */
import { blank, ROOM_INPUTS, defineInputs, type ValuesOf, type Check } from '../../../demonstration'
import { jarBears, jarFits, jarInputs, LEAK, PUMP_INPUTS, pumpChoice, pumpingTime } from '../inputs'
import { lengthAtMost, volumeAtMost } from '../../fits'

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  ...jarInputs(),
  blank('trappedAir', 'air over the water', 'mL', 'vessel', 150e-6, [2e-6, 2e-3], [10e-6, 300e-6], 0.05, {
    lever: [-20e-6, 40e-6],
  }),
  blank('tubeBore', 'bore of the tube', 'mm', 'vessel', 0.004, [0.0005, 0.03], [0.002, 0.01], 0.03),
  blank('tubeHeight', 'tube above the water', 'cm', 'vessel', 0.16, [0.02, 0.7], [0.05, 0.22], 0.02),
  pumpChoice('kitchen'),
  ...PUMP_INPUTS,
  blank(
    'stopDifference',
    'stop when the jar is below the room by',
    'kPa',
    'pump',
    2.2e3,
    [20, 100e3],
    [200, 5e3],
    0.05,
    { lever: [-200, 200] },
  ),
  pumpingTime(60),
  LEAK,
])
export type JarBarometerValues = ValuesOf<typeof inputs>

export const check: Check<JarBarometerValues> = values => [
  ...jarBears(values),
  ...jarFits(values),
  ...lengthAtMost(values, 'tubeHeight', 0.95 * values.numbers.jarHeight, 'what goes under the jar'),
  ...volumeAtMost(values, 'trappedAir', 0.7 * values.numbers.jarVolume, 'seven tenths of the jar'),
]
