/** Vessels that are closed, that give way, and what is thrown about. */
import type { Caution } from './caution'
import { LARGE_VESSEL, RATING_RAISES } from './limits'
import { asEnergy, asForce, asLength, asPressure, asTime, say } from '../sentence'

/** A closed vessel on the heat is a boiler without a valve. */
export const neverHeatSealed = (step: string): Caution => ({
  id: 'sealed-heat',
  step,
  severity: 'raised',
  covers: ['closed-hot-vessel', 'pressure'],
  hazard: 'A closed vessel on the heat bursts.',
  control:
    'Heat off and the vessel off the heat before anyone touches the closure; one person says so ' +
    'aloud, another closes it.',
})

/**
 * A closed vessel that gives way.
 * @param force on the whole surface, N @param work J @param capacity m3 @param until s from closing, while it may
 *   still go @param apart where nobody needs to be near it
 */
export function goesSuddenly(
  force: number,
  work: number,
  capacity: number,
  until: number,
  step: string,
  apart: string,
): Caution {
  const large = capacity > LARGE_VESSEL
  return {
    id: 'goes',
    step,
    severity: large ? 'raised' : 'usual',
    covers: ['closed-hot-vessel', 'vacuum'],
    hazard: say`The outside air presses with ${asForce(force)} in all and can do ${asEnergy(work)} of work: it
      goes suddenly, with a bang, and may still go ${asTime(until, { toward: 'above' })} after it is closed.`,
    control: large
      ? say`Outdoors or in a large hall; everyone at least ${asLength(5)} away and not in front of its ends; ear
        protection near it; nobody near once it is closed: ${apart}.`
      : say`Screen or ${asLength(1)} of distance, goggles; no hand on it once it is closed: ${apart}.`,
    number: { name: 'work the air can do', value: work, quantity: 'energy', units: ['kJ', 'BTU'] },
  }
}

/** A vessel that has a dent already. */
export const dented = (what: string, step: string): Caution => ({
  id: 'dented',
  step,
  severity: 'raised',
  covers: ['vacuum'],
  hazard: `A dented ${what} goes earlier than it looks, and nobody knows how much.`,
  control:
    'Everybody as far back as for the strongest of its kind, from the moment it is closed; no hand on ' +
    'it; mark it, and use it once.',
})

/** What a vessel has held. */
export const formerContents = (what: string, step: string): Caution => ({
  id: 'contents',
  step,
  severity: 'raised',
  covers: ['fuel'],
  hazard:
    `${what} that has held anything that burns gives off vapour that explodes on the heat; poison ` +
    'stays in the seams.',
  control:
    'Only one whose history is known, that has held food or water, washed out with hot water; never one that smells.',
})

/**
 * A damaged vessel with steam in it. @param gauge 99th percentile over the room, Pa @param setting Pa over the room,
 * 0: open
 */
export const overpressure = (gauge: number, setting: number, step: string): Caution => ({
  id: 'overpressure',
  step,
  severity: 'raised',
  covers: ['pressure', 'closed-hot-vessel'],
  hazard: say`In 99 of 100 the inside stays below ${asPressure(gauge, { toward: 'above' })} over the
    room${setting > 0 ? say` against a relief that opens at ${asPressure(setting)}` : ''}; a damaged vessel may
    fail below that, at a fold or a seam.`,
  control:
    'A tested relief of enough area, nothing in front of it; never a plug, a cork or a hand; everyone ' +
    'well away, ends of the vessel pointing where nobody is; heat shut off from a distance; trained ' +
    'staff only.',
  number: { name: 'over the room, 99 of 100', value: gauge, quantity: 'pressure', units: ['kPa', 'psi'] },
})

/** Bottles that are pumped up. @param gauge Pa over the room, 99th percentile @param rating stated limit, Pa */
export const pressurised = (gauge: number, rating: number, step: string): Caution => ({
  id: 'pressurised',
  step,
  severity: gauge > RATING_RAISES * rating ? 'raised' : 'usual',
  covers: ['pressure'],
  hazard: say`The bottle stands up to ${asPressure(gauge, { toward: 'above' })} over the room,
    ${Math.round((gauge / rating) * 100)} %
    of the stated limit.`,
  control:
    'Only bottles made for fizzy drinks, without a scratch, not old and never frozen; stay under the ' +
    'stated pressure; goggles for all; the stopper points at nobody.',
  number: {
    name: 'over the room, 99 of 100',
    value: gauge,
    quantity: 'pressure',
    units: ['kPa', 'psi'],
    raisedFrom: RATING_RAISES * rating,
  },
})
