import { steamDrawing } from '../drawing'
import { round } from '../tin-wall'
import type { SealedTin } from './simulate'

export const drawing: SealedTin['drawing'] = (values, s, time) =>
  steamDrawing(values, s, time, {
    shape: round(values) ? 'cylinder' : 'box',
    closure: 'cap',
    cooling: values.choices.coolingMethod,
    heat: 'flame',
    diameter: values.numbers.vesselWidth,
    height: values.numbers.vesselHeight,
    mouth: values.numbers.mouthDiameter,
    more: { poolDepth: values.numbers.poolDepth },
  })
