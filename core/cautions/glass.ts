/** Glass that is chilled, pumped out or struck. */
import { formatQuantity } from '../units'
import type { Caution } from './caution'
import { HARM_RAISES, JAR_ENERGY } from './limits'

const kelvins = (k: number): string => formatQuantity(k, 'K', 'temperatureDifference', 2)

/**
 * Hot glass meets cold water. @param chill K @param limit that it usually bears, K @param cracks share of the draws
 * in which the chill is more than it bears
 */
export const thermalShock = (chill: number, limit: number, cracks: number, step: string): Caution => ({
  id: 'chill',
  step,
  severity: cracks > HARM_RAISES || chill > 0.6 * limit ? 'raised' : 'usual',
  covers: ['chilled-glass'],
  hazard:
    `Hot glass meets water ${kelvins(chill)} colder; sound glass of this kind usually bears about ` +
    `${kelvins(limit)}, scratched glass much less` +
    (cracks >= 0.001 ? `: about ${formatQuantity(cracks, '%', 'fraction', 2)} of them crack` : '') +
    '.',
  control:
    'No scratched or chipped glass; a plastic or padded bowl; goggles for all; cut-resistant gloves; ' +
    'warmer water for less.',
  number: {
    name: 'chill',
    value: chill,
    quantity: 'temperatureDifference',
    units: ['K', 'degF'],
    raisedFrom: 0.6 * limit,
  },
})

/**
 * Water stopped short in glass. @param slam hammer pressure, Pa @param force N @param cracks share of the draws that
 * end broken
 */
export const inflowSlam = (slam: number, force: number, cracks: number, step: string): Caution => ({
  id: 'slam',
  step,
  severity: slam > 2e6 || cracks > HARM_RAISES ? 'raised' : 'usual',
  covers: ['glass-under-difference'],
  hazard:
    'Water shoots in and stops short at the far end' +
    (slam > 0 ? ` with a hammer pressure of about ${formatQuantity(slam, 'MPa', 'pressure', 2)}` : '') +
    '; ' +
    `the jolt is about ${formatQuantity(force, 'N', 'force', 2)}.`,
  control:
    'Hold it with a cloth round it, never against the bottom of the bowl; goggles; if it cracks keep ' +
    'it in the water and let go.',
  number: { name: 'hammer pressure', value: slam, quantity: 'pressure', units: ['MPa', 'psi'], raisedFrom: 2e6 },
})

/**
 * The room presses the bottle down into the bowl while less presses back over its mouth. @param pull and `grip`, N,
 * 99 of 100 @param blow and `limit`, J
 */
export const pulledDown = (pull: number, grip: number, blow: number, limit: number, step: string): Caution => ({
  id: 'pull',
  step,
  severity: pull > 0.5 * grip || blow > 0.3 * limit ? 'raised' : 'usual',
  covers: ['glass-under-difference'],
  hazard:
    `As it fills the bottle is pulled down with up to ${formatQuantity(pull, 'N', 'force', 2)}` +
    (blow > 0
      ? ', more than a hand on wet glass holds: it would hit the bowl with ' +
        `${formatQuantity(blow, 'J', 'energy', 2)} and may break`
      : '; let go it would hit the bowl and may break') +
    '.',
  control:
    'Plastic bowl with a folded cloth on its bottom; both hands, a cloth round the bottle, ' +
    'cut-resistant gloves; faces back, goggles; narrower neck or shorter boil for less.',
  number: { name: 'pull, 99 of 100', value: pull, quantity: 'force', units: ['N', 'lbf'], raisedFrom: 0.5 * grip },
})

/** Glass with less inside than outside. @param difference Pa @param energy J @param kind what may stand there */
export const glassUnderVacuum = (
  difference: number,
  energy: number,
  step: string,
  kind = 'Only glass made for vacuum, never scratched, chipped, thin or flat-sided',
): Caution => ({
  id: 'implosion',
  step,
  severity: energy > JAR_ENERGY ? 'raised' : 'usual',
  covers: ['glass-under-difference', 'vacuum'],
  hazard:
    `Glass under vacuum can implode: ${formatQuantity(difference, 'kPa', 'pressure', 2)} over its ` +
    `whole surface, ${formatQuantity(energy, 'J', 'energy', 2)} of work in store.`,
  control:
    `${kind}; a screen or net between it and everybody from the start until air is in again; goggles ` +
    'for all; nobody leans over it.',
  number: { name: 'work in store', value: energy, quantity: 'energy', units: ['J', 'J'], raisedFrom: JAR_ENERGY },
})

/** Glass tubes and stoppers. */
export const stemInStopper = (step: string): Caution => ({
  id: 'stem',
  step,
  severity: 'usual',
  covers: [],
  hazard: 'A glass tube pushed through a stopper snaps and goes through the hand.',
  control:
    'Tube wetted with soapy water or glycerol, held in a cloth close to the stopper, turned and not ' +
    'pushed; done the day before; cut-resistant gloves.',
})

/** Glass that falls. */
export const dropped = (step: string, what = 'A wet glass slips and breaks'): Caution => ({
  id: 'dropped',
  step,
  severity: 'usual',
  covers: ['load'],
  hazard: `${what}.`,
  control: 'Plastic for classes; low over a cloth; dustpan at hand, no bare hands on splinters.',
})
