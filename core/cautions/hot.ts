/** Heat, steam and hot water. */
import type { Caution } from './caution'
import { MAY_BE_DRY, MUCH_HOT_WATER, SCALDS, SOFTENING, THIN_MARGIN, TOUCHABLE } from './limits'
import { asTemperature, asTime, asVolume, say, type Sentence } from '../sentence'

const FIRST_AID = 'A scald: 20 minutes under cool running water at once, then first aid.'

/**
 * Hot water or steam that can touch somebody; nothing for water that may be touched.
 * @param temperature K @param volume m3 @param what "Steam and water", "Water from the kettle" @param id where one
 *   step has several
 */
export function scald(
  temperature: number,
  volume: number,
  step: string,
  what = 'Steam and water',
  id = 'scald',
): Caution | undefined {
  if (temperature < TOUCHABLE) return undefined
  const much = volume > MUCH_HOT_WATER
  return {
    id,
    step,
    severity: temperature >= SCALDS ? 'raised' : 'usual',
    covers: ['scald', 'heat'],
    hazard: say`${what} at ${asTemperature(temperature)}, ${asVolume(volume)} of it:
      ${temperature >= SCALDS ? 'it scalds within seconds' : 'too hot to touch'}${
        much && temperature >= SCALDS ? ', and so much runs into sleeves and shoes' : ''
      }.`,
    control:
      (temperature >= SCALDS
        ? 'An adult handles it: heat-proof gloves, tongs or a clamp, goggles, closed shoes; mouth turned ' +
          'away from everybody.'
        : 'Gloves; mouth turned away from everybody.') +
      ' ' +
      `${FIRST_AID}`,
    number: {
      name: 'temperature',
      value: temperature,
      quantity: 'temperature',
      units: ['degC', 'degF'],
      raisedFrom: SCALDS,
    },
  }
}

/**
 * Something solid that stays hot. @param temperature K, at its hottest @param what a clause: "Heater and can stay hot
 * after use"
 */
export function hotSurface(
  temperature: number,
  step: string,
  what = 'Heater and vessel stay hot after use',
): Caution | undefined {
  if (temperature < TOUCHABLE) return undefined
  return {
    id: 'hot-surface',
    step,
    severity: 'usual',
    covers: ['heat'],
    hazard: say`${what}: up to ${asTemperature(temperature)}. Nothing over ${asTemperature(TOUCHABLE)} is touched
      or passed round.`,
    control:
      'Heat off and the place marked hot before anyone comes near; clear way from heater to bowl; tongs ' +
      'or gloves until a thermometer says it is cold.',
    number: { name: 'hottest', value: temperature, quantity: 'temperature', units: ['degC', 'degF'] },
  }
}

/** Gas or spirit burner, where the heater may be one. */
export const burnerGas = (step: string, large: boolean): Caution => ({
  id: 'gas',
  step,
  severity: large ? 'raised' : 'usual',
  covers: ['flame'],
  hazard:
    'A gas burner: the cylinder, a loose or cracked hose, a flame that nobody sees in daylight; ' +
    'indoors carbon monoxide under a large cold base.',
  control:
    'Hose and joints tried with soapy water; cylinder upright, away from the heat, its tap within ' +
    `reach; ${large ? 'outdoors or with doors open and a monoxide alarm' : 'window open'}; ` +
    'extinguisher and blanket at hand.',
})

/**
 * Boiling dry.
 * @param margin s from the planned lift to dryness; negative or 0 if it dries before; undefined if it never would
 * @param hottest metal temperature reached, K
 * @param risk share of the draws in which it dries before the lift, and what 99 of 100 of those that dry have from
 *   the lift to dryness at least, s
 * @param wall what it is made of: metal softens and its coating smokes, glass cracks
 */
export function boilingDry(
  margin: number | undefined,
  hottest: number,
  step: string,
  { dry: early, dryAfter: soonest = margin }: { dry: number; dryAfter?: number },
  wall: 'metal' | 'glass' = 'metal',
): Caution {
  const glass = wall === 'glass'
  const control =
    `Someone watches it all the time; lift it or add water before then. Dry${glass ? '' : ' and smoking'}: heat off, ` +
    `leave it to cool${glass ? ' behind the screen' : ''}, no water into it.`
  const number =
    margin === undefined
      ? undefined
      : {
          name: 'dry after the planned lift',
          value: Math.max(0, margin),
          quantity: 'time' as const,
          units: ['s', 's'] as const,
          raisedFrom: THIN_MARGIN,
        }
  const base = { id: 'dry', step, covers: ['heat' as const], control, ...(number && { number }) }
  const risky = early >= MAY_BE_DRY
  const often = Math.round(100 * early)
  if (margin !== undefined && margin <= 0) {
    const inSome = often > 0 && often < 100 ? say` in ${often} of 100` : ''
    return {
      ...base,
      severity: 'raised',
      hazard: glass
        ? say`It boils dry on the heat${inSome}: empty glass overheats and cracks.`
        : say`It boils dry on the heat${inSome}: empty metal overheats${hottest > SOFTENING ? ' and softens' : ''};
        its coating smokes, and smoke is not steam.`,
    }
  }
  const told = whenDry(margin, often, soonest)
  return {
    ...base,
    severity: risky || (margin !== undefined && margin < THIN_MARGIN) ? 'raised' : 'usual',
    hazard: glass
      ? told
        ? say`${told}; dry glass overheats and cracks.`
        : 'Glass that boils dry overheats and cracks.'
      : told
        ? say`${told}; a dry vessel overheats, softens and smokes.`
        : 'A vessel that boils dry overheats, softens and smokes.',
  }
}

/** What of the stated moment the soonest must be under to be told beside it: otherwise they read the same. */
const APART = 0.9

/** @param often of 100 draws that are dry before the lift @param soonest s, that 99 of 100 have at least */
function whenDry(margin: number | undefined, often: number, soonest: number | undefined): Sentence | undefined {
  if (margin === undefined)
    return often > 0
      ? say`It is dry before the planned lift in ${often} of 100`
      : soonest === undefined
        ? undefined
        : say`Dry ${asTime(Math.max(0, soonest), { toward: 'below' })} after the planned lift at the soonest`
  if (often > 0) return say`Dry ${asTime(margin)} after the planned lift, and before it in ${often} of 100`
  if (soonest === undefined || soonest > APART * margin) return say`Dry ${asTime(margin)} after the planned lift`
  const early = asTime(Math.max(0, soonest), { toward: 'below' })
  return say`Dry ${asTime(margin)} after the planned lift, or ${early} after it in 1 of 100`
}
