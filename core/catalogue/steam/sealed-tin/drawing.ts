/** What is seen of it at a moment. */
import type { Demonstration } from '../../../demonstration'
import { steamDrawing } from '../drawing'
import { round } from './inputs'

export const drawing: Demonstration['drawing'] = (values, s, time) => steamDrawing(values, s, time, {
    shape: round(values) ? 'cylinder' : 'box', closure: 'cap', cooling: values.choices.coolingMethod!, heat: 'flame',
    diameter: values.numbers.vesselWidth!, height: values.numbers.vesselHeight!, mouth: values.numbers.mouthDiameter!, more: { poolDepth: values.numbers.poolDepth! },
  })
