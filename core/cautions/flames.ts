/** Flames, spirits, burning vapour, water that erupts: what some demonstrations bring and most don't. */
import type { Caution } from './caution'
import { MAY_BE_DRY } from './limits'
import { asTime, asVolume, say } from '../sentence'

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
