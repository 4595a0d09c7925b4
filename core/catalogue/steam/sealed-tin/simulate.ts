/** A tin boiled out, capped and cooled. */
import type { Detail, Demonstration } from '../../../demonstration'
import { boxVessel, cylinderVessel } from '../../../mechanisms/steam-vessel'
import { SOLIDS, type SolidName } from '../../../substances/solids'
import { vonMisesBuckling } from '../../../vessels/buckling'
import { outerSurface } from '../../../vessels/cylinder'
import { differenceForDeflection, hingeDifference, type Panel } from '../../../vessels/flat-panel'
import { boilSealCool, type MetalVessel } from '../metal-vessel'
import type { SealedTinValues } from './inputs'

/** The largest panel of a box. */
function panelOf({ numbers: n }: SealedTinValues): Panel {
  const wide = Math.max(n.vesselWidth, n.vesselDepth)
  return { width: Math.min(wide, n.vesselHeight), length: Math.max(wide, n.vesselHeight), thickness: n.wallThickness }
}

export function tinOf(values: SealedTinValues): MetalVessel {
  const { numbers: n, choices } = values
  const solid = SOLIDS[choices.wallMaterial as SolidName]
  const measures = {
    capacity: n.vesselVolume,
    height: n.vesselHeight,
    wallThickness: n.wallThickness,
    mouthDiameter: n.mouthDiameter,
  }
  if (choices.vesselShape === 'cylinder') {
    const shell = { diameter: n.vesselWidth, height: n.vesselHeight, wallThickness: n.wallThickness }
    const perfect = vonMisesBuckling(shell, solid)
    return {
      vessel: cylinderVessel({ ...measures, diameter: shell.diameter }, solid),
      surface: outerSurface(shell),
      criticalDifference: n.knockDown * perfect.pressure,
      details: { lobes: perfect.lobes },
    }
  }
  const panel = panelOf(values)
  const width = n.vesselWidth
  const depth = n.vesselDepth
  return {
    vessel: boxVessel({ ...measures, width, depth }, solid),
    surface: 2 * (width + depth) * n.vesselHeight + 2 * width * depth,
    criticalDifference: (n.knockDown / SOUND_KNOCK_DOWN) * n.edgeHolding * hingeDifference(panel, solid.yieldStrength!),
    talkAt: differenceForDeflection(panel, solid, n.panelCrown),
    details: { lobes: 0 },
  }
}

/** The knock-down of a sound shell; a panel's strength is counted from a sound one, so only a dent lowers it. */
const SOUND_KNOCK_DOWN = 0.75

export const simulate = (values: SealedTinValues, detail: Detail, refinement = 1) =>
  boilSealCool(values, tinOf(values), detail, refinement)
export type SealedTinRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type SealedTin = Demonstration<SealedTinValues, SealedTinRun>
