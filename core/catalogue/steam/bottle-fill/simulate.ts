/** A glass bottle full of steam, mouth down in cold water. */
import { type Detail, stepTolerance, type Demonstration } from '../../../demonstration'
import { blowEnergy } from '../../../mechanisms/pulled-bottle'
import { bathConductance } from '../../../mechanisms/convection'
import { throughWall } from '../../../mechanisms/cooling-vessel'
import type { Room, SteamVessel } from '../../../mechanisms/steam-vessel'
import { SOLIDS } from '../../../substances/solids'
import { outerSurface } from '../../../vessels/cylinder'
import { runDipped } from '../dipped-glass'
import { fillByBoiling, heldBelowBoiling, roomOf, type Filled } from '../filling'
import { fillByRinsing } from '../rinsed'
import { TraceRecorder } from '../trace-recorder'
import { bottleHeating, bottleOf, type BottleFillValues } from './inputs'

/**
 * Contraction of the flow through the gap under a rim: sharp-edged slot, 0.61 (White, Fluid Mechanics, 4th ed., sect.
 * 6.10).
 */
const GAP_CONTRACTION = 0.61
/** Time to put a stopper in, s: a hand that is ready. Assumption. */
const STOPPERING = 0.5
/** Share filled from which a room says it is full, and from which it sees water come in. */
const FULL = 0.85
const SEEN = 0.08

/** Loss coefficient of the mouth, with what a gap between rim and bottom adds: the gap's own velocity head. */
function throttledEntry(loss: number, mouth: number, clearance: number): number {
  const ratio = mouth / (4 * clearance * GAP_CONTRACTION)
  return loss + ratio * ratio
}

/** A microwave puts its power into the water itself and a little into the glass; a flame heats through the base. */
function fill(
  values: BottleFillValues,
  { vessel, room }: { vessel: SteamVessel; room: Room },
  tolerance: number,
  recorder?: TraceRecorder,
): Filled {
  const n = values.numbers
  const { fillMethod } = values.choices
  // A stopper goes in where it was filled; otherwise it is open all the way to the water.
  const hand = n.stopperTime > 0 ? STOPPERING : n.transferTime
  // It stands upright in the oven until somebody has looked for bubbles.
  const waiting = fillMethod === 'microwave' ? n.ovenWait : 0
  const open = hand + waiting
  const upright = (waiting + n.uprightShare * hand) / open
  if (fillMethod === 'flame' || fillMethod === 'microwave') {
    return fillByBoiling(
      bottleHeating(values, vessel, room),
      { duration: open, uprightShare: upright, moved: true },
      n.surfaceConductance,
      tolerance,
      recorder,
    )
  }
  return fillByRinsing(
    vessel,
    room,
    {
      volume: vessel.capacity,
      temperature: heldBelowBoiling(room.boilingPoint - n.pouringLoss, room),
      times: fillMethod === 'rinse-twice' ? 2 : 1,
      contact: n.rinseContact,
      saturation: n.filmSaturation,
      delay: open,
      moved: true,
      uprightShare: n.uprightShare,
      airLayerFactor: n.airLayerFactor,
      surfaceConductance: n.surfaceConductance,
    },
    tolerance,
    recorder,
  )
}

/** Glass of a bottle, kg. */
const glassMass = (vessel: SteamVessel): number =>
  SOLIDS.glass.density * vessel.wallThickness * (vessel.upperArea + vessel.crossSection)

export function simulate(values: BottleFillValues, detail: Detail, refinement = 1) {
  const n = values.numbers
  const vessel = bottleOf(values)
  const room = roomOf(values, vessel)
  const rinsed = values.choices.fillMethod.startsWith('rinse')
  const recorder =
    detail === 'trace' ? new TraceRecorder({ vessel, room }, rinsed ? 'carry' : 'heat', 'fill') : undefined
  const filled = fill(values, { vessel, room }, stepTolerance(detail, refinement), recorder)
  const bathTemperature = heldBelowBoiling(n.bathTemperature, room)
  // Neck first: body only where the neck is shorter than the dip.
  const inNeck = Math.min(n.mouthDepth, n.neckLength)
  const area = Math.PI * (vessel.mouthDiameter * inNeck + vessel.diameter * (n.mouthDepth - inNeck))
  return runDipped(
    {
      plan: { vessel, room },
      filled,
      pool: filled.waterMass * n.poolRetained,
      stoppered: n.stopperTime > 0 ? n.transferTime + n.stopperTime : 0,
      carriedStoppered: n.transferTime + (values.choices.stopperPlace === 'air' ? n.stopperTime : 0),
      longest: 60,
      surface: outerSurface({ diameter: vessel.diameter, height: vessel.height, wallThickness: vessel.wallThickness }),
      cooling: {
        vessel,
        room,
        coolant: {
          temperature: bathTemperature,
          area,
          throughBase: 0,
          conductance: throughWall(
            vessel,
            n.bathTransferFactor *
              bathConductance(n.mouthDepth, n.plungeSpeed, Math.max(1, filled.wall - bathTemperature)),
          ),
        },
        mouth: {
          depth: n.mouthDepth,
          plungeSpeed: n.plungeSpeed,
          waterTemperature: bathTemperature,
          passage: n.neckLength,
          entryLoss: throttledEntry(n.entryLoss, vessel.mouthDiameter, n.mouthClearance),
          jet: {
            water: bathTemperature,
            diameter: vessel.mouthDiameter,
            stanton: n.jetStanton,
            sprayContact: n.sprayContact,
            splashWeber: n.splashWeber,
          },
        },
        airLayerFactor: n.airLayerFactor,
        surfaceConductance: n.surfaceConductance,
      },
    },
    detail,
    refinement,
    ({ glassChill, slamPressure, fillFraction, waterDrawnIn, peakPull, inflowImpulse }) => {
      const energy = blowEnergy({
        pull: peakPull,
        grip: n.grip,
        impulse: inflowImpulse,
        clearance: n.mouthClearance,
        mass: glassMass(vessel),
      })
      const cracks = glassChill > n.shockLimit || slamPressure > n.slamLimit || energy > n.blowLimit
      const came = waterDrawnIn >= SEEN * vessel.capacity
      const outcome = cracks ? 'crack' : !came ? 'nothing' : fillFraction >= FULL ? 'fill' : 'part'
      return { outcome, more: { blowEnergy: energy } }
    },
    recorder,
  )
}
export type BottleFillRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type BottleFill = Demonstration<BottleFillValues, BottleFillRun>
