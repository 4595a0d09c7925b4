import { steamDrawing } from '../drawing'
import { flaskOf, type FlaskFountain } from './simulate'

export const drawing: FlaskFountain['drawing'] = (values, s, time) =>
  steamDrawing(values, s, time, {
    shape: 'flask',
    closure: 'stem',
    cooling: 'bath',
    heat: 'flame',
    diameter: flaskOf(values).diameter,
    height: flaskOf(values).height,
    mouth: values.numbers.stemDiameter,
    more: {
      stemLength: values.numbers.stemLength,
      mouthDepth: values.numbers.mouthDepth,
      bathVolume: values.numbers.bathVolume,
    },
  })
