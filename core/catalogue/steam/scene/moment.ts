/** What a steam vessel is like at one moment of its staging. */
import { valueAt, type Has, type Ran } from '../../../demonstration'

/** What every steam demonstration's drawing reads of its values. */
export type DrawnValues = Has<'airTemperature'> & {
  numbers: { mouthDepth?: number; plungeSpeed?: number; iceMass?: number }
}
/** … and of its simulation, which must have a trace. */
export type DrawnRun = Ran<
  never,
  'timeOfLifting' | 'sealing' | 'stationPressure' | 'capacity',
  'timeToBoil' | 'timeToPlume' | 'timeToDry',
  'boiledDry' | 'opening' | 'bathTemperature'
>

export type Place = 'on-heat' | 'carried' | 'sealed'

/** SI units; shares from 0 to 1. */
export interface Moment {
  place: Place
  /** share of the way from lifting to sealing */ carried: number
  /** depth of its mouth under water, m */ depth: number
  boiling: boolean
  plume: boolean
  /** the stopper or valve under water has been opened */ opened: boolean
  /** kg */ waterInside: number
  /** share of its volume gone */ volumeLost: number
  /** m³ */ drawnIn: number
  /** of the gas, by amount */ airFraction: number
  /** Pa */ pressure: number
  outside: number
  /** speed of the water that comes in, m/s */ jet: number
  /** K; 0 where no wall is followed */ wallTemperature: number
}

/** @param time s from heat on @throws RangeError without a trace */
export function momentAt(values: DrawnValues, { trace, details, results }: DrawnRun, time: number): Moment {
  if (!trace) throw new RangeError('trace: the drawing needs a simulation with a trace')
  const { timeOfLifting: lifting, sealing } = details
  const { mouthDepth = 0, plungeSpeed = 0.3 } = values.numbers
  const column = (id: string) => (trace.columns[id] ? valueAt(trace, id, time) : 0)
  const onHeat = time < lifting
  const since = (start: number | undefined) => onHeat && start !== undefined && time >= start
  const dry = details.boiledDry === 1 && time > (results.timeToDry ?? Infinity)
  const onTheWay = onHeat ? 0 : 1
  return {
    place: onHeat ? 'on-heat' : time < sealing ? 'carried' : 'sealed',
    carried: sealing > lifting ? Math.min(1, Math.max(0, (time - lifting) / (sealing - lifting))) : onTheWay,
    depth: time < sealing ? 0 : Math.min(mouthDepth, (time - sealing) * plungeSpeed),
    boiling: since(results.timeToBoil),
    plume: since(results.timeToPlume) && !dry,
    opened: details.opening !== undefined && time >= details.opening,
    waterInside: column('waterInside'),
    volumeLost: column('volumeLost'),
    drawnIn: column('waterDrawnIn'),
    airFraction: column('airFraction'),
    pressure: column('pressure'),
    outside: details.stationPressure,
    jet: Math.max(0, column('inflowSpeed')),
    wallTemperature: column('wallTemperature'),
  }
}
