import { steamScene } from '../scene'
import { drumOf, type SealedDrum } from './simulate'
import { shellAt } from '../shell'

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

export const shell: NonNullable<SealedDrum['shell']> = (values, s, time) =>
  shellAt(
    values.numbers,
    {
      plan: { kind: 'round', diameter: values.numbers.vesselDiameter },
      lobes: drumOf(values).details.lobes,
      hoopSpacing: values.numbers.hoopSpacing,
    },
    s.trace,
    time,
  )
