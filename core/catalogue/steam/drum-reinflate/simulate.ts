/** A crushed drum with water in it, heated with a way out for the steam. */
import {
  type Detail,
  GAS_COLUMNS,
  stepTolerance,
  type Trace,
  type TraceColumn,
  type Demonstration,
} from '../../../demonstration'
import { cylinderVessel, type Room, type SteamVessel } from '../../../mechanisms/steam-vessel'
import { LONGEST_REINFLATION, REINFLATION, reinflate, type ReinflationPlan } from '../../../mechanisms/reinflation'
import { SOLIDS, type SolidName } from '../../../substances/solids'
import { AIR_GAS_CONSTANT, AIR_MOLAR_MASS } from '../../../substances/air'
import { quickLiquidDensity, quickSaturationPressure } from '../../../substances/steam-tables'
import { WATER_GAS_CONSTANT } from '../../../substances/water'
import { WATER_MOLAR_MASS } from '../../../substances/water-transport'
import { vonMisesBuckling } from '../../../vessels/buckling'
import { outerSurface } from '../../../vessels/cylinder'
import { roomOf } from '../filling'
import { EventList } from '../report'
import type { DrumReinflateValues } from './inputs'

/** Share of the crushed volume that must come back to count as popped back, and to be seen at all. */
const BACK = 0.6
const SEEN = 0.08
/** Contraction of a short pipe or hole, White, Fluid Mechanics, 4th ed., sect. 6.10. */
const CONTRACTION = 0.65

export const COLUMNS: readonly TraceColumn[] = [
  ...GAS_COLUMNS,
  { id: 'waterTemperature', name: 'water inside', quantity: 'temperature' },
  { id: 'waterInside', name: 'water inside', quantity: 'mass' },
  { id: 'airFraction', name: 'air in the gas', quantity: 'fraction' },
  { id: 'volumeLost', name: 'volume lost', quantity: 'fraction' },
]

export function reinflationPlan(values: DrumReinflateValues): ReinflationPlan & { vessel: SteamVessel; room: Room } {
  const { numbers, choices } = values
  const n = numbers
  const solid = SOLIDS[choices.wallMaterial as SolidName]
  const shell = { diameter: n.vesselDiameter, height: n.vesselHeight, wallThickness: n.wallThickness }
  const vessel = cylinderVessel({ ...shell, capacity: n.vesselVolume, mouthDiameter: n.mouthDiameter }, solid)
  const open = choices.reliefPath === 'bung-out'
  return {
    vessel,
    room: roomOf(values, vessel),
    power: n.heaterPower * n.heatingEfficiency,
    lostBefore: n.lostBefore,
    water: n.waterCharge * quickLiquidDensity(293),
    popDifference: n.popShare * vonMisesBuckling(shell, solid).pressure,
    reliefArea: CONTRACTION * (open ? (Math.PI * n.mouthDiameter * n.mouthDiameter) / 4 : n.reliefOpening),
    reliefSetting: open ? 0 : n.reliefSetting,
  }
}

/** The moment at which steam comes is a flat shoulder: followed more closely than usual. */
const CLOSER = 4

export function simulate(values: DrumReinflateValues, detail: Detail, refinement = 1) {
  const plan = reinflationPlan(values)
  const { vessel, room, lostBefore } = plan
  const time: number[] = []
  const columns: Record<string, number[]> = Object.fromEntries(COLUMNS.map(c => [c.id, []]))
  const record =
    detail === 'trace'
      ? (at: number, s: Float64Array, gauge: number) => {
          const temperature = s[REINFLATION.temperature]
          const pressure = room.pressure + gauge
          const saturation = quickSaturationPressure(temperature)
          time.push(at)
          columns.pressure.push(pressure)
          columns.waterTemperature.push(temperature)
          columns.waterInside.push(Math.max(0, s[REINFLATION.water]))
          columns.airFraction.push(Math.max(0, 1 - saturation / pressure))
          columns.volumeLost.push(s[REINFLATION.lost])
          const airFraction = Math.max(0, 1 - saturation / pressure)
          const free = Math.max(
            1e-9,
            vessel.capacity * (1 - s[REINFLATION.lost]) - Math.max(0, s[REINFLATION.water]) / 1000,
          )
          const gas = gasAmounts(pressure, airFraction, free, temperature)
          columns.gasTemperature.push(temperature)
          columns.airMass.push(gas.air / AIR_GAS_CONSTANT)
          columns.steamMass.push(gas.steam / WATER_GAS_CONSTANT)
        }
      : undefined
  const ended = reinflate(plan, stepTolerance(detail, CLOSER * refinement), record)
  const back = 1 - ended.lost / lostBefore
  const surface = outerSurface({
    diameter: vessel.diameter,
    height: vessel.height,
    wallThickness: vessel.wallThickness,
  })
  const dry = ended.waterLeft < 0.06 * plan.water && ended.end < LONGEST_REINFLATION
  const results = {
    boilingTemperature: room.boilingPoint,
    waterLeft: ended.waterLeft,
    peakGaugePressure: ended.peakGauge,
    criticalPressureDifference: plan.popDifference,
    volumeLost: ended.lost,
    outsideForce: room.pressure * surface,
    peakNetForce: ended.peakGauge * surface,
    peakPressureDifference: ended.peakGauge,
    ...(ended.steaming !== undefined && { timeToPlume: ended.steaming }),
    ...(ended.pop !== undefined && { timeToPop: ended.pop }),
    ...(dry && { timeToDry: ended.end }),
  }
  const { end } = ended
  return {
    results,
    outcome: back >= BACK ? 'pop' : back >= SEEN ? 'partly' : 'stay',
    events: new EventList()
      .add('relief', ended.steaming)
      .add('pop', ended.pop)
      .add('dry', dry ? end : undefined)
      .sorted(),
    details: {
      emptyMass: surface * vessel.wallThickness * vessel.solid.density,
      stationPressure: room.pressure,
      capacity: vessel.capacity,
      sealing: 0,
      timeOfLifting: end,
      hottest: ended.hottest,
      timeOfPeak: ended.pop ?? end,
      boiledDry: dry ? 1 : 0,
      ...(ended.pop !== undefined && { goneAt: ended.pop }),
    },
    ...(record && { trace: { time, columns, stages: stagesOf(ended.pop, end) } }),
  }
}

function stagesOf(pop: number | undefined, end: number): Trace['stages'] {
  if (pop === undefined) return [{ id: 'heat', name: 'heat', start: 0, end }]
  return [
    { id: 'heat', name: 'heat', start: 0, end: pop },
    { id: 'pop', name: 'popping back', start: pop, end: Math.max(end, pop + 0.01) },
  ]
}

/** Air and steam in the gas as amounts (J/K), for the ledger. */
export const gasAmounts = (
  pressure: number,
  airFraction: number,
  volume: number,
  temperature: number,
): { air: number; steam: number } => {
  const amount = (pressure * volume) / temperature
  const air = airFraction * AIR_MOLAR_MASS * AIR_GAS_CONSTANT
  const steam = (1 - airFraction) * WATER_MOLAR_MASS * WATER_GAS_CONSTANT
  return { air: (amount * air) / (air + steam), steam: (amount * steam) / (air + steam) }
}
export type DrumReinflateRun = ReturnType<typeof simulate>
/** The demonstration against its own values and its own run. */
export type DrumReinflate = Demonstration<DrumReinflateValues, DrumReinflateRun>
