/** What one number read off a thermometer says of a vessel on the heat: boiling here or not, superheated, dry. */
import { asShare, asTemperature, say, type Sentence } from '../sentence'
import { saturationPressure, saturationTemperature } from '../substances/water'

/** Where the thermometer is. */
export const PLACES = ['water', 'rim', 'wall'] as const
export type Place = (typeof PLACES)[number]
export const PLACE_NAMES: Readonly<Record<Place, string>> = {
  water: 'in the water',
  rim: 'in the steam at the rim or mouth',
  wall: 'on the outside of the wall',
}

export type Verdict =
  | 'cold'
  | 'warming'
  | 'boiling'
  | 'superheated'
  | 'mixed'
  | 'full'
  | 'wet-behind'
  | 'over-the-heat'
  | 'dry'
  | 'wrong'

export interface Word {
  verdict: Verdict
  /** K: where water boils here */ boilingPoint: number
  /** at a rim: most steam that the gas there can hold, as a share of the pressure */ mostSteam?: number
}

/** What a school thermometer may be off, K: common practice. */
const READ_TO = 1.5
/** Water in the open is no hotter than this over its boiling point, unless it is smooth glass and undisturbed. */
const SUPERHEATED = 2
/**
 * A heated wall with water boiling on it is some 5 to 15 K hotter than the water (Incropera & DeWitt, ch. 10, boiling
 * curve).
 */
const OVER_THE_HEAT = 15
/** Nothing that is read as water or steam in the open is hotter than this over boiling, K. */
const NOT_WATER = 15
/** Colder than this share of the way nobody speaks of boiling, K under the boiling point. */
const NEARLY = 15

/**
 * @param temperature K, 250 to 900
 * @param pressure of the room, Pa, 45 kPa to 109 kPa
 * @source saturation line (IAPWS-IF97): at a rim the vapour's pressure is at most that of saturation at what the
 *   probe reads
 */
export function wordOf(place: Place, temperature: number, pressure: number): Word {
  const boilingPoint = saturationTemperature(pressure)
  const over = temperature - boilingPoint
  const said = (verdict: Verdict): Word => ({ verdict, boilingPoint })
  if (place === 'wall') {
    if (over > OVER_THE_HEAT) return said('dry')
    if (over > READ_TO) return said('over-the-heat')
    return said(over > -NEARLY ? 'wet-behind' : 'warming')
  }
  if (over > NOT_WATER) return said('wrong')
  if (place === 'rim') {
    if (over >= -READ_TO) return said('full')
    return { ...said('mixed'), mostSteam: saturationPressure(Math.max(274, temperature)) / pressure }
  }
  if (over > SUPERHEATED) return said('superheated')
  if (over >= -READ_TO) return said('boiling')
  return said(over > -NEARLY ? 'warming' : 'cold')
}

/**
 * The verdict as sentences.
 * @param temperature that was read, K
 */
export function sayWord({ verdict, boilingPoint, mostSteam }: Word, temperature: number): Sentence {
  const boils = say`Water boils at ${asTemperature(boilingPoint)} here.`
  const read = asTemperature(temperature)
  switch (verdict) {
    case 'cold':
      return say`${boils} It is far from boiling; the bubbles that show are air.`
    case 'warming':
      return say`${boils} Not yet: it comes to ${read}. What crackles now is not boiling through.`
    case 'boiling':
      return say`${boils} ${read} is boiling, here. That alone says nothing of the air: look at the plume, or hold
        the probe at the rim.`
    case 'superheated':
      return say`${boils} ${read} is more than that: superheated, or the probe touches the bottom. Do not move it
        and drop nothing in; heat off, stand back, let it cool below boiling first.`
    case 'mixed':
      return say`${boils} At the rim ${read}: at most ${asShare(mostSteam!)} of the gas there is steam, the rest
        is air. Let it boil on.`
    case 'full':
      return say`${boils} At the rim ${read}: steam fills it to the top. From here on the boiling-on counts.`
    case 'wet-behind':
      return say`${boils} The wall is as warm as steam makes it: there is water or steam behind it, and it is not
        dry.`
    case 'over-the-heat':
      return say`${boils} ${read} is usual for a wall just over the heat with boiling water on its other side.
        Higher up, or with a thinning plume, it means that it is running dry: heat off.`
    case 'dry':
      return say`${boils} The wall at ${read} has no water behind it: it is dry. Heat off now; let it cool where
        it stands, no water into it.`
    case 'wrong':
      return say`${boils} Neither water nor steam in the open is at ${read}: the probe touches hot metal, or it is
        dry. Heat off and look from the side.`
  }
}
