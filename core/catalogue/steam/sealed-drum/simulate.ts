/** A steel drum boiled out, closed and cooled. */
import type { Detail, Simulation, Values } from '../../../demonstration'
import { cylinderVessel } from '../../../mechanisms/steam-vessel'
import { SOLIDS, type SolidName } from '../../../substances/solids'
import { unsupportedLength, vonMisesBuckling } from '../../../vessels/buckling'
import { outerSurface } from '../../../vessels/cylinder'
import { boilSealCool, type MetalVessel } from '../metal-vessel'

export function drumOf({ numbers: n, choices }: Values): MetalVessel {
  const solid = SOLIDS[choices.wallMaterial as SolidName]
  const shell = { diameter: n.vesselDiameter!, height: n.vesselHeight!, wallThickness: n.wallThickness! }
  const free = unsupportedLength(shell.height, n.hoopSpacing!, n.hoopHolding!)
  const perfect = vonMisesBuckling({ ...shell, height: free }, solid)
  return {
    vessel: cylinderVessel({ ...shell, capacity: n.vesselVolume!, mouthDiameter: n.mouthDiameter! }, solid),
    surface: outerSurface(shell), criticalDifference: n.knockDown! * perfect.pressure,
    details: { lobes: perfect.lobes, unsupportedLength: free },
  }
}

export const simulate = (values: Values, detail: Detail, refinement = 1): Simulation => boilSealCool(values, drumOf(values), detail, refinement)
