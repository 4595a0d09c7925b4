/** What is carried, spilt and sharp. */
import type { Caution } from './caution'
import { LIFT_ADULT } from './limits'
import { asMass, asVolume, say } from '../sentence'

/** Folded sheet metal. */
export const sharpFolds = (step: string): Caution => ({
  id: 'edges',
  step,
  severity: 'usual',
  covers: ['heat'],
  hazard: 'Crushed metal has sharp folds and holds hot water.',
  control:
    'Let it cool; cut-proof gloves; open it slowly and let air in before anything else; afterwards ' +
    'into the scrap metal, edges taped.',
})

/** Somebody carries it. @param mass kg with what is in it, at its heaviest @param what "The drum with its water" */
export function heavy(what: string, mass: number, step: string): Caution | undefined {
  if (mass < LIFT_ADULT / 3) return undefined
  return {
    id: 'heavy',
    step,
    severity: mass > LIFT_ADULT ? 'raised' : 'usual',
    covers: ['load'],
    hazard: say`${what}: ${asMass(mass)} to move.`,
    control:
      mass > LIFT_ADULT
        ? 'Two or more people or a trolley, rehearsed cold; never carried hot and full; closed shoes.'
        : 'Rehearsed cold; closed shoes; never carried hot and full.',
    number: { name: 'mass', value: mass, quantity: 'mass', units: ['kg', 'lb'], raisedFrom: LIFT_ADULT },
  }
}

/** Water on the floor. @param volume m3 that may come down */
export const wetFloor = (volume: number, step: string): Caution => ({
  id: 'wet',
  step,
  severity: volume > 5e-3 ? 'raised' : 'usual',
  covers: [],
  hazard: say`${asVolume(volume)} of water may end on the floor: it gets slippery, and plugs and laptops get wet.`,
  control:
    'Tray or tub; mop at hand; cables, sockets and heaters’ switches dry and off the floor; a ' +
    'residual-current device for what is plugged in.',
})
