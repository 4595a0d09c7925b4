/** A steel drum boiled out, closed and cooled. */
import type { Detail, Demonstration } from '../../../demonstration'
import { cylinderVessel } from '../../../mechanisms/steam-vessel'
import { SOLIDS, type SolidName } from '../../../substances/solids'
import { unsupportedLength, vonMisesBuckling } from '../../../vessels/buckling'
import { outerSurface } from '../../../vessels/cylinder'
import { boilSealCool, type MetalVessel } from '../metal-vessel'
import type { SealedDrumValues } from './inputs'

export function drumOf({
  numbers: n,
  choices,
}: SealedDrumValues): MetalVessel<{ lobes: number; unsupportedLength: number }> {
  const solid = SOLIDS[choices.wallMaterial as SolidName]
  const shell = { diameter: n.vesselDiameter, height: n.vesselHeight, wallThickness: n.wallThickness }
  const free = unsupportedLength(shell.height, n.hoopSpacing, n.hoopHolding)
  const perfect = vonMisesBuckling({ ...shell, height: free }, solid)
  return {
    vessel: cylinderVessel(
      {
        capacity: n.vesselVolume,
        diameter: n.vesselDiameter,
        height: n.vesselHeight,
        wallThickness: n.wallThickness,
        mouthDiameter: n.mouthDiameter,
      },
      solid,
    ),
    surface: outerSurface(shell),
    criticalDifference: n.knockDown * perfect.pressure,
    details: { lobes: perfect.lobes, unsupportedLength: free },
  }
}

export const simulate = (values: SealedDrumValues, detail: Detail, refinement = 1) =>
  boilSealCool(values, drumOf(values), detail, refinement)
export type SealedDrumRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type SealedDrum = Demonstration<SealedDrumValues, SealedDrumRun>
