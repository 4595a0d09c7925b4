/** What a tin is and how strong its wall is: shared by the tin that steam empties and the one that a pump does. */
import { defineInputs, type Has, type SentencePart } from '../../demonstration'
import { boxVessel, cylinderVessel } from '../../mechanisms/steam-vessel'
import { SOLIDS, type SolidName } from '../../substances/solids'
import { vonMisesBuckling } from '../../vessels/buckling'
import type { ShellPlan } from '../../vessels/crushed-shell'
import { enclosedVolume, outerSurface } from '../../vessels/cylinder'
import { differenceForDeflection, hingeDifference, type Panel } from '../../vessels/flat-panel'
import { thinWall } from './checks'
import { atMost, capacityFits } from '../fits'
import { choice, quantities, quantity } from './inputs'
import type { MetalVessel } from './metal-vessel'

export const TIN_INPUTS = defineInputs([
  choice('vesselShape'),
  quantity('vesselVolume', { units: ['L', 'qt'], default: 5e-3, range: [0.3e-3, 30e-3], usual: [1e-3, 20e-3] }),
  ...quantities('vesselWidth', 'vesselDepth'),
  quantity('vesselHeight', { default: 0.285, range: [0.05, 0.8], usual: [0.12, 0.4] }),
  choice('wallMaterial', { default: 'steel' }),
  quantity('wallThickness', { default: 0.25e-3, range: [0.1e-3, 1.5e-3], usual: [0.18e-3, 0.5e-3] }),
  quantity('mouthDiameter', { default: 0.032, usual: [0.015, 0.06] }),
  choice('vesselCondition'),
])

/** A tin in a sentence, from its condition to its wall. */
export const TIN_WORDS: readonly SentencePart[] = [
  { input: 'vesselCondition' },
  ' ',
  { input: 'vesselShape' },
  ' ',
  { input: 'wallMaterial' },
  ' tin of ',
  { input: 'vesselVolume' },
  ': ',
  { input: 'vesselWidth' },
  ' wide (or across), ',
  { input: 'vesselDepth' },
  ' deep, ',
  { input: 'vesselHeight' },
  ' tall, ',
  { input: 'wallThickness' },
]

export type TinValues = Has<
  | 'vesselVolume'
  | 'vesselWidth'
  | 'vesselDepth'
  | 'vesselHeight'
  | 'wallThickness'
  | 'mouthDiameter'
  | 'knockDown'
  | 'edgeHolding'
  | 'panelCrown',
  'vesselShape' | 'wallMaterial'
>

export const round = ({ choices }: Has<never, 'vesselShape'>): boolean => choices.vesselShape === 'cylinder'

/** Across a tin. */
export const tinPlan = (values: TinValues): ShellPlan =>
  round(values)
    ? { kind: 'round', diameter: values.numbers.vesselWidth }
    : { kind: 'box', width: values.numbers.vesselWidth, depth: values.numbers.vesselDepth }

/** What does not go together in a tin. */
export const tinFits = (values: TinValues) => [
  ...capacityFits(
    values,
    'vesselVolume',
    round(values)
      ? enclosedVolume({ diameter: values.numbers.vesselWidth, height: values.numbers.vesselHeight })
      : values.numbers.vesselWidth * values.numbers.vesselDepth * values.numbers.vesselHeight,
    round(values) ? 'its width and height' : 'its width, depth and height',
  ),
  ...atMost(values, 'mouthDiameter', 'vesselWidth', "the tin's width"),
  ...(round(values) ? [] : atMost(values, 'mouthDiameter', 'vesselDepth', "the tin's depth")),
  ...thinWall(
    values,
    round(values) ? values.numbers.vesselWidth : Math.min(values.numbers.vesselWidth, values.numbers.vesselDepth),
  ),
]

/** The largest panel of a box. */
function panelOf({ numbers: n }: TinValues): Panel {
  const wide = Math.max(n.vesselWidth, n.vesselDepth)
  return { width: Math.min(wide, n.vesselHeight), length: Math.max(wide, n.vesselHeight), thickness: n.wallThickness }
}

export function tinOf(values: TinValues): MetalVessel<{ lobes: number }> {
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
  const criticalDifference =
    (n.knockDown / SOUND_KNOCK_DOWN) * n.edgeHolding * hingeDifference(panel, solid.yieldStrength!)
  const talkAt = differenceForDeflection(panel, solid, n.panelCrown)
  return {
    vessel: boxVessel({ ...measures, width, depth }, solid),
    surface: 2 * (width + depth) * n.vesselHeight + 2 * width * depth,
    criticalDifference,
    // A panel that has folded ticks no more.
    ...(talkAt < criticalDifference && { talkAt }),
    details: { lobes: 0 },
  }
}

/** The knock-down of a sound shell; a panel's strength is counted from a sound one, so only a dent lowers it. */
const SOUND_KNOCK_DOWN = 0.75
