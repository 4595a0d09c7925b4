/** Heat, steam, hot water and flames. */
import type { Caution } from './caution'
import { MUCH_HOT_WATER, SCALDS, SOFTENING, THIN_MARGIN, TOUCHABLE } from './limits'
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

/** Share of the draws that are dry too early from which that is raised. */
const MAY_BE_DRY = 0.05

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

/**
 * Boiling dry where no planned moment ends the heating.
 * @param share of the draws that are dry in the end
 * @param first s after which 99 of 100 of those are dry
 */
export function leftOn(share: number, first: number, step: string): Caution {
  const latest = share > 0 ? say`, and after ${asTime(first, { toward: 'below' })} at the latest` : ''
  return {
    id: 'dry',
    step,
    severity: share >= MAY_BE_DRY ? 'raised' : 'usual',
    covers: ['heat'],
    hazard:
      share >= 0.005
        ? say`Left on, the burner boils it dry in ${Math.round(share * 100)} of 100, the soonest of them after
            ${asTime(first, { toward: 'below' })}: empty metal overheats and softens; its coating smokes, and smoke is
            not steam.`
        : 'Left on, the burner boils it dry in the end: empty metal overheats and softens.',
    control: say`Burner off from a distance as soon as the folds are out${latest}. Dry and smoking: leave it to cool, no
      water into it.`,
  }
}

/** Water from a microwave may erupt. @param wait s from the oven's end until it is moved */
export const superheated = (step: string, wait: number): Caution => ({
  id: 'superheat',
  step,
  severity: 'raised',
  covers: ['scald', 'heat'],
  hazard: say`Water heated in a microwave can be hotter than boiling and erupt when it is moved, here
    ${asTime(wait)} after the oven stops.`,
  control:
    'A boiling chip or a wooden stick in it from the start, so that it boils instead of storing heat; ' +
    'open the door and look for bubbles before it is moved; face shield or goggles, gloves, mouth ' +
    'away from everybody. No metal in the oven.',
  number: { name: 'wait', value: wait, quantity: 'time', units: ['s', 's'] },
})

/** @param many several flames under one glass or close together */
export const openFlame = (step: string, many = false, what = 'Open flame; hot glass; smoke'): Caution => ({
  id: 'flame',
  step,
  severity: many ? 'raised' : 'usual',
  covers: ['flame', 'heat'],
  hazard: `${what}.`,
  control:
    'Hair tied, sleeves back, nothing that burns within arm’s reach, before anything is lit; a bowl ' +
    'of water and a damp cloth at hand; smoke detectors thought of; tongs or a long match; an adult ' +
    'lights it.',
})

/** Oil that was put on something beside a flame. */
export const oilByFlame = (step: string): Caution => ({
  id: 'oil-flame',
  step,
  severity: 'raised',
  covers: ['flame'],
  hazard: 'Oil on fingers, egg and glass beside an open flame.',
  control:
    'Oil it and wipe hands and outside dry before anything is lit; bottle of oil out of reach; wet it ' +
    'with water instead if there is a flame.',
})

/** Spirits. @param amount m3 */
export const flammable = (what: string, amount: number, step: string): Caution => ({
  id: 'flammable',
  step,
  severity: 'raised',
  covers: ['flame'],
  hazard: say`${what} burns, ${asVolume(amount)} of it here; its vapour catches fire from a distance.`,
  control:
    'No flame, spark, match or hot plate in the room; stock bottle closed and away; window open; ' +
    'nobody heats or smells at the bottle; afterwards rinsed with much water, never near a flame.',
  number: { name: 'amount', value: amount, quantity: 'volume', units: ['mL', 'floz'] },
})

/** Burning vapour: planning only. */
export const fuelMixture = (step: string): Caution => ({
  id: 'fuel',
  step,
  severity: 'raised',
  covers: ['fuel', 'flame'],
  hazard: 'Fuel vapour and air burn in an instant: heat, a bang, flying parts, fire.',
  control: say`Only trained staff, by their own written assessment and their employer’s recipe; never by pupils;
    never oxygen; indoors never above ${asVolume(5e-4)}; only bottles made for fizzy drinks. The mixture is not
    planned here.`,
})
