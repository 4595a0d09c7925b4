/**
 * Water in an inverted glass, held by a card.
 *
 * The outside air pushes up on the card with p0; the trapped air and the water push down with p_a + ρ g h. The water
 * sags a little, the trapped air expands and its pressure falls until both are equal. It holds as long as the sag
 * fits into the gap that the wet rim still seals.
 */
import { GRAVITY } from '../substances/water-transport'

/** Surface tension of water near 20 °C, N/m: IAPWS R1-76(2014), 72.7 mN/m. */
const SURFACE_TENSION = 0.0727

export interface InvertedGlass {
  /** m */ diameter: number
  height: number
  /** share of the height */ filled: number
  /** card, kg */ card: number
  /** Pa */ outside: number
  /** kg/m3 */ density: number
}

/**
 * Pressure that the trapped air must fall by, Pa: water and card hang on it. @source statics: ρ g h and the card's
 * weight over the opening
 */
export function neededFall({ diameter, height, filled, card, density }: InvertedGlass): number {
  return density * GRAVITY * height * filled + (card * GRAVITY) / ((Math.PI * diameter * diameter) / 4)
}

/**
 * Sag of the card for that fall, m; infinite where the air can't fall so far. Full to the brim there is nothing to
 * expand. @source Boyle's law on the trapped air
 */
export function sag(glass: InvertedGlass): number {
  const fall = neededFall(glass)
  return fall >= glass.outside ? Infinity : (glass.height * (1 - glass.filled) * fall) / (glass.outside - fall)
}

/**
 * Widest gap that the water film at the rim closes, m: a meniscus across it holds 2σ/gap against the head at the rim
 * that is not balanced by the sag, here the column one gap high; and never more than a few capillary lengths.
 * @param factor share of the capillary length sqrt(σ/ρg) that a wet card keeps closed
 */
export const sealedGap = (density: number, factor: number): number =>
  factor * Math.sqrt(SURFACE_TENSION / (density * GRAVITY))
