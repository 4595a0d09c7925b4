import type { Demonstration } from './face'
import { bottleFill } from './bottle-fill'
import { canPlunge } from './can-plunge'
import { drumReinflate } from './drum-reinflate'
import { flaskFountain } from './flask-fountain'
import { hotWaterBottle } from './hot-water-bottle'
import { processVessel } from './process-vessel'
import { sealedDrum } from './sealed-drum'
import { sealedTin } from './sealed-tin'
import { warmedBottle } from './warmed-bottle'

/** Every demonstration, in the order the gallery shows them. */
export const DEMONSTRATIONS: readonly Demonstration[] = [
  canPlunge, sealedTin, sealedDrum, drumReinflate, hotWaterBottle, warmedBottle, bottleFill, flaskFountain, processVessel,
]

export const findDemonstration = (id: string): Demonstration | undefined => DEMONSTRATIONS.find(d => d.id === id)

export * from './face'
export { resolve, acceptedRange, describeSpread, findInput, type Fault, type Given } from './resolve'
export { ROOM_INPUTS, stationPressureOf } from './room-inputs'
export { valueAt } from './trace-reading'
