/** Where things stand on the bench of a steam vessel, in m, with the heater's middle at x = 0. */
import type { Scene } from '../../../demonstration'
import type { Look } from './look'

/** Width over height of the screen's drawing, which the frame is made to fit. */
const ASPECT = 2.03

export interface Bench {
  frame: Scene['frame']
  /** a length that things without a size of their own go by */ unit: number
  heater: { x: number; top: number }
  /** what holds the cooling water; without a basin the place where it is cooled */
  basin: { x: number; width: number; rim: number; water: number }
}

/** Bowl of a bath: a round one whose depth is 0.45 of its width, four fifths full. */
const bowlWidth = (volume: number) => Math.cbrt((4 * volume * 1.25) / (Math.PI * 0.45))

/** The same at every moment, so that the picture stays still. */
export function benchOf(look: Look): Bench {
  const { diameter, height, stemLength = 0, mouthDepth = 0, bathVolume = 0, poolDepth = 0 } = look
  const tall = height + stemLength
  const unit = Math.max(tall, 0.7 * diameter)
  const top = look.heat ? 0.13 * unit : 0
  const basin =
    look.cooling === 'bath'
      ? bowlWidth(bathVolume)
      : look.cooling === 'ice-pool'
        ? diameter + 0.5 * Math.max(diameter, 0.4 * unit)
        : 0
  const depth = Math.max(0.45 * basin, mouthDepth * 1.25 + 0.05 * unit)
  const water = look.cooling === 'bath' ? 0.8 * depth : poolDepth
  const rim = look.cooling === 'bath' ? depth : poolDepth + 0.07 * unit
  // Held over the water its mouth touches it; on the way there it is lifted over the rim.
  const highest = Math.max(top + tall, look.cooling === 'bath' ? water + tall : 0) + 0.17 * unit
  const [low, high] = [-0.09 * unit, Math.max(highest, rim + 0.15 * unit)]
  const heaterWidth = Math.max(diameter, look.heat ? 0.62 * unit : 0)
  const [labels, coolWidth] = [0.6 * unit, Math.max(basin, diameter)]
  const twoPlaces = look.heat !== '' && look.cooling !== ''
  const needed = twoPlaces ? heaterWidth + labels + coolWidth + labels : Math.max(heaterWidth, coolWidth) + 2 * labels
  const width = Math.max(needed, ASPECT * (high - low))
  const spare = width - needed
  const left = twoPlaces ? -heaterWidth / 2 - 0.35 * spare : -width / 2
  const x = twoPlaces ? heaterWidth / 2 + labels + coolWidth / 2 + 0.3 * spare : 0
  return {
    frame: { left, right: left + width, bottom: low, top: high },
    unit,
    heater: { x: 0, top },
    basin: { x, width: basin, rim, water },
  }
}
