/** A sphere, by its diameter. */
import { pow } from '../elementary'

/** m3. @param diameter m */
export const sphereVolume = (diameter: number): number => (Math.PI / 6) * diameter * diameter * diameter

/** m. @param volume m3 */
export const sphereDiameter = (volume: number): number => pow((6 * volume) / Math.PI, 1 / 3)
