/**
 * A glass wall that takes time to cool or warm through its thickness: layers of one thickness, heat conducted between
 * them.
 *
 * The layers are unknowns of whatever system the wall stands in. Three are within 6 % of the series solution for a
 * slab cooled from one side (H. S. Carslaw & J. C. Jaeger, Conduction of Heat in Solids, 2nd ed. (1959), sect. 3.4)
 * once the first tenth of its time L²/α is over; a test holds that.
 */
import { SOLIDS } from '../substances/solids'

export const GLASS_LAYERS = 3

export interface GlassWall {
  /** m */ thickness: number
  /** outside, K */ outside: number
  /** to what lies outside, W/(m2 K) */ transfer: number
}

/**
 * Temperature of the face that the gas meets, K, from its flux into the wall (W/m2). @param first of the layers in
 * `state`
 */
export const innerFace = (wall: GlassWall, state: Float64Array, first: number, flux: number): number =>
  state[first] + flux * halfLayer(wall)

const halfLayer = ({ thickness }: GlassWall): number => thickness / (2 * GLASS_LAYERS * SOLIDS.glass.conductivity)

/**
 * Conductance from the gas to the middle of the innermost layer, W/(m2 K).
 * @param transfer from the gas to the face, W/(m2 K)
 */
export const toFirstLayer = (wall: GlassWall, transfer: number): number => 1 / (1 / transfer + halfLayer(wall))

/**
 * Writes the layers' rates. @param flux into the inner face, W/m2 @param first place of the innermost layer in the
 * state
 */
export function conduct(wall: GlassWall, state: Float64Array, slope: Float64Array, first: number, flux: number): void {
  const { conductivity, density, specificHeat } = SOLIDS.glass
  const layer = wall.thickness / GLASS_LAYERS
  const capacity = density * specificHeat * layer
  let entering = flux
  for (let i = 0; i < GLASS_LAYERS; i++) {
    const here = state[first + i]
    const leaving =
      i < GLASS_LAYERS - 1
        ? (conductivity / layer) * (here - state[first + i + 1])
        : (here - wall.outside) / (1 / wall.transfer + halfLayer(wall))
    slope[first + i] = (entering - leaving) / capacity
    entering = leaving
  }
}
