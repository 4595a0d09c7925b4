/** A tank cleaned with steam and then cooled with its vent shut, or not open enough. */
import { coolantOf, USUAL_WETTED, type CoolingMethod } from '../../mechanisms/coolants'
import { CoolingVessel, type CoolingPlan } from '../../mechanisms/cooling-vessel'
import { coolSealed } from '../../mechanisms/sealed'
import { cylinderVessel, type SteamVessel } from '../../mechanisms/steam-vessel'
import { GAS_CONSTANT } from '../../substances/air'
import { SOLIDS } from '../../substances/solids'
import { unsupportedLength, vonMisesBuckling } from '../../vessels/buckling'
import { outerSurface } from '../../vessels/cylinder'
import type { Simulation, Values } from '../face'
import { stepTolerance, type Detail } from '../accuracy'
import { runCapped } from '../steam/capped'
import { coolingStart, gasAtSeal, heldBelowBoiling, roomOf, type Filled } from '../steam/filling'
import { reliefAreaFor } from '../steam/report'
import { TraceRecorder } from '../steam/trace-recorder'

/** Condensate that lies in the bottom when the steam is shut off, kg per m3 of tank. Assumption. */
const CONDENSATE = 5
/** An opening large enough to hold the difference at nearly nothing, m2 per m3 of tank; see `reliefAreaOf`. */
const WIDE_OPEN = 0.02
/** The greatest rush of air comes within this time, s. */
const RUSH = 40

export const tankOf = ({ numbers: n }: Values): SteamVessel => cylinderVessel({
  capacity: n.vesselVolume!, diameter: n.vesselDiameter!, height: n.vesselHeight!, wallThickness: n.wallThickness!, mouthDiameter: 0.4,
}, SOLIDS.steel)

/**
 * Opening that keeps the tank at its rated vacuum, m2: it is run inside air that is thinner by the rated vacuum, through an
 * opening so wide that the inside follows it; the greatest flow is what the real opening must pass at the rated difference.
 */
function reliefAreaOf(cooling: CoolingPlan, filled: Filled, rated: number, refinement: number): number {
  const room = { ...cooling.room, pressure: cooling.room.pressure - rated }
  const plan = { vessel: cooling.vessel, room }
  const share = room.pressure / cooling.room.pressure
  const open = new CoolingVessel({ ...cooling, room, leakArea: WIDE_OPEN * cooling.vessel.capacity }, false)
  const gas = gasAtSeal(plan, { ...filled, airMoles: filled.airMoles * share }, cooling.pool)
  const ended = coolSealed(open, coolingStart(open, filled, gas), { tolerance: stepTolerance('summary', refinement), longest: RUSH })
  return reliefAreaFor(ended, rated, cooling.room.airDensity)
}

export function simulate(values: Values, detail: Detail, refinement = 1): Simulation {
  const n = values.numbers as Record<string, number>
  const vessel = tankOf(values)
  const room = roomOf(values, vessel)
  const recorder = detail === 'trace' ? new TraceRecorder({ vessel, room }, 'steam', 'caving in') : undefined
  const hot = room.boilingPoint - 0.5
  const waterMass = CONDENSATE * vessel.capacity
  const filled: Filled = {
    wall: hot, liquid: hot, waterMass, airMoles: n.airLeft! * room.pressure * vessel.capacity / (GAS_CONSTANT * hot), timeOfLifting: 0, sealing: 0, overheat: hot,
  }
  const method = values.choices.coolingMethod as CoolingMethod
  const temperature = method === 'still-air' ? room.temperature : heldBelowBoiling(n.bathTemperature!, room)
  const inside = method === 'spray'
  const shell = { diameter: vessel.diameter, height: vessel.height, wallThickness: vessel.wallThickness }
  const cooling: CoolingPlan = {
    vessel, room, pool: waterMass, leakArea: n.leakArea!,
    coolant: coolantOf(vessel, {
      method: inside ? 'still-air' : method, temperature: inside ? room.temperature : temperature, flow: n.coolantFlow! * 1000, poolDepth: 0,
      wettedShare: Math.min(1, USUAL_WETTED[method] * n.wettedFactor!), baseContact: 0, factor: n.bathTransferFactor!, excess: hot - temperature,
    }),
    ...(inside && { spray: { flow: n.coolantFlow! * 1000, temperature, contact: n.sprayContact! } }),
    strength: {
      criticalDifference: n.knockDown! * vonMisesBuckling({ ...shell, height: unsupportedLength(shell.height, n.hoopSpacing!, n.hoopHolding!) }, vessel.solid).pressure,
      residualLoad: n.residualLoad!, stiffening: n.packingStiffness!, packing: 0.92,
    },
    airLayerFactor: n.airLayerFactor!, surfaceConductance: n.surfaceConductance!,
  }
  const gas = gasAtSeal({ vessel, room }, filled, waterMass)
  const rated = n.ratedVacuum!
  const reliefArea = reliefAreaOf(cooling, filled, rated, refinement)
  const { simulation } = runCapped({
    plan: { vessel, room }, filled, gas, cooling, surface: outerSurface(shell), talkAt: rated,
    names: { seal: 'steam off, cooling on', talk: 'past its rated vacuum', critical: 'the shell gives way' },
  }, detail, refinement, ({ hush, peakPressureDifference }) => hush !== undefined ? 'cave' : peakPressureDifference! > rated ? 'over' : 'held', recorder)
  simulation.results.reliefArea = reliefArea
  return simulation
}
