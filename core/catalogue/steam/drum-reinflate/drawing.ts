import { steamScene } from '../scene'
import type { DrumReinflate } from './simulate'

export const drawing: DrumReinflate['drawing'] = (values, s, time) =>
  steamScene(values, s, time, {
    shape: 'drum',
    closure: 'relief',
    cooling: '',
    heat: 'flame',
    diameter: values.numbers.vesselDiameter,
    height: values.numbers.vesselHeight,
    mouth: values.numbers.mouthDiameter,
    hoopSpacing: values.numbers.vesselHeight / 3,
  })
