import { steamDrawing } from '../drawing'
import { onHeat } from './procedure'
import type { BottleFill } from './simulate'

export const drawing: BottleFill['drawing'] = (values, s, time) =>
  steamDrawing(values, s, time, {
    shape: 'bottle',
    closure: values.numbers.stopperTime > 0 ? 'cap' : 'mouth',
    cooling: 'bath',
    heat: onHeat(values.choices) ? values.choices.fillMethod : '',
    diameter: values.numbers.vesselDiameter,
    height: values.numbers.vesselHeight,
    mouth: values.numbers.neckDiameter,
    more: {
      neckLength: values.numbers.neckLength,
      mouthDepth: values.numbers.mouthDepth,
      clearance: values.numbers.mouthClearance,
      bathVolume: values.numbers.bathVolume,
    },
  })
