import { steamDrawing } from '../drawing'
import type { DrumReinflate } from './simulate'

export const drawing: DrumReinflate['drawing'] = (values, s, time) =>
  steamDrawing(values, s, time, {
    shape: 'drum',
    closure: 'relief',
    cooling: '',
    heat: 'flame',
    diameter: values.numbers.vesselDiameter,
    height: values.numbers.vesselHeight,
    mouth: values.numbers.mouthDiameter,
    more: { hoopSpacing: values.numbers.vesselHeight / 3 },
  })
