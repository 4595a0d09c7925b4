/** What is seen of it at a moment. */
import type { Demonstration } from '../../../demonstration'
import { steamDrawing } from '../drawing'

export const drawing: Demonstration['drawing'] = (values, s, time) => steamDrawing(values, s, time, {
    shape: 'drum', closure: 'relief', cooling: '', heat: 'flame', diameter: values.numbers.vesselDiameter!, height: values.numbers.vesselHeight!, mouth: values.numbers.mouthDiameter!, more: { hoopSpacing: values.numbers.vesselHeight! / 3 },
  })
