/** Glass that is chilled, pumped out or struck. */
import type { Caution } from './caution'
import { HARM_RAISES, JAR_ENERGY } from './limits'
import { asEnergy, asForce, asPressure, asShare, asTemperatureDifference, say } from '../sentence'

/**
 * Hot glass meets cold water. @param chill K @param limit that it usually bears, K @param cracks share of the draws
 * in which the chill is more than it bears
 */
export const thermalShock = (chill: number, limit: number, cracks: number, step: string): Caution => ({
  id: 'chill',
  step,
  severity: cracks > HARM_RAISES || chill > 0.6 * limit ? 'raised' : 'usual',
  covers: ['chilled-glass'],
  hazard: say`Hot glass meets water ${asTemperatureDifference(chill)} colder; sound glass of this kind usually
    bears about ${asTemperatureDifference(limit)}, scratched glass much
    less${cracks >= 0.001 ? say`: about ${asShare(cracks)} of them crack` : ''}.`,
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

/** Hot glass that is left to cool by itself. */
export const keepDry = (step: string): Caution => ({
  id: 'keep-dry',
  step,
  severity: 'usual',
  covers: ['chilled-glass'],
  hazard: 'Hot glass that is splashed, or set down on something cold or wet, can crack.',
  control: 'On a dry cork mat or cloth, away from the sink; no water near it until a hand can stay on it.',
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
  hazard: say`Water shoots in and stops short at the far
    end${slam > 0 ? say` with a hammer pressure of about ${asPressure(slam)}` : ''}; the jolt is about
    ${asForce(force)}.`,
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
  hazard: say`As it fills the bottle is pulled down with up to
    ${asForce(pull, { toward: 'above' })}${
      blow > 0
        ? say`, more than a hand on wet glass holds: it would hit the bowl with ${asEnergy(blow)} and may break`
        : '; let go it would hit the bowl and may break'
    }.`,
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
  hazard: say`Glass under vacuum can implode: ${asPressure(difference)} over its whole surface,
    ${asEnergy(energy)} of work in store.`,
  control:
    `${kind}; a screen or net between it and everybody from the start until air is in again; goggles ` +
    'for all; nobody leans over it.',
  number: { name: 'work in store', value: energy, quantity: 'energy', units: ['J', 'ft lbf'], raisedFrom: JAR_ENERGY },
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
