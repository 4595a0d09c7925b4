import { steamScene } from '../scene'
import { flaskOf } from './inputs'
import type { FlaskFountain } from './simulate'

export const drawing: FlaskFountain['drawing'] = (values, s, time) =>
  steamScene(values, s, time, {
    shape: 'flask',
    closure: 'stem',
    cooling: 'bath',
    heat: 'flame',
    diameter: flaskOf(values).diameter,
    height: flaskOf(values).height,
    mouth: values.numbers.stemDiameter,
    stemLength: values.numbers.stemLength,
    mouthDepth: values.numbers.mouthDepth,
    bathVolume: values.numbers.bathVolume,
  })
