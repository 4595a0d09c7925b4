/** Collects a staging's quantities against time while the stages run. */
import { HEATING, type HeatingPlan } from '../../mechanisms/heating'
import { PLUNGE, type PlungeSystem } from '../../mechanisms/plunge'
import { TRANSFER } from '../../mechanisms/transfer'
import { AIR_MOLAR_MASS, GAS_CONSTANT } from '../../substances/air'
import { quickLiquidDensity } from '../../substances/steam-tables'
import { WATER_MOLAR_MASS } from '../../substances/water-transport'
import type { Simulation, Stage, Trace, TraceColumn } from '../face'

export const COLUMNS: readonly TraceColumn[] = [
  { id: 'pressure', name: 'pressure inside', quantity: 'pressure' },
  { id: 'wallTemperature', name: 'wall', quantity: 'temperature' },
  { id: 'waterTemperature', name: 'water inside', quantity: 'temperature' },
  { id: 'waterInside', name: 'water inside', quantity: 'mass' },
  { id: 'airFraction', name: 'air in the gas', quantity: 'fraction' },
  { id: 'steamMass', name: 'steam inside', quantity: 'mass' },
  { id: 'waterDrawnIn', name: 'water drawn in', quantity: 'volume' },
  { id: 'inflowSpeed', name: 'speed of the water in the mouth', quantity: 'speed' },
  { id: 'volumeLost', name: 'volume lost', quantity: 'fraction' },
  { id: 'condensedOnWall', name: 'condensed on the wall', quantity: 'mass' },
  { id: 'condensedOnWater', name: 'condensed on water, net', quantity: 'mass' },
  { id: 'condensedAsFog', name: 'turned to fog', quantity: 'mass' },
  { id: 'gasTemperature', name: 'gas inside', quantity: 'temperature' },
]

type Row = Record<string, number>

export class TraceRecorder {
  private readonly time: number[] = []
  private readonly rows: Row[] = []
  private lifting = 0
  private sealing = 0
  private system: PlungeSystem | undefined

  constructor(private readonly plan: HeatingPlan) {}

  private push(time: number, row: Row): void {
    this.time.push(time)
    this.rows.push(row)
  }

  private openRow(gas: number, water: number, waterTemperature: number, wall: number, airMoles: number): Row {
    const { room, vessel } = this.plan
    const moles = room.pressure * (vessel.capacity - water / quickLiquidDensity(waterTemperature)) / (GAS_CONSTANT * gas)
    const airFraction = Math.min(1, Math.max(0, airMoles / moles))
    return {
      pressure: room.pressure, wallTemperature: wall, waterTemperature, waterInside: water, airFraction,
      steamMass: moles * (1 - airFraction) * WATER_MOLAR_MASS, waterDrawnIn: 0, inflowSpeed: 0, volumeLost: 0,
      condensedOnWall: 0, condensedOnWater: 0, condensedAsFog: 0, gasTemperature: gas,
    }
  }

  heating = (time: number, state: Float64Array): void => {
    const wall = state[HEATING.wall]!
    const water = state[HEATING.water]!
    const dry = state[HEATING.waterMass]! <= 0
    const gas = ((dry ? state[HEATING.base]! : water) + wall) / 2
    this.push(time, this.openRow(gas, Math.max(0, state[HEATING.waterMass]!), water, wall, state[HEATING.airMoles]!))
  }

  beginTransfer(lifting: number): void {
    this.lifting = lifting
  }

  transfer = (time: number, state: Float64Array): void => {
    const wall = state[TRANSFER.wall]!
    const pool = state[TRANSFER.pool]!
    this.push(this.lifting + time, this.openRow((wall + pool) / 2, Math.max(0, state[TRANSFER.waterMass]!), pool, wall, state[TRANSFER.airMoles]!))
  }

  beginPlunge(sealing: number, system: PlungeSystem): void {
    this.sealing = sealing
    this.system = system
  }

  plunge = (time: number, state: Float64Array): void => {
    const system = this.system!
    const air = system.plan.air / AIR_MOLAR_MASS
    const steam = state[PLUNGE.vapour]!
    this.push(this.sealing + time, {
      pressure: system.pressure(state), wallTemperature: state[PLUNGE.wetWall]!, waterTemperature: state[PLUNGE.liquid]!,
      waterInside: system.plan.pool + state[PLUNGE.drawnIn]!, airFraction: air / (air + steam / WATER_MOLAR_MASS), steamMass: steam,
      waterDrawnIn: state[PLUNGE.drawnIn]! / quickLiquidDensity(system.plan.bathTemperature), inflowSpeed: state[PLUNGE.speed]!,
      volumeLost: state[PLUNGE.lost]!, condensedOnWall: state[PLUNGE.condensedOnWall]!, condensedOnWater: state[PLUNGE.condensedOnWater]!,
      condensedAsFog: state[PLUNGE.condensedAsFog]!, gasTemperature: state[PLUNGE.gas]!,
    })
  }

  finish(simulation: Simulation): Trace {
    const columns: Record<string, number[]> = {}
    for (const { id } of COLUMNS) columns[id] = this.rows.map(r => r[id]!)
    return { stages: this.stages(simulation), time: this.time, columns }
  }

  /** Heat (minutes), hush (tenths of a second), crush or fill (as long as it takes). */
  private stages(simulation: Simulation): Stage[] {
    const last = this.time[this.time.length - 1]!
    const { sealing } = this
    const hush = simulation.results.hush
    if (hush === undefined) {
      const settled = this.settledAfter(sealing)
      return [
        { id: 'heat', name: 'heat', start: 0, end: sealing },
        { id: 'hush', name: 'hush', start: sealing, end: Math.min(last, sealing + Math.max(0.2, settled - sealing)) },
      ]
    }
    const gone = sealing + hush
    const settled = this.settledAfter(gone)
    return [
      { id: 'heat', name: 'heat', start: 0, end: sealing },
      { id: 'hush', name: 'hush', start: sealing, end: gone },
      { id: 'crush', name: 'crush', start: gone, end: Math.min(last, Math.max(settled, gone + 0.01)) },
    ]
  }

  /** Time by which volume and water have come within 2 % of their ends. */
  private settledAfter(start: number): number {
    const end = this.rows.length - 1
    const final = this.rows[end]!
    for (let i = end; i > 0; i--) {
      const row = this.rows[i]!
      const moved = Math.abs(row.volumeLost! - final.volumeLost!) > 0.02
        || Math.abs(row.waterDrawnIn! - final.waterDrawnIn!) > 0.02 * this.plan.vessel.capacity
      if (moved || this.time[i]! <= start) return this.time[Math.min(end, i + 1)]!
    }
    return start
  }
}
