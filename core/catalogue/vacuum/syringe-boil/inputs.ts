/** What is stated, and what does not go together. */
import { blank, type Check, coefficient, defineInputs, ROOM_INPUTS, type ValuesOf } from '../../../demonstration'
import { saturationTemperature } from '../../../substances/water'
import { heldByHand, withinMarks } from '../syringe-checks'
import { asTemperature, asVolume, say } from '../../../sentence'

export const inputs = defineInputs([
  ...ROOM_INPUTS,
  blank('barrelVolume', 'syringe up to its last mark', 'mL', 'vessel', 60e-6, [1e-6, 300e-6], [10e-6, 150e-6], 0, {
    tells: 'vessel',
  }),
  blank('bore', 'inside of the barrel', 'mm', 'vessel', 0.0267, [4e-3, 0.05], [0.01, 0.04], 0.01),
  blank('waterVolume', 'water drawn up', 'mL', 'water', 12e-6, [0.2e-6, 200e-6], [2e-6, 40e-6], 0.03, {
    lever: [-5e-6, 5e-6],
  }),
  blank(
    'waterTemperature',
    'its temperature',
    'degC',
    'water',
    273.15 + 50,
    [274.15, 273.15 + 65],
    [288.15, 273.15 + 60],
    { shape: 'normal', absolute: 1 },
    { lever: [-15, -5, 5] },
  ),
  blank('airLeft', 'air left in when the nozzle is shut', 'mL', 'load', 0.5e-6, [0.02e-6, 50e-6], [0.1e-6, 5e-6], 0.2, {
    lever: [0.5e-6, 2e-6],
  }),
  blank('pullTo', 'plunger drawn out to the mark', 'mL', 'pump', 50e-6, [1e-6, 300e-6], [10e-6, 150e-6], 0.01, {
    lever: [-10e-6],
  }),
  blank('pullTime', 'pulled in', 's', 'pump', 1.5, [0.1, 60], [0.5, 10], { shape: 'lognormal', relative: 0.2 }),
  blank('holdTime', 'held there for', 's', 'load', 6, [0.2, 600], [2, 30], { shape: 'lognormal', relative: 0.2 }),
  coefficient(
    'boilingOver',
    'pressure over the gas’s that it needs to start',
    'kPa',
    1500,
    [0, 10e3],
    [200, 5e3],
    0.5,
    'scratches in plastic hold air to begin from; clean glass asks for kilopascals; assumption',
  ),
  coefficient(
    'evaporation',
    'how fast a still surface gives off vapour',
    '%',
    1,
    [0.05, 20],
    [0.3, 5],
    0.4,
    '100 %: 3.8e-8 kg/(m2 s Pa), still pools in still air (ASHRAE Handbook HVAC Applications (2019), ch. 6), from ' +
      'memory; thinner air lets more through',
  ),
  coefficient(
    'leakArea',
    'leak of cap and plunger',
    'mm2',
    3e-11,
    [0, 1e-8],
    [0, 1e-9],
    0.9,
    'a good one holds its mark for half a minute; assumption, measure it by letting go slowly: what is left is air',
  ),
])
export type SyringeBoilValues = ValuesOf<typeof inputs>

export const check: Check<SyringeBoilValues> = values => {
  const n = values.numbers
  const boiling = saturationTemperature(n.stationPressure)
  const faults = [...withinMarks(values, 'pullTo'), ...heldByHand(values, n.stationPressure)]
  if (n.waterTemperature >= boiling) {
    faults.push({
      input: 'waterTemperature',
      message: say`given ${asTemperature(n.waterTemperature, { digits: 4 })}; accepted: below
        ${asTemperature(boiling, { digits: 4, toward: 'below' })}, where it boils in the open`,
    })
  }
  if (n.waterVolume + n.airLeft > 0.95 * n.pullTo) {
    faults.push({
      input: 'waterVolume',
      message: say`given ${asVolume(n.waterVolume, { digits: 4 })} with ${asVolume(n.airLeft, { digits: 4 })} of
        air; accepted: together at most ${asVolume(0.95 * n.pullTo, {
          digits: 4,
          toward: 'below',
        })}, or there is nothing left to
        pull`,
    })
  }
  return faults
}
