/** What is stated, and what does not go together. */
import { blank, coefficient, ROOM_INPUTS, defineInputs, over, type ValuesOf, type Check } from '../../../demonstration'
import { saturationTemperature } from '../../../substances/water'
import { jarBears, jarFits, jarInputs, LEAK, PUMP_INPUTS, pumpChoice, pumpingTime } from '../inputs'
import { atMost, volumeAtMost } from '../../fits'
import { crossSection } from '../../../vessels/cylinder'
import { neededStart } from './simulate'
import { asLength, asPressure, asTemperature, say } from '../../../sentence'

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  ...jarInputs(1.6e-3, 0.12, 0.16),
  blank('waterVolume', 'water', 'mL', 'water', 80e-6, [2e-6, 5e-3], [20e-6, 300e-6], 0.04),
  blank(
    'waterTemperature',
    'its temperature',
    'degC',
    'water',
    273.15 + 66,
    [274.15, 372],
    [293.15, 363.15],
    { shape: 'normal', absolute: 1.5 },
    { lever: [-10, -5, 5, 10] },
  ),
  blank('beakerDiameter', 'beaker across', 'cm', 'vessel', 0.06, [0.01, 0.3], [0.03, 0.12], 0.03),
  pumpChoice('hand'),
  ...PUMP_INPUTS,
  pumpingTime(120),
  LEAK,
  coefficient(
    'boilingOver',
    'pressure over the jar’s that it needs to start',
    'kPa',
    600,
    [0, 10e3],
    [100, 3e3],
    0.4,
    'depth of the water and a little superheat: a few hundred Pa with a boiling chip, kilopascals in ' +
      'clean glass; assumption',
  ),
  coefficient(
    'evaporation',
    'how fast a still surface gives off vapour',
    '%',
    1,
    [0.05, 20],
    [0.3, 5],
    0.4,
    '100 %: 3.8e-8 kg/(m2 s Pa), still pools in still air (ASHRAE Handbook HVAC Applications (2019), ' +
      'ch. 6), from memory; thinner air lets more through',
  ),
])
export type LowPressureBoilValues = ValuesOf<typeof inputs>

export const check: Check<LowPressureBoilValues> = values => {
  const n = values.numbers
  const needed = neededStart(values)
  const depth = n.waterVolume / crossSection(n.beakerDiameter)
  const faults = [
    ...jarBears(values),
    ...jarFits(values),
    ...atMost(values, 'beakerDiameter', 'jarDiameter', 'what stands under the jar'),
    ...volumeAtMost(values, 'waterVolume', 0.6 * n.jarVolume, 'six tenths of the jar'),
    ...(over(depth, n.jarHeight)
      ? [
          {
            input: 'beakerDiameter',
            message: say`given ${asLength(n.beakerDiameter, { digits: 4 })}; accepted: at least
              ${asLength(n.beakerDiameter * Math.sqrt(depth / n.jarHeight), { digits: 4, toward: 'above' })}, in which
              so much water does not stand higher than the jar`,
          },
        ]
      : []),
  ]
  if (n.waterTemperature < needed) {
    faults.push({
      input: 'waterTemperature',
      message: say`given ${asTemperature(n.waterTemperature, { digits: 4 })}; accepted: at least
        ${asTemperature(needed, { digits: 4, toward: 'above' })}, because this pump gets down to
        ${asPressure(n.ultimatePressure, { digits: 4 })} at best and water boils there at
        ${asTemperature(saturationTemperature(Math.max(700, n.ultimatePressure)), { digits: 4 })}. Warmer water,
        or a pump that reaches lower`,
    })
  }
  if (n.waterTemperature >= saturationTemperature(n.stationPressure))
    faults.push({
      input: 'waterTemperature',
      message: say`given ${asTemperature(n.waterTemperature, { digits: 4 })}; accepted: below
        ${asTemperature(saturationTemperature(n.stationPressure), {
          digits: 4,
          toward: 'below',
        })}, where it boils here in the
        open`,
    })
  return faults
}
