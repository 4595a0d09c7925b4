import { steamDrawing } from '../drawing'
import type { SealedDrum } from './simulate'

export const drawing: SealedDrum['drawing'] = (values, s, time) =>
  steamDrawing(values, s, time, {
    shape: 'drum',
    closure: 'bung',
    cooling: values.choices.coolingMethod,
    heat: 'flame',
    diameter: values.numbers.vesselDiameter,
    height: values.numbers.vesselHeight,
    mouth: values.numbers.mouthDiameter,
    more: { hoopSpacing: values.numbers.hoopSpacing, poolDepth: values.numbers.poolDepth },
  })
