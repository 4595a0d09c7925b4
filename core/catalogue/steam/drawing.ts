import { type DrawingState, valueAt, type Has, type Ran } from '../../demonstration'

export interface Look {
  shape: 'cylinder' | 'drum' | 'box' | 'bottle' | 'flask' | 'tank'
  /** what closes it, or dips into the water */ closure: 'bung' | 'cap' | 'vent' | 'mouth' | 'stem' | 'relief'
  /** one of the ways of cooling, or `bath` for what is turned over into one */ cooling: string
  /** what heats it: `flame`, `microwave`, or nothing */ heat: string
  /** m */ diameter: number
  height: number
  mouth: number
  more?: Record<string, number>
}

/** Lengths in m, masses in kg, temperatures in K, pressures in Pa. */
export function steamDrawing(
  values: Has<'airTemperature'> & { numbers: { mouthDepth?: number; plungeSpeed?: number; iceMass?: number } },
  simulation: Ran<
    never,
    'timeOfLifting' | 'sealing' | 'stationPressure' | 'capacity',
    'timeToBoil' | 'timeToPlume' | 'timeToDry',
    'boiledDry' | 'opening' | 'bathTemperature'
  >,
  time: number,
  look: Look,
): DrawingState {
  const { trace, details, results } = simulation
  if (!trace) throw new RangeError('trace: the drawing needs a simulation with a trace')
  const { shape, closure, cooling, heat, more, ...lengths } = look
  const lifting = details.timeOfLifting
  const sealing = details.sealing
  const column = (id: string) => (trace.columns[id] ? valueAt(trace, id, time) : 0)
  const onHeat = time < lifting
  const { mouthDepth = 0, plungeSpeed = 0.3 } = values.numbers
  return {
    kind: 'steam-vessel',
    words: { shape, closure, cooling, heat },
    numbers: {
      ...lengths,
      ...more,
      depth: time < sealing ? 0 : Math.min(mouthDepth, (time - sealing) * plungeSpeed),
      place: onHeat ? 0 : time < sealing ? 1 : 2,
      carried: sealing > lifting ? Math.min(1, Math.max(0, (time - lifting) / (sealing - lifting))) : onHeat ? 0 : 1,
      boiling: onHeat && results.timeToBoil !== undefined && time >= results.timeToBoil ? 1 : 0,
      plume:
        onHeat &&
        results.timeToPlume !== undefined &&
        time >= results.timeToPlume &&
        !(details.boiledDry === 1 && time > (results.timeToDry ?? Infinity))
          ? 1
          : 0,
      waterInside: column('waterInside'),
      volumeLost: column('volumeLost'),
      drawnIn: column('waterDrawnIn'),
      airFraction: column('airFraction'),
      pressure: column('pressure'),
      outside: details.stationPressure,
      jet: Math.max(0, column('inflowSpeed')),
      capacity: details.capacity,
      wallTemperature: column('wallTemperature'),
      opened: details.opening !== undefined && time >= details.opening ? 1 : 0,
      iceMass: values.numbers.iceMass ?? 0,
      bathTemperature: details.bathTemperature ?? values.numbers.airTemperature,
    },
  }
}
