/** A tank cleaned with steam and then cooled with its vent shut, or not open enough. */
import { type Detail, stepTolerance, type Demonstration } from '../../../demonstration'
import { exp, falsePosition, ln } from '../../../elementary'
import { EMPTY_PACKING } from '../../../mechanisms/collapse'
import { coolantOf, USUAL_WETTED, type CoolingMethod } from '../../../mechanisms/coolants'
import { CoolingVessel } from '../../../mechanisms/cooling-vessel'
import { type CoolingPlan } from '../../../mechanisms/cooling-plan'
import { coolSealed } from '../../../mechanisms/sealed'
import { cylinderVessel, type SteamVessel } from '../../../mechanisms/steam-vessel'
import { GAS_CONSTANT } from '../../../substances/air'
import { SOLIDS } from '../../../substances/solids'
import { unsupportedLength, vonMisesBuckling } from '../../../vessels/buckling'
import { outerSurface } from '../../../vessels/cylinder'
import { runCapped } from '../capped'
import { coolingStart, gasAtSeal, heldBelowBoiling, roomOf, type Filled, type GasAtSeal } from '../filling'
import { TraceRecorder } from '../trace-recorder'
import type { ProcessVesselValues } from './inputs'

/** Condensate that lies in the bottom when the steam is shut off, kg per m3 of tank. Assumption. */
const CONDENSATE = 5
const tankOf = ({ numbers: n }: ProcessVesselValues): SteamVessel =>
  cylinderVessel(
    {
      capacity: n.vesselVolume,
      diameter: n.vesselDiameter,
      height: n.vesselHeight,
      wallThickness: n.wallThickness,
      mouthDiameter: 0.4,
    },
    SOLIDS.steel,
  )

/** Where the search begins, m2 per m3 for a tank of a rating, Pa: it only saves work. */
const GUESS: Readonly<Record<string, number>> = { 'spray': 9e-4, 'sprinkle': 1.3e-4, 'still-air': 1e-5 }
const GUESSED_FOR = 3000
/**
 * The difference goes about with the square of the flow, so that a step of so much of its logarithm overshoots a
 * little.
 */
const [STRIDE, LEAST_STRIDE] = [0.6, 0.05]
/** Openings tried, m2 per m3 of tank: from a pinhole to a hatch. */
const [PINHOLE, HATCH] = [1e-9, 0.5]
/** The root is found to within this share of the rated vacuum: half as much of the area. */
const CLOSE = 5e-3

/**
 * Opening that keeps the tank at its rated vacuum, m2: the one with which the greatest difference just reaches it.
 *
 * The difference falls steadily as the opening widens, so there is one root. It goes about with the square of the
 * flow, and so the search runs on the logarithms, bracketed.
 */
function reliefAreaOf(
  cooling: CoolingPlan,
  method: CoolingMethod,
  filled: Filled,
  gas: GasAtSeal,
  rated: number,
  tolerance: number,
): number {
  const { vessel } = cooling
  const missing = (logArea: number): number => {
    const open = new CoolingVessel(
      { ...cooling, leakArea: exp(logArea), strength: { ...cooling.strength, criticalDifference: 1e9 } },
      false,
    )
    const { peakDifference } = coolSealed(open, coolingStart(open, filled, gas), { tolerance, untilPeak: true })
    return ln(Math.max(peakDifference, 1e-3) / rated)
  }
  const [narrow, wide] = [ln(PINHOLE * vessel.capacity), ln(HATCH * vessel.capacity)]
  // Walk down from a guess until it is bracketed: each try costs a whole run.
  let low = ln((GUESS[method] ?? GUESS.sprinkle) * vessel.capacity * Math.sqrt(GUESSED_FOR / rated))
  let lowValue = missing(low)
  let high = low
  let highValue = lowValue
  while (highValue > 0 && high < wide) {
    low = high
    lowValue = highValue
    high = Math.min(wide, high + Math.max(LEAST_STRIDE, STRIDE * highValue))
    highValue = missing(high)
  }
  while (lowValue < 0 && low > narrow) {
    high = low
    highValue = lowValue
    low = Math.max(narrow, low + Math.min(-LEAST_STRIDE, STRIDE * lowValue))
    lowValue = missing(low)
  }
  if (lowValue <= 0 || highValue >= 0) return exp(lowValue <= 0 ? low : high)
  return exp(falsePosition(x => -missing(x), [low, -lowValue], [high, -highValue], CLOSE))
}

export function simulate(values: ProcessVesselValues, detail: Detail, refinement = 1) {
  const n = values.numbers
  const vessel = tankOf(values)
  const room = roomOf(values, vessel)
  const recorder = detail === 'trace' ? new TraceRecorder({ vessel, room }, 'steam', 'caving in') : undefined
  const hot = room.boilingPoint - 0.5
  const waterMass = CONDENSATE * vessel.capacity
  const filled: Filled = {
    wall: hot,
    liquid: hot,
    waterMass,
    airMoles: (n.airLeft * room.pressure * vessel.capacity) / (GAS_CONSTANT * hot),
    timeOfLifting: 0,
    sealing: 0,
    overheat: hot,
  }
  const method = values.choices.coolingMethod
  const temperature = method === 'still-air' ? room.temperature : heldBelowBoiling(n.bathTemperature, room)
  const inside = method === 'spray'
  const shell = { diameter: vessel.diameter, height: vessel.height, wallThickness: vessel.wallThickness }
  const cooling: CoolingPlan = {
    vessel,
    room,
    pool: waterMass,
    leakArea: n.leakArea,
    coolant: coolantOf(vessel, {
      method: inside ? 'still-air' : method,
      temperature: inside ? room.temperature : temperature,
      flow: n.coolantFlow * 1000,
      poolDepth: 0,
      wettedShare: Math.min(1, USUAL_WETTED[method] * n.wettedFactor),
      baseContact: 0,
      factor: n.bathTransferFactor,
      excess: hot - temperature,
    }),
    ...(inside && { spray: { flow: n.coolantFlow * 1000, temperature, contact: n.sprayContact } }),
    strength: {
      criticalDifference:
        n.knockDown *
        vonMisesBuckling(
          { ...shell, height: unsupportedLength(shell.height, n.hoopSpacing, n.hoopHolding) },
          vessel.solid,
        ).pressure,
      residualLoad: n.residualLoad,
      stiffening: n.packingStiffness,
      packing: EMPTY_PACKING,
    },
    airLayerFactor: n.airLayerFactor,
    surfaceConductance: n.surfaceConductance,
  }
  const gas = gasAtSeal({ vessel, room }, filled, waterMass)
  const rated = n.ratedVacuum
  const reliefArea = reliefAreaOf(cooling, method, filled, gas, rated, stepTolerance('summary', refinement))
  const simulation = runCapped(
    {
      plan: { vessel, room },
      filled,
      gas,
      cooling,
      surface: outerSurface(shell),
      talkAt: rated,
      names: { seal: 'steam off, cooling on', talk: 'past its rated vacuum', critical: 'the shell gives way' },
    },
    detail,
    refinement,
    ({ hush, peakPressureDifference }) =>
      hush !== undefined ? 'cave' : peakPressureDifference > rated ? 'over' : 'held',
    recorder,
  )
  // A vented tank stands at its difference for as long as it cools: there is no moment to wait for.
  const { giveUpTime, ...results } = simulation.results
  return { ...simulation, results: { ...results, reliefArea } }
}
export type ProcessVesselRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type ProcessVessel = Demonstration<ProcessVesselValues, ProcessVesselRun>
