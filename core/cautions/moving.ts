/** Pumps, balloons, missiles, loads and noise. */
import type { Caution } from './caution'
import { HARM_RAISES, LOUD, PERSON, PERSON_FACTOR, SHARDS } from './limits'
import { asEnergy, asLength, asMass, asNumber, asSpeed, say } from '../sentence'

/** A driven pump. */
export const usualPump = (step: string): Caution => ({
  id: 'pump',
  step,
  severity: 'usual',
  covers: ['vacuum'],
  hazard:
    'A pump left running can draw liquid in, and oil or water back when it stops; its belt and fan ' +
    'catch hair and ties.',
  control:
    'Trap in the line; open the air valve before switching off; guard on the belt; hair, ties and ' +
    'sleeves away from it; cable dry and out of the way.',
})

/** Something bursts or tears. @param share of the draws in which it does */
export const bursts = (what: string, share: number, step: string, bits = 'in hose and valve'): Caution => ({
  id: 'burst',
  step,
  severity: share > HARM_RAISES ? 'raised' : 'usual',
  covers: ['burst'],
  hazard:
    `${what} may burst with a bang` +
    (share >= 0.005 ? `: ${Math.round(share * 100) || 'under 1'} of 100 do` : '') +
    '.',
  control: `Say so beforehand; goggles; look for bits ${bits} afterwards.`,
  number: { name: 'share that bursts', value: share, quantity: 'fraction', units: ['%', '%'], raisedFrom: HARM_RAISES },
})

/** Balloons: skin and small children. @param from youngest age it is shown to */
export const balloons = (step: string, from: number): Caution => ({
  id: 'balloon',
  step,
  severity: from < 8 ? 'raised' : 'usual',
  covers: ['burst'],
  hazard: 'Balloons and their pieces choke small children; latex gives some people a rash and worse.',
  control:
    'Under eight years only with an adult at their side, and every piece counted and picked up; ask ' +
    'about latex allergy, or take latex-free ones; nobody shares a mouthpiece.',
})

/** Something flies. @param speed m/s and `far`, m: 99 of 100 stay below @param energy J */
export const projectile = (
  what: string,
  speed: number,
  far: number,
  energy: number,
  step: string,
  where = '',
): Caution => ({
  id: 'projectile',
  step,
  severity: 'raised',
  covers: ['projectile'],
  hazard: say`In 99 of 100 ${what} leaves at no more than ${asSpeed(speed, { toward: 'above' })} and could
    fly ${asLength(far, { toward: 'above' })}${where}.`,
  control:
    'Line of fire empty and closed off before anything is loaded, with a backstop; doors watched; eye ' +
    'and ear protection; one person fires, on a count, when nobody is forward of it.',
  number: { name: 'energy, 99 of 100', value: energy, quantity: 'energy', units: ['J', 'ft lbf'] },
})

/** A missile breaks up. @param energy J, 99 of 100 */
export const shatters = (energy: number, step: string): Caution => ({
  id: 'shatter',
  step,
  severity: energy > SHARDS ? 'raised' : 'usual',
  covers: ['projectile'],
  hazard: say`With up to ${asEnergy(energy, { toward: 'above' })} the ball shatters; bits fly back.`,
  control:
    'Box or curtain round the target; goggles for everybody in the room' +
    (energy > SHARDS ? '; a full screen between target and people' : '') +
    '.',
  number: { name: 'energy, 99 of 100', value: energy, quantity: 'energy', units: ['J', 'ft lbf'], raisedFrom: SHARDS },
})

/** What a dead weight asks for, times its pull. */
const DEAD_WEIGHT_FACTOR = 2
/** How many times its pull 99 of 100 must hold. @param load kg */
export const wantedFactor = (load: number): number => (load >= PERSON ? PERSON_FACTOR : DEAD_WEIGHT_FACTOR)
/** Most that may hang, kg. @param load kg, of which 99 of 100 hold the pull `factor` times */
export function mostLoad(load: number, factor: number): number {
  const held = load * factor
  return held < PERSON * DEAD_WEIGHT_FACTOR
    ? held / DEAD_WEIGHT_FACTOR
    : Math.max(held / PERSON_FACTOR, HARDLY_A_PERSON * PERSON)
}
/** A little under what may be a person. */
const HARDLY_A_PERSON = 0.98

/**
 * Somebody or something hangs.
 * @param factor holding force over pull as the load comes on; 99 of 100 are above it @param load kg
 * @param later share that holds at first and lets go of it before its time, as air leaks in
 */
export function mayLetGo(what: string, factor: number, load: number, step: string, later = 0): Caution {
  const person = load >= PERSON
  const wanted = wantedFactor(load)
  return {
    id: 'lets-go',
    step,
    severity: factor < wanted || person || later >= HARM_RAISES ? 'raised' : 'usual',
    covers: ['load'],
    hazard: say`${what} can let go without warning: in 99 of 100 it holds at least ${asNumber(factor, 2, 'below')} times
      the pull of
      ${asMass(load)}${
        factor < wanted ? `, and ${wanted} is the least for ${person ? 'what may be a person' : 'a dead weight'}` : ''
      }.${
        later >= 0.005
          ? ` That is as the load comes on: air leaks in, and in ${Math.round(later * 100)} of 100 it lets go before ` +
            'it is taken off.'
          : ''
      }`,
    control:
      `${person && factor < wanted ? 'No person on it: a dead weight, close to the floor. ' : ''}Proof ` +
      'load first, twice what will hang on it; a fall of a hand’s breadth at most, soft floor; a loose ' +
      'strap as second hold; feet clear, nobody behind those who pull.',
    number: {
      name: 'holds, times the pull, 99 of 100',
      value: factor,
      quantity: 'count',
      units: ['1', '1'],
      raisedFrom: wanted,
    },
  }
}

/** Lifting something by hand, for whom. @param mass kg @param from youngest that performs it */
export function liftedByHand(mass: number, from: number, most: number, step: string): Caution | undefined {
  if (mass < most / 2) return undefined
  return {
    id: 'lift',
    step,
    severity: mass > most ? 'raised' : 'usual',
    covers: ['load'],
    hazard: say`${asMass(mass)} is lifted by hand, by people from ${from} years on.`,
    control:
      mass > most
        ? say`More than ${asMass(most, { digits: 3 })}: adults only, straight back, two people.`
        : 'Straight back; feet clear.',
    number: { name: 'mass', value: mass, quantity: 'mass', units: ['kg', 'lb'], raisedFrom: most },
  }
}

/** A bang. @param level dB at the first row, 99 of 100 */
export const bang = (level: number, step: string): Caution => ({
  id: 'bang',
  step,
  severity: level > LOUD ? 'raised' : 'usual',
  covers: [],
  hazard: `A bang of up to ${Math.round(level)} dB at the first row, and more beside it.`,
  control:
    'Say so beforehand; ear protection for the presenter, hands on ears for the rest; who startles ' +
    'badly, or wears a hearing aid, sits at the back.',
  number: {
    name: 'level at the first row, 99 of 100',
    value: level,
    quantity: 'level',
    units: ['dB', 'dB'],
    raisedFrom: LOUD,
  },
})
