/** What is seen of it at a moment. */
import type { Demonstration } from '../../../demonstration'
import { steamDrawing } from '../drawing'

export const drawing: Demonstration['drawing'] = (values, s, time) => steamDrawing(values, s, time, {
    shape: 'tank', closure: 'vent', cooling: values.choices.coolingMethod === 'spray' ? 'inside' : values.choices.coolingMethod!, heat: '', diameter: values.numbers.vesselDiameter!, height: values.numbers.vesselHeight!, mouth: 0.2,
    more: { hoopSpacing: values.numbers.hoopSpacing!, vent: values.numbers.leakArea! },
  })
