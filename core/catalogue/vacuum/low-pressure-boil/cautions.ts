import { applying, scald } from '../../../cautions'
import { jarCautions, jarFailure, jarGates } from '../cautions'
import type { LowPressureBoil } from './simulate'

/** Beaker filled over this share boils over. Common practice. */
const HALF = 0.5

export const gates = jarGates('water')
export const cautions: LowPressureBoil['cautions'] = (values, _s, risk) => {
  const { waterTemperature, waterVolume, beakerDiameter } = values.numbers
  const full = waterVolume / (0.785 * beakerDiameter * beakerDiameter * 1.3 * beakerDiameter)
  return applying(
    scald(waterTemperature, waterVolume, 'water', 'Water from the kettle', 'scald-kettle'),
    jarCautions(values, risk),
    scald(waterTemperature, waterVolume, 'pump', 'Water that “boils” at less'),
    {
      id: 'bumping',
      step: 'pump',
      severity: full > HALF ? 'raised' : 'usual',
      covers: ['scald'],
      hazard: 'Without something rough in it the water may boil up all at once and get into the pump.',
      control: 'Boiling chip; beaker half full at most; trap in the line.',
    },
  )
}
export const afterFailure: LowPressureBoil['afterFailure'] = (_values, _s, _risk, outcome) =>
  jarFailure(
    'Measure the water: has it cooled below what this pump can boil? A boiling chip in it?',
    outcome === 'few'
      ? 'It only just began: a little warmer water, or a quicker pump.'
      : 'Warmer water, less time between kettle and pump, or a pump that reaches lower.',
  )
