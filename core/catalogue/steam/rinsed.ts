/** A vessel filled with moist hot gas by rinsing it with hot water, up to the seal. */
import { rinse } from '../../mechanisms/rinse'
import { transfer, TRANSFER } from '../../mechanisms/transfer'
import type { Room, SteamVessel } from '../../mechanisms/steam-vessel'
import type { Filled } from './filling'
import type { TraceRecorder } from './trace-recorder'

const carried = new Float64Array(4)

export interface Rinsing {
  /** m3 each time */ volume: number
  /** K */ temperature: number
  times: number
  contact: number
  saturation: number
  /** from emptied to sealed, s */ delay: number
  /** true: turned over into a bath; false: capped where it stands */ moved: boolean
  uprightShare: number
  airLayerFactor: number
  surfaceConductance: number
}

/** The clock starts when the last rinse is poured out. */
export function fillByRinsing(
  vessel: SteamVessel,
  room: Room,
  rinsing: Rinsing,
  tolerance: number,
  recorder?: TraceRecorder,
): Filled {
  const rinsed = rinse({ vessel, room, ...rinsing, volume: Math.min(rinsing.volume, vessel.capacity) })
  carried[TRANSFER.wall] = rinsed.wall
  carried[TRANSFER.pool] = rinsed.wall
  carried[TRANSFER.waterMass] = rinsed.film
  carried[TRANSFER.airMoles] = rinsed.airMoles
  recorder?.beginTransfer(0)
  transfer(
    {
      vessel,
      room,
      duration: rinsing.delay,
      uprightShare: rinsing.uprightShare,
      moved: rinsing.moved,
      airLayerFactor: rinsing.airLayerFactor,
      surfaceConductance: rinsing.surfaceConductance,
    },
    carried,
    tolerance,
    recorder?.transfer,
  )
  return {
    wall: carried[TRANSFER.wall],
    liquid: carried[TRANSFER.pool],
    waterMass: carried[TRANSFER.waterMass],
    airMoles: carried[TRANSFER.airMoles],
    timeOfLifting: 0,
    sealing: rinsing.delay,
    overheat: rinsed.wall,
  }
}
