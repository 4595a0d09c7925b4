/** From validated inputs to what happens: heat, transfer, plunge, crush. */
import { type Detail, type Repeat, type Simulation, stepTolerance, type Demonstration } from '../../../demonstration'
import { crossSection, outerSurface } from '../../../vessels/cylinder'
import { vonMisesBuckling } from '../../../vessels/buckling'
import { EMPTY_PACKING } from '../../../mechanisms/collapse'
import { bathConductance } from '../../../mechanisms/convection'
import { CoolingVessel, throughWall } from '../../../mechanisms/cooling-vessel'
import { COOLING, type CoolingPlan } from '../../../mechanisms/cooling-plan'
import { plunge } from '../../../mechanisms/plunge'
import { cylinderVessel, type SteamVessel } from '../../../mechanisms/steam-vessel'
import { SOLIDS, type SolidName } from '../../../substances/solids'
import { quickLiquidDensity } from '../../../substances/steam-tables'
import { coolingStart, fillByBoiling, gasAtSeal, heatingPlan, heldBelowBoiling } from '../filling'
import { bathAfterMany, loadOf, repeatsOf } from '../repeats'
import { detailsAtSeal, EventList, forcesOf, goneAt, resultsAtSeal } from '../report'
import { traced, TraceRecorder } from '../trace-recorder'
import { outcomeOf } from './outcomes'
import type { CanPlungeValues } from './inputs'

function vesselOf({ numbers: n, choices }: CanPlungeValues): SteamVessel {
  return cylinderVessel(
    {
      capacity: n.vesselVolume,
      diameter: n.vesselDiameter,
      height: n.vesselHeight,
      wallThickness: n.wallThickness,
      mouthDiameter: n.mouthDiameter,
    },
    SOLIDS[choices.wallMaterial as SolidName],
  )
}

export const heatingOf = (values: CanPlungeValues) => heatingPlan(values, vesselOf(values))

/** Everything up to the seal. */
function untilSealed(values: CanPlungeValues, tolerance: number, recorder?: TraceRecorder) {
  const n = values.numbers
  const plan = heatingOf(values)
  const { vessel, room } = plan
  const first = heldBelowBoiling(n.bathTemperature, room)
  const filled = fillByBoiling(
    plan,
    { duration: n.transferTime, uprightShare: n.uprightShare, moved: true },
    n.surfaceConductance,
    tolerance,
    recorder,
  )
  const pool = filled.waterMass * n.poolRetained
  const gas = gasAtSeal(plan, filled, pool)
  const perfect = vonMisesBuckling(
    { diameter: vessel.diameter, height: vessel.height, wallThickness: vessel.wallThickness },
    vessel.solid,
  )
  const load = loadOf(vessel, {
    wall: filled.wall,
    liquid: filled.liquid,
    water: filled.waterMass,
    steam: gas.steam,
    roomPressure: room.pressure,
  })
  // Those before it have warmed the bath.
  const bathTemperature = heldBelowBoiling(bathAfterMany(values, load, first, n.restedCount).temperature, room)
  const coolingPlan: CoolingPlan = {
    vessel,
    room,
    pool,
    leakArea: 0,
    coolant: {
      temperature: bathTemperature,
      area: crossSection(vessel.diameter) + Math.PI * vessel.diameter * n.mouthDepth,
      throughBase: 0,
      conductance: throughWall(
        vessel,
        n.bathTransferFactor * bathConductance(n.mouthDepth, n.plungeSpeed, room.boilingPoint - bathTemperature),
      ),
    },
    strength: {
      criticalDifference: n.knockDown * perfect.pressure,
      residualLoad: n.residualLoad,
      stiffening: n.packingStiffness,
      packing: EMPTY_PACKING,
    },
    mouth: {
      depth: n.mouthDepth,
      plungeSpeed: n.plungeSpeed,
      waterTemperature: bathTemperature,
      entryLoss: n.entryLoss,
      passage: n.mouthPassage,
      jet: {
        water: bathTemperature,
        diameter: vessel.mouthDiameter,
        stanton: n.jetStanton,
        sprayContact: n.sprayContact,
        splashWeber: n.splashWeber,
      },
    },
    airLayerFactor: plan.airLayerFactor,
    surfaceConductance: n.surfaceConductance,
  }
  return { plan, filled, pool, gas, perfect, first, load, coolingPlan }
}

/** Plan and first state of the plunge, for measuring the integrator on it. */
export function plungeStart(values: CanPlungeValues): { plan: CoolingPlan; state: Float64Array } {
  const { coolingPlan, filled, gas } = untilSealed(values, stepTolerance('trace'))
  return { plan: coolingPlan, state: coolingStart(new CoolingVessel(coolingPlan, true), filled, gas).slice() }
}

/** Runs the whole staging. Times in events and trace are seconds from heat on. */
export function simulate(values: CanPlungeValues, detail: Detail, refinement = 1) {
  const tolerance = stepTolerance(detail, refinement)
  const recorder = detail === 'trace' ? new TraceRecorder(heatingOf(values)) : undefined
  const { plan, filled, pool, gas, perfect, first, load, coolingPlan } = untilSealed(values, tolerance, recorder)
  const { vessel, room } = plan
  const bathTemperature = coolingPlan.coolant.temperature
  const system = new CoolingVessel(coolingPlan, detail === 'trace')
  const state = coolingStart(system, filled, gas)
  recorder?.beginCooling(filled.sealing, system)
  const ended = plunge(system, state, tolerance, recorder?.cooling)

  const surface = outerSurface({
    diameter: vessel.diameter,
    height: vessel.height,
    wallThickness: vessel.wallThickness,
  })
  const bath = bathAfterMany(values, load, first, values.numbers.restedCount + 1)
  const drawnIn = state[COOLING.drawnIn] / quickLiquidDensity(bathTemperature)
  const volumeLost = Math.max(0, state[COOLING.lost])
  const gone: { hush?: number } = ended.hush === undefined ? {} : { hush: ended.hush }
  const results = Object.assign(
    resultsAtSeal(plan, filled, gas, bathTemperature),
    forcesOf(surface, room.pressure, ended.peakDifference),
    {
      criticalPressureDifference: coolingPlan.strength.criticalDifference,
      waterDrawnIn: drawnIn,
      volumeLost,
      bathTemperatureAfter: bath.temperature,
    },
    gone,
  )

  const events = new EventList({ seal: 'mouth under water' }).addHeating(filled)
  for (const o of ended.occurrences) events.add(o.id, filled.sealing + o.time)
  events.add('peak', filled.sealing + ended.timeOfPeak)

  const simulation = {
    results,
    events: events.sorted(),
    outcome: outcomeOf(volumeLost, drawnIn, vessel.capacity),
    details: Object.assign(
      {
        lobes: perfect.lobes,
        perfectPressure: perfect.pressure,
        iceLeft: bath.ice,
        bathTemperature,
        timeOfPeak: filled.sealing + ended.timeOfPeak,
        pool,
      },
      detailsAtSeal(plan, filled),
      goneAt(ended.hush === undefined ? undefined : filled.sealing + ended.hush),
    ),
  }
  return traced(simulation, recorder)
}

/** Bath and ice as one can after another goes into it. */
export function repeats(values: CanPlungeValues, _simulation: Simulation, count: number): Repeat[] {
  const { load, first } = untilSealed(
    { ...values, numbers: { ...values.numbers, restedCount: 0 } },
    stepTolerance('summary'),
  )
  return repeatsOf(values, load, first, count)
}
export type CanPlungeRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type CanPlunge = Demonstration<CanPlungeValues, CanPlungeRun>
