import { steamScene, type Look } from '../scene'
import { round } from '../tin-wall'
import type { SealedTin } from './simulate'

export const drawing: SealedTin['drawing'] = (values, s, time) =>
  steamScene(values, s, time, {
    shape: round(values) ? 'cylinder' : 'box',
    closure: 'cap',
    cooling: values.choices.coolingMethod as Look['cooling'],
    heat: 'flame',
    diameter: values.numbers.vesselWidth,
    height: values.numbers.vesselHeight,
    mouth: values.numbers.mouthDiameter,
    poolDepth: values.numbers.poolDepth,
  })
