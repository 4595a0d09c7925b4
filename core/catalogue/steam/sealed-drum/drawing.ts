import { steamScene } from '../scene'
import type { SealedDrum } from './simulate'

export const drawing: SealedDrum['drawing'] = (values, s, time) =>
  steamScene(values, s, time, {
    shape: 'drum',
    closure: 'bung',
    cooling: values.choices.coolingMethod,
    heat: 'flame',
    diameter: values.numbers.vesselDiameter,
    height: values.numbers.vesselHeight,
    mouth: values.numbers.mouthDiameter,
    hoopSpacing: values.numbers.hoopSpacing,
    poolDepth: values.numbers.poolDepth,
  })
