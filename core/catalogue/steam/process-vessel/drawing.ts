import { steamScene } from '../scene'
import type { ProcessVessel } from './simulate'

export const drawing: ProcessVessel['drawing'] = (values, s, time) =>
  steamScene(values, s, time, {
    shape: 'tank',
    closure: 'vent',
    cooling: values.choices.coolingMethod === 'spray' ? 'inside' : values.choices.coolingMethod,
    heat: '',
    diameter: values.numbers.vesselDiameter,
    height: values.numbers.vesselHeight,
    mouth: 0.2,
    coolant: values.numbers.bathTemperature,
    hoopSpacing: values.numbers.hoopSpacing,
    vent: values.numbers.leakArea,
  })
