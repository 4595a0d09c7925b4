import { bodyOf, type ShellPlan } from '../../../vessels/crushed-shape'
import { valueAt } from '../../../demonstration'
import { steamScene } from '../scene'
import { drumOf, type SealedDrum } from './simulate'

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

/** Hoops that stand apart evenly, none at the ends. */
const hoopsOf = (height: number, spacing: number): number[] => {
  const count = Math.max(0, Math.round(height / spacing) - 1)
  return Array.from({ length: count }, (_, i) => (height * (i + 1)) / (count + 1))
}

export const shell: NonNullable<SealedDrum['shell']> = (values, s, time) => {
  const plan: ShellPlan = { kind: 'round', diameter: values.numbers.vesselDiameter }
  const body = bodyOf(plan, values.numbers.vesselHeight, values.numbers.vesselVolume)
  return {
    plan,
    ...body,
    lobes: drumOf(values).details.lobes,
    lost: valueAt(s.trace, 'volumeLost', time),
    hoops: hoopsOf(body.height, values.numbers.hoopSpacing),
  }
}
