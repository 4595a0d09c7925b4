import type { Scene, Traced } from '../../../demonstration'
import type { CrushedShell } from '../../../vessels/crushed-shell'
import { steamScene } from '../scene'
import type { CanPlungeValues } from './inputs'
import type { CanPlungeRun } from './simulate'
import { shellAt } from '../shell'

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
export const shell = (values: CanPlungeValues, s: Traced<CanPlungeRun>, time: number): CrushedShell =>
  shellAt(
    values.numbers,
    { plan: { kind: 'round', diameter: values.numbers.vesselDiameter }, lobes: s.details.lobes },
    s.trace,
    time,
  )
