import { steamScene, type Look } from '../scene'
import { round, tinOf, tinPlan } from '../tin-wall'
import type { SealedTin } from './simulate'
import { shellAt } from '../shell'

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

export const shell: NonNullable<SealedTin['shell']> = (values, s, time) =>
  shellAt(values.numbers, { plan: tinPlan(values), lobes: tinOf(values).details.lobes }, s.trace, time)
