/** Syringes that are pulled with the nozzle shut. */
import type { Caution } from './caution'
import { asForce, asPressure, say } from '../sentence'

/** Pull from which a plunger that slips out of the fingers is a blow, N; assumption. */
const FIRM_PULL = 60

/** Pressure over the room from which a cap that is not screwed tight is a missile, Pa; assumption. */
const FIRM_PRESS = 100e3

/** @param pull most that the hand must hold, N, 99th percentile */
export const snapsBack = (pull: number, step: string): Caution => ({
  id: 'snap-back',
  step,
  severity: pull > FIRM_PULL ? 'raised' : 'usual',
  covers: ['vacuum'],
  hazard: say`Let go, the plunger flies back: the room pushes it with up to ${asForce(pull, { toward: 'above' })}.`,
  control:
    'Goggles. Fingers never between plunger and barrel; nozzle shut by a screwed cap, pointing at nobody; let the ' +
    'plunger back by hand.',
  number: { name: 'pull, 99 of 100', value: pull, quantity: 'force', units: ['N', 'lbf'], raisedFrom: FIRM_PULL },
})

export const noNeedles = (step: string): Caution => ({
  id: 'needle',
  step,
  severity: 'usual',
  covers: [],
  hazard: 'Syringes look like medicine, and children try what they see.',
  control: 'New ones, without a needle and never used; counted out and counted in again; nobody drinks from them.',
})

/** @param gauge most over the room, Pa, 99th percentile */
export const capFliesOff = (gauge: number, step: string): Caution => ({
  id: 'cap-off',
  step,
  severity: gauge > FIRM_PRESS ? 'raised' : 'usual',
  covers: ['pressure'],
  hazard: say`Pressed to ${asPressure(gauge, { toward: 'above' })} over the room, a loose cap flies off.`,
  control:
    'Goggles for everybody near; cap screwed on, pointing at a wall; let the plunger back before the cap comes off.',
  number: {
    name: 'over the room, 99 of 100',
    value: gauge,
    quantity: 'pressure',
    units: ['kPa', 'psi'],
    raisedFrom: FIRM_PRESS,
  },
})
