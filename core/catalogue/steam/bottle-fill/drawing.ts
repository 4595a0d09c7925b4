import { steamScene } from '../scene'
import { onHeat } from './inputs'
import type { BottleFill } from './simulate'

export const drawing: BottleFill['drawing'] = (values, s, time) =>
  steamScene(values, s, time, {
    shape: 'bottle',
    closure: values.numbers.stopperTime > 0 ? 'cap' : 'mouth',
    cooling: 'bath',
    heat: !onHeat(values) ? '' : values.choices.fillMethod === 'microwave' ? 'microwave' : 'flame',
    diameter: values.numbers.vesselDiameter,
    height: values.numbers.vesselHeight,
    mouth: values.numbers.neckDiameter,
    neckLength: values.numbers.neckLength,
    mouthDepth: values.numbers.mouthDepth,
    bathVolume: values.numbers.bathVolume,
  })
