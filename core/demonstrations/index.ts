import type { Demonstration } from './face'
import { canPlunge } from './can-plunge'

/** Every demonstration, in the order the gallery shows them. */
export const DEMONSTRATIONS: readonly Demonstration[] = [canPlunge]

export const findDemonstration = (id: string): Demonstration | undefined => DEMONSTRATIONS.find(d => d.id === id)

export * from './face'
export { resolve, acceptedRange, describeSpread, findInput, type Fault, type Given } from './resolve'
export { ROOM_INPUTS, stationPressureOf } from './room-inputs'
export { valueAt } from './trace-reading'
