import { bodyOf, type ShellPlan } from '../../../vessels/crushed-shape'
import { valueAt } from '../../../demonstration'
import { steamScene, type Look } from '../scene'
import { round, tinOf, tinPlan } from '../tin-wall'
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

export const shell: NonNullable<SealedTin['shell']> = (values, s, time) => {
  const plan: ShellPlan = tinPlan(values)
  return {
    plan,
    ...bodyOf(plan, values.numbers.vesselHeight, values.numbers.vesselVolume),
    lobes: tinOf(values).details.lobes,
    lost: valueAt(s.trace, 'volumeLost', time),
    hoops: [],
  }
}
