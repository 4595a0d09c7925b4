/** The numbers at which a caution is raised or a plan refused, each with where it comes from. All SI. */

/**
 * Nothing warmer is called touchable or passed round, K: ISO 13732-1, burn threshold for long contact with any
 * material 43 to 48 °C (from memory).
 */
export const TOUCHABLE = 273.15 + 45
/**
 * Water from here on scalds within seconds, K: 60 °C takes about 5 s, 65 °C about 2 s (Moritz & Henriques, Am. J.
 * Pathol. 23 (1947) 695, from memory).
 */
export const SCALDS = 273.15 + 60
/** More hot water than this runs down arms and into clothes, m3: a cup. Common practice. */
export const MUCH_HOT_WATER = 150e-6
/** Aluminium alloys lose half their strength about here, K: handbook range 200 to 250 °C, from memory. */
export const SOFTENING = 500
/** Share of the draws that are dry too early from which that is raised. */
export const MAY_BE_DRY = 0.05
/** Less time than this between the planned lift and dryness is no margin, s. Common practice. */
export const THIN_MARGIN = 30
/**
 * Sudden chill that sound glass usually bears, K: half of such glasses break at it. Soda-lime bottles are tested at
 * 42 K and usually survive two to three times that; borosilicate flasks about 180 K. From memory.
 */
export const USUAL_CHILL: Readonly<Record<string, number>> = { 'soda-lime': 110, 'borosilicate': 180 }
/** How far one glass differs from the next in that: relative standard deviation, lognormal. Assumption. */
export const CHILL_SPREAD = 0.2
/** Odds of harm from which a caution is raised, and from which a plan with chilled glass is refused. Our own rule. */
export const HARM_RAISES = 0.01
export const CRACKS_REFUSED = 0.02
/**
 * A person may hang from what holds this many times the pull: lifting gear for people is built to 5 and more, plates
 * to 4 after a proof load. Common practice.
 */
export const PERSON_FACTOR = 4
/** Mass that hangs which may be a person, kg. */
export const PERSON = 25
/**
 * What one adult lifts at waist height, kg: guideline figures for manual handling (HSE L23, from memory); children a
 * quarter.
 */
export const LIFT_ADULT = 25
export const LIFT_CHILD = 6
/**
 * Peak level from which ears need cover even once, dB: pain and damage begin about here; employers act from 135 dB(C)
 * peak (EU 2003/10/EC), a classroom well below.
 */
export const LOUD = 110
/** Energy of flying pieces that break skin and eyes many times over, J: some joules do (from memory). */
export const SHARDS = 100
/**
 * Overpressure that no classroom bottle is pumped to here, Pa: fizzy-drink bottles are tested to some 10 bar new,
 * scratched ones burst at a third. Common practice.
 */
export const MOST_GAUGE = 300e3
/** Share of the stated limit of a bottle that is used at most before it is raised. Common practice. */
export const RATING_RAISES = 0.6
/** Spirits in one cloud bottle at most, m3: 3 mL of vapour and liquid is a flash, 30 mL a fire. Common practice. */
export const MOST_SPIRITS = 5e-6
/** Work stored round a pumped jar from which it is raised, J. Common practice. */
export const JAR_ENERGY = 300
/** Capacity from which a vessel that goes suddenly needs room round it, m3: a tin's size. Common practice. */
export const LARGE_VESSEL = 20e-3
