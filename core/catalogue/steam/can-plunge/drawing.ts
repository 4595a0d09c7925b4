import { valueAt } from '../../../demonstration'
import type { Scene, Traced } from '../../../demonstration'
import { bodyOf, type CrushedShell, type ShellPlan } from '../../../vessels/crushed-shape'
import { steamScene } from '../scene'
import type { CanPlungeValues } from './inputs'
import type { CanPlungeRun } from './simulate'

/** What the cross-section shows at a time on the staging's clock. */
export function drawing(values: CanPlungeValues, simulation: CanPlungeRun, time: number): Scene {
  const n = values.numbers
  return steamScene(values, simulation, time, {
    shape: 'cylinder',
    closure: 'mouth',
    cooling: 'bath',
    heat: 'flame',
    diameter: n.vesselDiameter,
    height: n.vesselHeight,
    mouth: n.mouthDiameter,
    mouthDepth: n.mouthDepth,
    bathVolume: n.bathVolume,
  })
}

/** What has become of its wall at a time. */
export const shell = (values: CanPlungeValues, s: Traced<CanPlungeRun>, time: number): CrushedShell => {
  const plan: ShellPlan = { kind: 'round', diameter: values.numbers.vesselDiameter }
  return {
    plan,
    ...bodyOf(plan, values.numbers.vesselHeight, values.numbers.vesselVolume),
    lobes: s.details.lobes,
    lost: valueAt(s.trace, 'volumeLost', time),
    hoops: [],
  }
}
