/**
 * Soft bottles capped and cooled in an ice bath: what the two ways of filling them with warm moist gas have in
 * common.
 */
import type { Detail, OutcomeSpec, Has } from '../../demonstration'
import { coolantOf } from '../../mechanisms/coolants'
import type { CoolingPlan } from '../../mechanisms/cooling-plan'
import { cylinderVessel, type Room, type SteamVessel } from '../../mechanisms/steam-vessel'
import { SOLIDS } from '../../substances/solids'
import { outerSurface } from '../../vessels/cylinder'
import { vonMisesBuckling } from '../../vessels/buckling'
import { packingAbove, runCapped, VISIBLE } from './capped'
import { gasAtSeal, heldBelowBoiling, type Filled } from './filling'
import type { TraceRecorder } from './trace-recorder'

/** Volume lost that a room calls folded. */
const FOLDED = 0.1

export const SOFT_OUTCOMES: readonly OutcomeSpec[] = [
  { id: 'fold', look: 'gone', name: 'folds', sentence: 'The bottle folds in, crackling, and clearly loses its shape.' },
  {
    id: 'dent',
    look: 'partly',
    name: 'dents',
    sentence: 'A side goes in a little; the bottle keeps most of its shape.',
  },
  { id: 'stand', look: 'nothing', name: 'stands', sentence: 'Nothing to see: it keeps its shape.' },
]

export const softBottle = ({
  numbers: n,
}: Has<'vesselVolume' | 'vesselDiameter' | 'vesselHeight' | 'wallThickness' | 'mouthDiameter'>): SteamVessel =>
  cylinderVessel(
    {
      capacity: n.vesselVolume,
      diameter: n.vesselDiameter,
      height: n.vesselHeight,
      wallThickness: n.wallThickness,
      mouthDiameter: n.mouthDiameter,
    },
    SOLIDS.PET,
  )

/** What is stated of a soft bottle and its bath. */
export type SoftValues = Has<
  | 'vesselVolume'
  | 'vesselDiameter'
  | 'vesselHeight'
  | 'wallThickness'
  | 'mouthDiameter'
  | 'bathTemperature'
  | 'bathVolume'
  | 'iceMass'
  | 'leakArea'
  | 'poolDepth'
  | 'bathTransferFactor'
  | 'knockDown'
  | 'residualLoad'
  | 'packingStiffness'
  | 'airLayerFactor'
  | 'surfaceConductance'
  | 'coolDelay'
>
export type SoftRun = ReturnType<typeof coolSoftBottle>

export function coolSoftBottle(
  values: SoftValues,
  vessel: SteamVessel,
  room: Room,
  filled: Filled,
  detail: Detail,
  refinement: number,
  recorder?: TraceRecorder,
) {
  const n = values.numbers
  const gas = gasAtSeal({ vessel, room }, filled, filled.waterMass)
  const temperature = heldBelowBoiling(n.bathTemperature, room)
  const shell = { diameter: vessel.diameter, height: vessel.height, wallThickness: vessel.wallThickness }
  const cooling: CoolingPlan = {
    vessel,
    room,
    pool: filled.waterMass,
    leakArea: n.leakArea,
    coolant: coolantOf(vessel, {
      method: 'ice-pool',
      temperature,
      flow: 0,
      poolDepth: n.poolDepth,
      wettedShare: 1,
      baseContact: 1,
      factor: n.bathTransferFactor,
      excess: filled.wall - temperature,
    }),
    strength: {
      criticalDifference: n.knockDown * vonMisesBuckling(shell, vessel.solid).pressure,
      residualLoad: n.residualLoad,
      stiffening: n.packingStiffness,
      packing: packingAbove(0.85, filled.waterMass, vessel.capacity),
    },
    airLayerFactor: n.airLayerFactor,
    surfaceConductance: n.surfaceConductance,
  }
  const simulation = runCapped(
    {
      plan: { vessel, room },
      filled,
      gas,
      cooling,
      surface: outerSurface(shell),
      soft: true,
      coolDelay: n.coolDelay,
      names: { seal: 'capped', critical: 'a fold shows' },
    },
    detail,
    refinement,
    ({ volumeLost }) => (volumeLost >= FOLDED ? 'fold' : volumeLost >= VISIBLE ? 'dent' : 'stand'),
    recorder,
  )
  return simulation
}
