/** Collects a staging's quantities against time while the stages run. */
import { TraceRows, type Row, type Simulation, type Trace, type TraceColumn } from '../../demonstration'
import { HEATING, type HeatingPlan } from '../../mechanisms/heating'
import { type CoolingVessel } from '../../mechanisms/cooling-vessel'
import { COOLING } from '../../mechanisms/cooling-plan'
import { TRANSFER } from '../../mechanisms/transfer'
import { AIR_MOLAR_MASS, GAS_CONSTANT } from '../../substances/air'
import { quickLiquidDensity } from '../../substances/steam-tables'
import { WATER_MOLAR_MASS } from '../../substances/water-transport'

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
  { id: 'airMass', name: 'air inside', quantity: 'mass' },
]

export class TraceRecorder {
  private readonly rows = new TraceRows(COLUMNS)
  private lifting = 0
  private sealing = 0
  private from = 0
  private system: CoolingVessel | undefined

  /** `firstStage` and `lastStage`: what the panels before and after the hush are called */
  constructor(
    private readonly plan: Pick<HeatingPlan, 'room' | 'vessel'>,
    private readonly firstStage = 'heat',
    private readonly lastStage = 'crush',
  ) {}

  private openRow(gas: number, water: number, waterTemperature: number, wall: number, airMoles: number): Row {
    const { room, vessel } = this.plan
    const moles =
      (room.pressure * (vessel.capacity - water / quickLiquidDensity(waterTemperature))) / (GAS_CONSTANT * gas)
    const airFraction = Math.min(1, Math.max(0, airMoles / moles))
    return {
      pressure: room.pressure,
      wallTemperature: wall,
      waterTemperature,
      waterInside: water,
      airFraction,
      steamMass: moles * (1 - airFraction) * WATER_MOLAR_MASS,
      waterDrawnIn: 0,
      inflowSpeed: 0,
      volumeLost: 0,
      condensedOnWall: 0,
      condensedOnWater: 0,
      condensedAsFog: 0,
      gasTemperature: gas,
      airMass: moles * airFraction * AIR_MOLAR_MASS,
    }
  }

  heating = (time: number, state: Float64Array): void => {
    const wall = state[HEATING.wall]
    const water = state[HEATING.water]
    const dry = state[HEATING.waterMass] <= 0
    const gas = ((dry ? state[HEATING.base] : water) + wall) / 2
    this.rows.add(time, this.openRow(gas, Math.max(0, state[HEATING.waterMass]), water, wall, state[HEATING.airMoles]))
  }

  beginTransfer(lifting: number): void {
    this.lifting = lifting
  }

  transfer = (time: number, state: Float64Array): void => {
    const wall = state[TRANSFER.wall]
    const pool = state[TRANSFER.pool]
    this.rows.add(
      this.lifting + time,
      this.openRow((wall + pool) / 2, Math.max(0, state[TRANSFER.waterMass]), pool, wall, state[TRANSFER.airMoles]),
    )
  }

  /** `from`: when this part of the cooling begins, where it is not the seal */
  beginCooling(sealing: number, system: CoolingVessel, from = sealing): void {
    this.sealing = sealing
    this.from = from
    this.system = system
  }

  cooling = (time: number, state: Float64Array): void => {
    const system = this.system!
    const { plan } = system
    const air = state[COOLING.air] / AIR_MOLAR_MASS
    const steam = state[COOLING.vapour]
    const cooled = plan.coolant.area > 0 ? COOLING.wetWall : COOLING.dryWall
    this.rows.add(this.from + time, {
      pressure: system.pressure(state),
      wallTemperature: state[cooled],
      waterTemperature: state[COOLING.liquid],
      waterInside: plan.pool + state[COOLING.drawnIn],
      airFraction: air / (air + steam / WATER_MOLAR_MASS),
      steamMass: steam,
      waterDrawnIn: plan.mouth
        ? Math.max(0, state[COOLING.drawnIn]) / quickLiquidDensity(plan.mouth.waterTemperature)
        : 0,
      inflowSpeed: state[COOLING.speed],
      volumeLost: state[COOLING.lost],
      condensedOnWall: state[COOLING.condensedOnWall],
      condensedOnWater: state[COOLING.condensedOnWater],
      condensedAsFog: state[COOLING.condensedAsFog],
      gasTemperature: state[COOLING.gas],
      airMass: state[COOLING.air],
    })
  }

  /** Heat (minutes), hush, crush or fill (as long as it takes). */
  finish({ details, events }: Simulation): Trace {
    const { rows, sealing } = this
    const gone = details.goneAt
    // All that is told to happen is drawn; the greatest difference after a fold comes slowly, and shows nothing.
    const told = events.filter(e => gone === undefined || e.id !== 'peak').map(e => e.time)
    const end = Math.min(rows.last, Math.max(this.settledAfter(gone ?? sealing), ...told, sealing + 0.2))
    rows.stage('heat', this.firstStage, sealing)
    rows.stage('hush', 'hush', gone ?? end)
    if (gone !== undefined) rows.stage('crush', this.lastStage, Math.max(end, Math.min(rows.last, gone + 0.01)))
    return rows.finish()
  }

  /** Time by which volume, water and pressure have come within 2 % of their ends. */
  private settledAfter(start: number): number {
    const { vessel, room } = this.plan
    return this.rows.settledAfter(
      start,
      (row, last) =>
        Math.abs(row.volumeLost - last.volumeLost) > 0.02 ||
        Math.abs(row.waterDrawnIn - last.waterDrawnIn) > 0.02 * vessel.capacity ||
        Math.abs(row.pressure - last.pressure) > 0.02 * room.pressure,
    )
  }
}

/** A run with its trace, where one was recorded; as it is where not, which is how a forecast draws it 2000 times. */
export const traced = <Run extends Simulation>(
  run: Run,
  recorder: TraceRecorder | undefined,
): Run & { trace?: Trace } => (recorder ? { ...run, trace: recorder.finish(run) } : run)
